import { LEVELS, type Finding, type Reading } from '../documents/reading';
import { rigSchema, type Rig } from '../documents/rig';
import { findingWords, patchWords } from '../words/findings';
import { METRIC_SAY } from '../words/say';
import { evaluate, type Evaluation } from './evaluate';
import { cutFindings } from './findings/cut';
import type { Draft, Patch } from './findings/draft';
import { modelFindings } from './findings/model';
import { powerFindings } from './findings/power';
import { wireFindings } from './findings/wire';
import { merge } from './merge';
import { toReading } from './reading';

const FINDERS = [powerFindings, wireFindings, cutFindings, modelFindings];
const MOST_FIXES = 2;
const MOST_TRIES = 8;

/** The findings of an evaluation, the worst first, without words. */
export function drafts(e: Evaluation): Draft[] {
  const found = FINDERS.flatMap((f) => f(e)).filter((d): d is Draft => d !== null);
  return found.sort((a, b) => LEVELS.indexOf(a.level) - LEVELS.indexOf(b.level));
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
    fixes: fixesOf(rig, draft, found).map((patch) => ({ patch, text: patchWords(patch, rig, METRIC_SAY) })),
  }));
  return { reading, evaluation: e };
}

/** Patches of a draft that, merged and solved, remove it and bring no new finding of its level or worse. */
function fixesOf(rig: Rig, draft: Draft, found: readonly Draft[]): Finding['fixes'][number]['patch'][] {
  if (!draft.tries) return [];
  const proven: Finding['fixes'][number]['patch'][] = [];
  let tried = 0;
  for (const patch of draft.tries()) {
    if (!patch || tried++ >= MOST_TRIES) continue;
    if (removes(rig, patch, draft, found)) proven.push({ ...patch });
    if (proven.length === MOST_FIXES) break;
  }
  return proven;
}

function removes(rig: Rig, patch: Patch, draft: Draft, found: readonly Draft[]): boolean {
  const patched = rigSchema.safeParse(merge(rig, patch));
  if (!patched.success) return false;
  const rank = LEVELS.indexOf(draft.level);
  const before = new Set(found.map((d) => d.code));
  return drafts(evaluate(patched.data)).every(
    (d) => d.code !== draft.code && (before.has(d.code) || LEVELS.indexOf(d.level) > rank),
  );
}
