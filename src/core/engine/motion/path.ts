import type { TowerKind } from '../../documents/towerJobs';
import type { CoreDeviations, Deviation, What } from '../../documents/motion';
import type { Pt } from '../../numeric/polyline';
import type { Course } from './course';
import type { Cutting } from './cutting';
import type { Block, Played } from './play';
import type { Program } from './program';

/** The path of a job on motor towers, whatever its kind: moves, what each of them is, and what comes of them. Lengths mm. */
export interface JobPath {
  readonly kind: TowerKind;
  readonly program: Program;
  readonly what: readonly What[];
  readonly passOf: readonly number[];
  /** Comments of the code, each before the move of its number. */
  readonly notes: ReadonlyMap<number, string>;
  readonly played: Played;
  readonly cutting: Cutting;
  readonly block: Block;
  /** What is wanted, as it lies on the block: solids and holes, sections, a profile. */
  readonly loops: readonly (readonly Pt[])[];
  readonly kerfMm: number;
  readonly bridgesMm: number | null;
  readonly deviations: readonly Deviation[];
  /** Of a core: what its faces and its middle are off. */
  readonly core: CoreDeviations | null;
  /** Lines of the code's head that its kind adds. */
  readonly head: readonly string[];
}

/** What every kind's path takes over from its course. */
export const ofCourse = (c: Course) => ({ what: c.what, passOf: c.passOf, notes: c.notes });
