import type { FindingFigures, ReadingFigures } from '../documents/reading';
import type { Rig } from '../documents/rig';
import { drafts, figuresOf } from './drafts';
import { evaluate } from './evaluate';
import { fixesOf, type ProvenFix } from './fixes';
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
  const findings = found.map((draft) => {
    const { code, level, values } = figuresOf(draft);
    return { code, level, values, fixes: fixesOf(draft, found, e, spares).map(written) };
  });
  return { reading: { ...toReading(e), findings }, evaluation: e };
}

type Fix = { -readonly [K in keyof FindingFigures['fixes'][number]]: FindingFigures['fixes'][number][K] };

/** A proven fix as a reading has it: what it worsens and what it takes only where there is some. */
function written({ patch, worsens, uses }: ProvenFix): Fix {
  const fix: Fix = { patch: { ...patch } };
  if (worsens.length > 0) fix.worsens = [...worsens];
  if (uses !== null) fix.uses = uses;
  return fix;
}
