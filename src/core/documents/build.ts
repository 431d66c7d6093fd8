import { z } from 'zod';
import { ARM_MATERIALS } from '../catalog/armMaterials';
import { between, known, overZero } from './fields';
import type { BuiltAs } from './jobKinds';
import { LOOP_SHAPES } from './loopShapes';

const size = between(1, 20000);
const thin = between(0.5, 500);

/** The section of an arm; `thickMm` lies the way that it bends. */
const section = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('bar'), widthMm: thin, thickMm: thin }),
  z.strictObject({ kind: z.literal('tube'), outerMm: thin, innerMm: between(0, 500).default(0) }),
]);
/** An arm: reach from its root to the wire, and how far it is bent in before the wire is hung on; null: stiff, the rig's take-up pulls. */
const arm = {
  material: z.enum(ARM_MATERIALS),
  section,
  reachMm: size,
  gapMm: known(between(0, 2000)),
};
/** [along the feed, across it, thickness] of a board. */
const board = z.tuple([size, size, between(1, 200)]);
const bolt = overZero(30).default(5);

/** The sizes that a cutter is built to, by what kind it is. */
export const buildSizesSchema = z.discriminatedUnion('kind', [
  z.strictObject({
    kind: z.literal('table'),
    boardMm: board,
    /** Height of the post over the board, and room under it. */
    postMm: size,
    underMm: between(10, 2000).default(60),
    boltMm: bolt,
    ...arm,
  }),
  z.strictObject({
    kind: z.literal('slicer'),
    boardMm: board,
    supportsMm: size,
    by: z.enum(['spacers', 'screw']).default('spacers'),
    boltMm: bolt,
  }),
  z.strictObject({ kind: z.literal('bow'), boltMm: bolt, ...arm }),
  z.strictObject({
    kind: z.literal('loop'),
    shape: z.enum(LOOP_SHAPES),
    loopMm: size,
    depthMm: size,
    handleMm: between(50, 1000).default(120),
  }),
]);
export type BuildSizes = z.infer<typeof buildSizesSchema>;
export type BuildOf<K extends BuiltAs> = Extract<BuildSizes, { kind: K }>;
export type ArmSection = z.infer<typeof section>;

/** Sizes that contradict each other: where, and the rule. */
export function buildFaults(of: BuildSizes): [(string | number)[], string][] {
  return 'section' in of && of.section.kind === 'tube' && of.section.innerMm >= of.section.outerMm
    ? [[['of', 'section', 'innerMm'], 'must be less than outerMm']]
    : [];
}
