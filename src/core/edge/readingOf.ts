import type { Reading } from '../documents/reading';
import type { Rig } from '../documents/rig';
import { solve } from '../engine/solve';
import type { Spares } from '../engine/spares';
import { toldReading } from '../words/told';

/** The reading of a rig as a document, with its texts. `spares`: what lies in the drawer, for fixes that take it. */
export const readingOf = (rig: Rig, spares: Spares | null = null): Reading =>
  toldReading(solve(rig, spares), rig);
