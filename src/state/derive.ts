import type { Rig } from '@/core/documents/rig';
import type { ReadingFigures } from '@/core/documents/reading';
import { solveWhole } from '@/core/engine/solve';
import type { Tuning } from '@/core/engine/tune';
import { tuned } from '@/core/engine/tuned';
import type { Evaluation } from '@/core/engine/evaluation';

/** Everything that follows from a rig and its tuning; worked out once for each document and never stored. */
export interface Derived {
  readonly rig: Rig;
  readonly reading: ReadingFigures;
  readonly evaluation: Evaluation;
}

const kept = new WeakMap<Rig, { tuning: Tuning | null; derived: Derived }>();

export function derive(doc: Rig, tuning: Tuning | null): Derived {
  const was = kept.get(doc);
  if (was && was.tuning === tuning) return was.derived;
  const rig = tuned(doc, tuning);
  const derived = { rig, ...solveWhole(rig) };
  kept.set(doc, { tuning, derived });
  return derived;
}
