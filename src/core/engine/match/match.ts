import type { Drawer, Weights } from '../../documents/drawer';
import type { MatchFigures, PairFigures, RefusalFigures, ToBuy } from '../../documents/match';
import type { Rig } from '../../documents/rig';
import { solve } from '../solve';
import { judge, type Refused } from './judge';
import { CandidateSet, type Pairing } from './pairing';
import { partsOf, scoreOf, type Parts } from './score';
import { screen } from './screen';
import { prepare } from './setting';

/** A working pairing, small enough to keep twenty thousand of. */
export interface Working {
  readonly at: Pairing;
  readonly setting: number | null;
  readonly parts: Parts;
  readonly load: number | null;
}
export interface NotWorking extends Refused {
  readonly at: Pairing;
}

/** All pairings of a drawer judged; each stands in one of the lists. */
export interface Judged {
  readonly drawn: CandidateSet;
  readonly working: readonly Working[];
  readonly refused: readonly NotWorking[];
}

/** How many pairings are judged between two reports. */
const BATCH = 200;
/** How many pairs are given their reading. */
export const WITH_READING = 50;

/**
 * Judges every pairing of a drawer, reporting after each batch how many are done; the caller may stop between two. Cheap
 * bounds first, the whole solve for what they leave.
 */
export function* judgeAll(drawer: Drawer): Generator<{ done: number; total: number }, Judged> {
  const drawn = new CandidateSet(drawer);
  const working: Working[] = [];
  const refused: NotWorking[] = [];
  let done = 0;
  for (const at of drawn.pairings()) {
    const ready = prepare(drawn, at);
    const verdict = screen(ready) ?? judge(ready);
    if (verdict.ok)
      working.push({
        at,
        setting: verdict.setting,
        parts: partsOf(verdict.evaluation),
        load: verdict.evaluation.load.share,
      });
    else refused.push({ at, ...verdict });
    if (++done % BATCH === 0) yield { done, total: drawn.total };
  }
  return { drawn, working, refused };
}

/** Working pairings, best first; of equal score the first in the drawer's order. */
export function ranked(working: readonly Working[], weights: Weights | null): { w: Working; score: number }[] {
  return working
    .map((w, i) => ({ w, score: scoreOf(w.parts, weights), i }))
    .sort((a, b) => b.score - a.score || a.i - b.i);
}

/** One working pairing as the document has it. */
export function pairOf(d: CandidateSet, w: Working, score: number, withReading: boolean): PairFigures {
  const plain = d.rig(w.at, w.setting);
  const rig = { ...plain, name: d.nameOf(w.at), from: originsOf(plain) };
  const buy = toBuy(d, w.at);
  return {
    wire: d.wire(w.at).name,
    supply: d.supply(w.at).name,
    control: rig.control,
    lengthMm: d.lengthMm(w.at),
    score,
    parts: w.parts,
    rig,
    reading: withReading ? solve(rig) : null,
    ...(buy.length > 0 ? { buy } : {}),
  };
}

/** Where a pairing's values came from: the supply's label, the wire's measured ohms. */
function originsOf(rig: Rig): Rig['from'] {
  return {
    'supply.volts': 'label',
    ...(rig.supply.maxAmps === null ? {} : { 'supply.maxAmps': 'label' }),
    ...(rig.wire.measuredOhm === null ? {} : { 'wire.measuredOhm': 'measured' }),
  };
}

/** One refused pairing as the document has it, its text not yet written. */
export function refusalOf(d: CandidateSet, r: NotWorking): RefusalFigures {
  const { kind } = d.control(r.at);
  return {
    wire: d.wire(r.at).name,
    supply: d.supply(r.at).name,
    control: { kind, setting: r.setting },
    lengthMm: d.lengthMm(r.at),
    code: r.code,
    values: r.values,
  };
}

/** What a pairing still wants: metres that the spool lacks, a supply or control not in hand. */
export function toBuy(d: CandidateSet, at: Pairing): ToBuy[] {
  const wire = d.wire(at);
  const supply = d.supply(at);
  const control = d.control(at);
  const list: ToBuy[] = [];
  const metres = d.lengthMm(at) / 1000 - (wire.metres ?? Infinity);
  if (metres > 1e-9) {
    const cost = wire.pricePerM === null ? null : metres * wire.pricePerM;
    list.push({ what: 'wire', name: wire.name, metres, cost });
  }
  if (!supply.have) list.push({ what: 'supply', name: supply.name, metres: null, cost: supply.price });
  if (!control.have)
    list.push({ what: 'control', name: control.name || control.kind, metres: null, cost: control.price });
  return list;
}

/** Finishes a judgement as the open document. */
export function written({ drawn, working, refused }: Judged): MatchFigures {
  return {
    format: 'upwind-rod/match',
    version: 1,
    pairs: ranked(working, drawn.drawer.weights).map(({ w, score }, i) =>
      pairOf(drawn, w, score, i < WITH_READING),
    ),
    refused: refused.map((r) => refusalOf(drawn, r)),
  };
}

/** Matches a drawer in one go: every pairing, best first, and every refusal with its reason. */
export function match(drawer: Drawer): MatchFigures {
  const run = judgeAll(drawer);
  let step = run.next();
  while (!step.done) step = run.next();
  return written(step.value);
}
