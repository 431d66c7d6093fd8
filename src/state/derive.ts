import type { Rig } from '@/core/documents/rig';
import type { Reading } from '@/core/documents/reading';
import type { Evaluation } from '@/core/engine/evaluate';
import { solveWhole } from '@/core/engine/solve';
import type { Tuning } from '@/core/engine/tune';
import { tuned } from '@/core/engine/tuned';

/** Everything that follows from a rig and its tuning; worked out once for each document and never stored. */
export interface Derived {
  readonly rig: Rig;
  readonly reading: Reading;
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
