import { z } from 'zod';
import { between, known } from './fields';
import { block, common, point, size, some } from './jobParts';
import { LOOP_SHAPES } from './loopShapes';

const tilt = between(-60, 60).default(0);

/** Strips of one width cut from a board along a fence. */
export const strips = z.strictObject({
  ...common,
  kind: z.literal('strips'),
  /** [along the cut, across the strips, thickness]. */
  boardMm: block,
  widthMm: size,
  tiltDeg: tilt,
  count: some,
  /** Gap between the faces when one half of a trial cut is flipped. */
  flipGapMm: known(between(0, 500)),
});

/** A disc or ring turned about a pin. */
export const disc = z.strictObject({
  ...common,
  kind: z.literal('disc'),
  /** Diameters. */
  outerMm: size,
  innerMm: known(size),
  thickMm: size,
  tiltDeg: tilt,
});

/** A hole cut out of a panel along a template. */
export const cutout = z.strictObject({
  ...common,
  kind: z.literal('cutout'),
  /** What is wanted: the block with its hole, or the piece that comes out. */
  keep: z.enum(['hole', 'piece']).default('hole'),
  outline: z.array(point).min(3).max(5000),
  thickMm: size,
});

/** A groove that a shaped loop is drawn along. */
export const groove = z.strictObject({
  ...common,
  kind: z.literal('groove'),
  shape: z.enum(LOOP_SHAPES),
  /** An own outline in place of the shape, closed, its top edge where the loop is open; it is fitted to the groove. */
  outline: known(z.array(point).min(3).max(5000)),
  widthMm: size,
  depthMm: size,
  lengthMm: size,
  /** Outer width of the loop at hand; null: one is bent that fills the groove in one pass. */
  loopMm: known(size),
  toleranceMm: between(0.01, 20).default(0.5),
});

/** Pieces of given lengths cut off a block by a falling wire. */
export const segments = z.strictObject({
  ...common,
  kind: z.literal('segments'),
  /** [thickness that the wire falls through, along the wire, length that is parted]. */
  blockMm: block,
  lengthsMm: z.array(size).min(1).max(500),
  /** Angle of each face from square; 180/n for a ring of n. */
  angleDeg: between(0, 45).default(0),
  turnOver: z.boolean().default(false),
  /** How far from square a cut is, as seen on a flipped half. */
  errorDeg: between(0, 10).default(0.1),
  /** How far the board is tipped so that the wire leans on its guides. */
  tipDeg: between(0, 10).default(0.9),
  /** Weight that falls: wire, bow and what hangs on it, g. */
  massG: between(1, 100000).default(900),
});
