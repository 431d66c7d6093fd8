import type { Finding, Level, Reading } from '../documents/reading';
import { SETTING_LIMITS, type ControlKind } from '../documents/controlKinds';
import type { Rig } from '../documents/rig';
import { findingWords, patchWords } from '../words/findings';
import { METRIC_SAY } from '../words/say';
import { evaluate, heldAnew, type Evaluation } from './evaluate';
import { cutFindings } from './findings/cut';
import type { Draft, Patch } from './findings/draft';
import { modelFindings } from './findings/model';
import { powerFindings } from './findings/power';
import { tensionFindings } from './findings/tension';
import { wireFindings } from './findings/wire';
import { wiringFindings } from './findings/wiring';
import { merge } from './merge';
import { toReading } from './reading';

const FINDERS = [powerFindings, wiringFindings, wireFindings, tensionFindings, cutFindings, modelFindings];
const HELD_FINDERS = [wiringFindings, tensionFindings];
const WIRED_FINDERS = [wiringFindings];
/** How many patches are tried for a finding, by its level. */
const MOST_TRIES = { stop: 3, fix: 2, note: 1 } as const;

const RANK = { stop: 0, fix: 1, note: 2 } as const satisfies Record<Level, number>;

/** The findings of an evaluation, the worst first, without words. */
export function drafts(e: Evaluation): Draft[] {
  const sorted: Draft[][] = [[], [], []];
  for (const finder of FINDERS) for (const d of finder(e)) if (d) sorted[RANK[d.level]]!.push(d);
  return sorted.flat();
}

/** The reading of a rig, with findings and their proven fixes. Pure; the rig is not changed. */
export function solve(rig: Rig): Reading {
  return solveWhole(rig).reading;
}

/** The reading of a rig beside the evaluation it was written from. */
export function solveWhole(rig: Rig): { reading: Reading; evaluation: Evaluation } {
  const e = evaluate(rig);
  const found = drafts(e);
  const reading = toReading(e);
  reading.findings = found.map((draft) => ({
    code: draft.code,
    level: draft.level,
    values: { ...draft.values },
    text: findingWords(draft.code, draft.values, METRIC_SAY).text,
    fixes: fixesOf(rig, draft, found, e).map((patch) => ({ patch, text: patchWords(patch, rig, METRIC_SAY) })),
  }));
  return { reading, evaluation: e };
}

/** Patches of a draft that, merged and solved, remove it and bring no new finding of its level or worse. */
function fixesOf(
  rig: Rig,
  draft: Draft,
  found: readonly Draft[],
  near: Evaluation,
): Finding['fixes'][number]['patch'][] {
  // A note waits for its fix until nothing worse stands: what is worse is mended first, and changes it.
  if (!draft.tries || (draft.level === 'note' && found[0]!.level !== 'note')) return [];
  const proven: Finding['fixes'][number]['patch'][] = [];
  let tried = 0;
  for (const patch of draft.tries()) {
    if (!patch) continue;
    if (tried++ >= MOST_TRIES[draft.level]) break;
    if (removes(rig, patch, draft, found, near)) proven.push({ ...patch });
    if (proven.length === (draft.most ?? 1)) break;
  }
  return proven;
}

function removes(rig: Rig, patch: Patch, draft: Draft, found: readonly Draft[], near: Evaluation): boolean {
  if (!legal(rig, patch)) return false;
  const patched = merge(rig, patch);
  // What no current flows by changes no heat: only the wiring, and the pull where that is touched, are looked at again.
  const cold = coldPatch(patch);
  const held = cold && patch['tension'] !== undefined;
  const e = held
    ? heldAnew(near, patched)
    : cold
      ? { ...near, s: { ...near.s, rig: patched } }
      : evaluate(patched);
  for (const finder of held ? HELD_FINDERS : cold ? WIRED_FINDERS : FINDERS) {
    for (const d of finder(e)) {
      if (!d) continue;
      if (d.code === draft.code) return false;
      if (RANK[d.level] <= RANK[draft.level] && !found.some((was) => was.code === d.code)) return false;
    }
  }
  return true;
}

/** Whether a patch names only fuse, switch, how the wire is held and the frame's material. A test holds it to the plain way. */
function coldPatch(patch: Patch): boolean {
  return Object.entries(patch).every(
    ([group, part]) =>
      (group === 'leads' && Object.keys(part as object).every((k) => k === 'fuseA' || k === 'switchA')) ||
      group === 'tension' ||
      (group === 'frame' && Object.keys(part as object).every((k) => k === 'material')),
  );
}

/** The schema's limits of the values that fixes may change; the whole schema is checked by a test. */
function legal(rig: Rig, patch: Patch): boolean {
  const { control, wire, cut, tension } = patch as {
    [K in 'control' | 'wire' | 'cut' | 'tension']?: Record<string, number | null>;
  };
  const within = (x: number | null | undefined, lo: number, hi: number) => x == null || (x >= lo && x <= hi);
  const dial = SETTING_LIMITS[(control?.['kind'] as unknown as ControlKind | undefined) ?? rig.control.kind];
  return (
    (control?.['setting'] === undefined || (dial !== null && within(control['setting'], dial[0], dial[1]))) &&
    within(wire?.['lengthMm'], 1, 20000) &&
    within(wire?.['diameterMm'], 0.02, 5) &&
    within(cut?.['feedMmS'], 0.01, 1000) &&
    within(tension?.['setN'], 0, 5000)
  );
}
