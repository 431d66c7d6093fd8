import type { Finding, Level, Reading } from '../documents/reading';
import { SETTING_LIMITS } from '../documents/controlKinds';
import type { Rig } from '../documents/rig';
import { findingWords, patchWords } from '../words/findings';
import { METRIC_SAY } from '../words/say';
import { evaluate, type Evaluation } from './evaluate';
import { cutFindings } from './findings/cut';
import type { Draft, Patch } from './findings/draft';
import { modelFindings } from './findings/model';
import { powerFindings } from './findings/power';
import { wireFindings } from './findings/wire';
import { wiringFindings } from './findings/wiring';
import { merge } from './merge';
import { toReading } from './reading';

const FINDERS = [powerFindings, wiringFindings, wireFindings, cutFindings, modelFindings];
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
  // What no current flows by changes no answer: only the wiring is looked at again.
  const cold = coldPatch(patch);
  const e = cold ? { ...near, s: { ...near.s, rig: patched } } : evaluate(patched);
  for (const finder of cold ? [wiringFindings] : FINDERS) {
    for (const d of finder(e)) {
      if (!d) continue;
      if (d.code === draft.code) return false;
      if (RANK[d.level] <= RANK[draft.level] && !found.some((was) => was.code === d.code)) return false;
    }
  }
  return true;
}

/** Whether a patch names only fuse, switch and the frame's material. A test holds it to the plain way. */
function coldPatch(patch: Patch): boolean {
  return Object.entries(patch).every(
    ([group, part]) =>
      (group === 'leads' && Object.keys(part as object).every((k) => k === 'fuseA' || k === 'switchA')) ||
      (group === 'frame' && Object.keys(part as object).every((k) => k === 'material')),
  );
}

/** The schema's limits of the four values that fixes may change; the whole schema is checked by a test. */
function legal(rig: Rig, patch: Patch): boolean {
  const { control, wire, cut } = patch as { [K in 'control' | 'wire' | 'cut']?: Record<string, number | null> };
  const within = (x: number | null | undefined, lo: number, hi: number) => x == null || (x >= lo && x <= hi);
  const dial = SETTING_LIMITS[rig.control.kind];
  return (
    (control?.['setting'] === undefined || (dial !== null && within(control['setting'], dial[0], dial[1]))) &&
    within(wire?.['lengthMm'], 1, 20000) &&
    within(wire?.['diameterMm'], 0.02, 5) &&
    within(cut?.['feedMmS'], 0.01, 1000)
  );
}
