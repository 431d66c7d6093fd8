import { SETTING_LIMITS, type ControlKind } from '../documents/controlKinds';
import type { FindingCode } from '../documents/reading';
import type { Rig } from '../documents/rig';
import { handLed } from '../documents/rigDefaults';
import { draftsInTurn, FINDERS, RANK } from './drafts';
import { evaluate, heldAnew } from './evaluate';
import type { Draft, Finder, Patch } from './findings/draft';
import { tensionFindings } from './findings/tension';
import { fuseMissing, switchMissing, wiringFindings } from './findings/wiring';
import { merge } from './merge';
import { spareTries, type Spares } from './spares';
import type { Evaluation } from './evaluation';

const HELD_FINDERS: readonly Finder[] = [wiringFindings, tensionFindings];
const WIRED_FINDERS: readonly Finder[] = [wiringFindings];
/** What a fuse and a switch decide, and all that they decide. A test holds it to the plain way. */
const GUARDS: Partial<Record<FindingCode, (rig: Rig) => boolean>> = {
  'no-switch': switchMissing,
  'no-fuse': fuseMissing,
};

/** How many patches are tried for a finding, by its level, and how many proven ones are given at most. */
const MOST_TRIES = { stop: 8, fix: 5, note: 1 } as const;
const MOST_FIXES = 3;
/** More wire than this many times what the frame takes now, or than this, mm, is another cutter. Ours. */
const MORE_WIRE = 1.5;
const LONGEST_MM = 4000;
/** Room that a frame built for the foam has beyond it, mm. */
const ROOM_MM = 120;
/** No hand leads a cut faster, mm/s. Common practice, no source. */
export const HAND_MAX_FEED = 15;
/** A lesser finding counts as made worse when its measure grows by more than this share. */
const WORSE = 0.02;

/** A patch that was proven, with what of the lesser findings it makes worse, and the name of what it takes from the drawer. */
export interface ProvenFix {
  readonly patch: Patch;
  readonly worsens: readonly FindingCode[];
  readonly uses: string | null;
}

/** The value of a finding that grows as it gets worse. */
const MEASURE: Partial<Record<FindingCode, string>> = {
  'supply-overload': 'load', 'pulse-peak-overload': 'load', 'supply-near-limit': 'load', 'control-overload': 'load',
  'wire-overstressed': 'use', 'wire-stress-high': 'use', 'takes-a-set': 'yieldUse', 'bar-near-buckling': 'share',
  'spring-past-safe-load': 'pullN', 'wire-melts': 'wireC', 'wire-too-hot': 'wireC', glows: 'wireC', 'smokes-at-entry': 'wireC',
  'touch-voltage': 'volts', 'lead-overheats': 'amps', 'lead-loss-high': 'share', 'contact-loss-high': 'share',
  'lag-high': 'lagMm', 'wire-goes-slack': 'slackMm', 'feed-too-fast': 'reserve', 'feed-near-limit': 'reserve',
  'wide-slot': 'kerfMm', 'melt-back': 'kerfMm', 'fume-limit': 'foamC', 'take-up-short': 'growthMm',
}; // prettier-ignore

/** Findings that are the same trouble at rising levels. */
const FAMILIES: readonly (readonly FindingCode[])[] = [
  ['supply-near-limit', 'supply-overload', 'pulse-peak-overload'],
  ['control-overload'],
  ['takes-a-set', 'wire-stress-high', 'wire-overstressed'],
  ['feed-near-limit', 'feed-too-fast'],
  ['wide-slot', 'melt-back'],
  ['smokes-at-entry', 'fume-limit'],
  ['glows', 'wire-too-hot', 'wire-melts'],
  ['not-isolated', 'mains-direct'],
];
/** What leaves a rig that does not cut, or hardly: no fix may end there. */
const DEAD: ReadonlySet<FindingCode> = new Set(['wire-too-cold', 'cannot-start', 'heat-marginal']);
/** What smokes or glows is no way out of anything either. */
const HARMS: ReadonlySet<FindingCode> = new Set(['fume-limit', 'heat-too-high', 'glows']);

/** Patches of a draft that are proven to remove it and to make nothing worse; the gentlest kind first. */
export function fixesOf(
  draft: Draft,
  found: readonly Draft[],
  near: Evaluation,
  spares: Spares | null,
): ProvenFix[] {
  // A note waits for its fix until nothing worse stands: what is worse is mended first, and changes it.
  if (draft.level === 'note' && found[0]!.level !== 'note') return [];
  const proven: ProvenFix[] = [];
  const most = Math.min(MOST_FIXES, draft.most ?? 1);
  let tried = 0;
  for (const { patch, uses } of inOrder(draft, near, spares)) {
    if (tried++ >= MOST_TRIES[draft.level] + (spares ? spares.supplies.length + spares.wires.length : 0)) break;
    const worsens = proof(patch, draft, found, near);
    if (worsens) proven.push({ patch: { ...patch }, worsens, uses });
    if (proven.length === most) break;
  }
  return proven;
}

/** 0 a dial or a pull, 1 a feed, 3 a length, 4 something else to hang, wire or buy; what is in the drawer goes in at 2. */
export function kindOfPatch(patch: Patch): number {
  const wire = patch['wire'] as Record<string, unknown> | undefined;
  const tension = patch['tension'] as Record<string, unknown> | undefined;
  if (patch['leads'] || patch['frame'] || patch['supply'] || tension?.['kind'] || wire?.['diameterMm'])
    return 4;
  if (wire) return 3;
  return patch['cut'] ? 1 : 0;
}

function* inOrder(
  draft: Draft,
  near: Evaluation,
  spares: Spares | null,
): Iterable<{ patch: Patch; uses: string | null }> {
  let drawer = spares;
  for (const patch of draft.tries?.() ?? []) {
    if (!patch) continue;
    if (drawer && kindOfPatch(patch) > 1) {
      yield* spareTries(draft.code, near, drawer);
      drawer = null;
    }
    yield { patch, uses: null };
  }
  if (drawer) yield* spareTries(draft.code, near, drawer);
}

/** The lesser findings that a patch makes worse; null where it does not mend its finding, harms, or is not worth doing. */
function proof(patch: Patch, draft: Draft, found: readonly Draft[], near: Evaluation): FindingCode[] | null {
  const { rig } = near.s;
  if (!legal(rig, patch) || !buildable(rig, patch)) return null;
  const missing = GUARDS[draft.code];
  if (missing && guardOnly(patch)) return missing(merge(rig, patch)) ? null : [];
  // What no current flows by changes no heat: only the wiring, and the pull where that is touched, are looked at again.
  const cold = coldPatch(patch);
  const held = cold && patch['tension'] !== undefined;
  const e = held
    ? heldAnew(near, merge(rig, patch))
    : cold
      ? { ...near, s: { ...near.s, rig: merge(rig, patch) } }
      : solvedOnce(near, patch);
  if (!cold && !worthLeading(e, near)) return null;
  const worsens: Draft[] = [];
  for (const d of draftsInTurn(e, held ? HELD_FINDERS : cold ? WIRED_FINDERS : FINDERS)) {
    const before = found.find((f) => f.code === d.code);
    if (d.code === draft.code || lifted(d, found)) return null;
    if (!before && (RANK[d.level] <= RANK[draft.level] || DEAD.has(d.code))) return null;
    if (!before && d.level !== 'note' && HARMS.has(d.code)) return null;
    const grown = before ? growth(before, d) : Infinity;
    if (before && d.level === 'stop' && grown > 1e-9) return null;
    if (grown > WORSE && d.level !== 'note') worsens.push(d);
  }
  return worsens.sort((a, b) => RANK[a.level] - RANK[b.level]).map((d) => d.code);
}

/** Evaluations of patched rigs, by the evaluation of the rig as it is: two findings often try the same dial. */
const AGAIN = new WeakMap<Evaluation, Map<string, Evaluation>>();

function solvedOnce(near: Evaluation, patch: Patch): Evaluation {
  let solved = AGAIN.get(near);
  if (!solved) AGAIN.set(near, (solved = new Map()));
  const key = JSON.stringify(patch);
  let e = solved.get(key);
  if (!e) solved.set(key, (e = evaluate(merge(near.s.rig, patch))));
  return e;
}

/** Share by which a finding's measure has grown; 0 where it has none. */
function growth(before: Draft, after: Draft): number {
  const key = MEASURE[after.code];
  const [a, b] = key ? [before.values[key], after.values[key]] : [null, null];
  return typeof a === 'number' && typeof b === 'number' && a !== 0 ? b / a - 1 : 0;
}

/** Whether a finding stands at a worse level than the worst of its family did, where any of it did. */
function lifted(d: Draft, found: readonly Draft[]): boolean {
  const family = FAMILIES.find((f) => f.includes(d.code));
  let was = false;
  for (const f of found)
    if (family ? family.includes(f.code) : f.code === d.code) {
      if (RANK[f.level] <= RANK[d.level]) return false;
      was = true;
    }
  return was;
}

function worthLeading(e: Evaluation, near: Evaluation): boolean {
  if (!handLed(e.s.rig) || e.feed === null) return true;
  return e.feed * 1000 <= Math.max(HAND_MAX_FEED, (near.feed ?? 0) * 1000) * (1 + 1e-9);
}

function buildable(rig: Rig, patch: Patch): boolean {
  const mm = (patch['wire'] as { lengthMm?: number } | undefined)?.lengthMm;
  if (mm === undefined || mm <= rig.wire.lengthMm) return true;
  return mm <= Math.min(LONGEST_MM, MORE_WIRE * Math.max(rig.wire.lengthMm, rig.foam.widthMm + ROOM_MM));
}

/** Whether a patch names nothing but a fuse or a switch. */
function guardOnly(patch: Patch): boolean {
  return Object.entries(patch).every(([group, part]) => group === 'leads' && guards(part as object));
}

const guards = (leads: object) => Object.keys(leads).every((k) => k === 'fuseA' || k === 'switchA');

/** Whether a patch names only fuse, switch, how the wire is held and the frame's material. A test holds it to the plain way. */
function coldPatch(patch: Patch): boolean {
  return Object.entries(patch).every(
    ([group, part]) =>
      (group === 'leads' && guards(part as object)) ||
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
    (control?.['setting'] === undefined ||
      control['setting'] === null ||
      (dial !== null && within(control['setting'], dial[0], dial[1]))) &&
    within(wire?.['lengthMm'], 1, 20000) &&
    within(wire?.['diameterMm'], 0.02, 5) &&
    within(cut?.['feedMmS'], 0.01, handLed(rig) ? HAND_MAX_FEED : 1000) &&
    within(tension?.['setN'], 0, 5000)
  );
}
