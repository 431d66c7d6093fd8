import type { ReadingFigures } from '../documents/reading';
import type { Rig } from '../documents/rig';
import { drafts, figuresOf } from './drafts';
import { evaluate } from './evaluate';
import { fixesOf } from './fixes';
import { toReading } from './reading';
import type { Spares } from './spares';
import type { Evaluation } from './evaluation';

export { drafts } from './drafts';

/** The reading of a rig, with findings and their proven fixes. Pure; the rig is not changed. */
export function solve(rig: Rig, spares: Spares | null = null): ReadingFigures {
  return solveWhole(rig, spares).reading;
}

/** The reading of a rig beside the evaluation it was written from. `spares`: what lies in the drawer, for fixes that take it. */
export function solveWhole(
  rig: Rig,
  spares: Spares | null = null,
): { reading: ReadingFigures; evaluation: Evaluation } {
  const e = evaluate(rig);
  const found = drafts(e);
  const findings = found.map((draft) => ({
    ...figuresOf(draft),
    fixes: fixesOf(draft, found, e, spares).map(({ patch, worsens, uses }) => ({
      patch: { ...patch },
      ...(worsens.length > 0 && { worsens: [...worsens] }),
      ...(uses !== null && { uses }),
    })),
  }));
  return { reading: { ...toReading(e), findings }, evaluation: e };
}
