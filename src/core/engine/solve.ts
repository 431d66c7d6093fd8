import type { Reading } from '../documents/reading';
import type { Rig } from '../documents/rig';
import { findingWords } from '../words/findings';
import { fixWords } from '../words/fixes';
import { METRIC_SAY } from '../words/say';
import { drafts } from './drafts';
import { evaluate, type Evaluation } from './evaluate';
import { fixesOf } from './fixes';
import { toReading } from './reading';
import type { Spares } from './spares';

export { drafts } from './drafts';

/** The reading of a rig, with findings and their proven fixes. Pure; the rig is not changed. */
export function solve(rig: Rig, spares: Spares | null = null): Reading {
  return solveWhole(rig, spares).reading;
}

/** The reading of a rig beside the evaluation it was written from. `spares`: what lies in the drawer, for fixes that take it. */
export function solveWhole(
  rig: Rig,
  spares: Spares | null = null,
): { reading: Reading; evaluation: Evaluation } {
  const e = evaluate(rig);
  const found = drafts(e);
  const reading = toReading(e);
  reading.findings = found.map((draft) => ({
    code: draft.code,
    level: draft.level,
    values: { ...draft.values },
    text: findingWords(draft.code, draft.values, METRIC_SAY).text,
    fixes: fixesOf(rig, draft, found, e, spares).map(({ patch, worsens, uses }) => {
      const fix = {
        patch: { ...patch },
        ...(worsens.length > 0 && { worsens: [...worsens] }),
        ...(uses !== null && { uses }),
      };
      return { ...fix, text: fixWords(fix, rig, METRIC_SAY) };
    }),
  }));
  return { reading, evaluation: e };
}
