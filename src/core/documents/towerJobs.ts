import { z } from 'zod';
import { between, overZero } from './fields';
import { block, common, point, type JobFault } from './jobParts';
import { axisSchema, machineSchema, type Machine } from './machine';
import { piecePlanSchema } from './plan';
import { rigSchema } from './rig';

/** Kinds of job that motor towers do. */
export const TOWER_KINDS = ['outline', 'core', 'turned', 'comb'] as const;
export type TowerKind = (typeof TOWER_KINDS)[number];
export const isTowerKind = (kind: string): kind is TowerKind =>
  (TOWER_KINDS as readonly string[]).includes(kind);

const machine = machineSchema.prefault({ format: 'upwind-rod/machine', version: 1 });
/** How far the wire stays off the block in the air. */
const marginMm = between(1, 500).default(10);
const toleranceMm = between(0.05, 20).default(0.5);
/** Most points of an outline's loops together. */
export const MOST_OUTLINE_POINTS = 40_000;
const loop = z.array(point).min(3).max(20_000);
/** Parts out of a block by motor towers: closed loops, a loop inside another is its hole. x runs along the feed, y up, from the front lower edge. */
export const outlineJob = z.strictObject({
  ...common,
  kind: z.literal('outline'),
  loops: z.array(loop).min(1).max(400),
  blockMm: block,
  /** Where the wire comes in, outside the block; null: before its front face, half-way up. */
  entry: point.nullable().default(null),
  /** Also how far parts that are laid out stay off the block's faces. */
  marginMm,
  /** Slits that are wanted elsewhere than the shortest ones: each from near one place to near another. */
  slits: z
    .array(z.strictObject({ from: point, to: point }))
    .max(400)
    .nullable()
    .default(null),
  /** Parts laid out: which loops, turned about the middle of their box by so much, the box's lower left corner at; null: as they are drawn. */
  parts: z
    .array(
      z.strictObject({
        loops: z.array(z.number().int().min(0).max(399)).min(1).max(400),
        at: point,
        turnDeg: between(-360, 360).default(0),
        mirrored: z.boolean().default(false),
      }),
    )
    .min(1)
    .max(200)
    .nullable()
    .default(null),
  toleranceMm,
  machine,
});

/** A core with a root and a tip, its plan led by towers: the block is the plan's blank, and its templates are not used. */
export const coreJob = z.strictObject({
  ...common,
  kind: z.literal('core'),
  /** A rig in it must be the job's own; it may be left out. */
  plan: piecePlanSchema.extend({ rig: rigSchema.optional() }),
  /** On which tower's side the root lies. */
  rootAt: z.enum(['left', 'right']).default('left'),
  marginMm,
  machine,
});

/** Sides that a piece may be cut from, the same angle apart. */
export const SIDES = [2, 3, 4, 6, 8] as const;
const profile = z
  .array(z.tuple([between(0, 20000), between(0, 5000)]))
  .min(2)
  .max(2000);
/** A piece turned on a spindle between cuts of one profile, or of two by turns: [along the spindle, distance from its axis]. The spindle runs along the feed, through the middle of the block. */
export const turnedJob = z.strictObject({
  ...common,
  kind: z.literal('turned'),
  profile,
  sides: z.literal(SIDES, { error: 'must be 2, 3, 4, 6 or 8' }).default(4),
  /** Profile of every second side of a piece with four; null: the same. */
  sideProfile: profile.nullable().default(null),
  blockMm: block,
  /** By how much the wire's zero stands above the spindle's axis, from a test cut of known size. */
  zeroMm: between(-100, 100).default(0),
  /** What holds the block at its ends reaches so far from the axis. */
  spindleMm: overZero(500).default(8),
  marginMm,
  toleranceMm,
  machine,
});

/** Test cuts in one program: so many slots, each at its own feed. */
export const combJob = z.strictObject({
  ...common,
  kind: z.literal('comb'),
  /** Feeds of the slots from below; null: spread over the window. */
  feedsMmS: z.array(between(0.05, 200)).min(2).max(12).nullable().default(null),
  slots: z.number().int().min(2).max(12).default(5),
  depthMm: between(5, 2000).default(60),
  blockMm: block,
  marginMm,
  machine,
});

/** Sizes of an outline job that contradict each other. */
export function outlineFaults(job: z.infer<typeof outlineJob>): JobFault[] {
  const points = job.loops.reduce((sum, l) => sum + l.length, 0);
  if (points > MOST_OUTLINE_POINTS)
    return [[['loops'], `must have at most ${MOST_OUTLINE_POINTS} points together`]];
  return (job.parts ?? []).flatMap((part, i): JobFault[] =>
    part.loops.some((l) => l >= job.loops.length)
      ? [[['parts', i, 'loops'], `must name loops 0 to ${job.loops.length - 1}`]]
      : [],
  );
}

export function turnedFaults(job: z.infer<typeof turnedJob>): JobFault[] {
  const [long, wide, high] = job.blockMm;
  const out: JobFault[] = [];
  for (const key of ['profile', 'sideProfile'] as const) {
    const points = job[key];
    points?.forEach(([along, radius], i) => {
      if (along > long) out.push([[key, i, 0], 'must lie within the block, blockMm[0]']);
      if (i > 0 && along < points[i - 1]![0]) out.push([[key, i, 0], 'must not be before the point before it']);
      if (radius > Math.min(wide, high) / 2)
        out.push([[key, i, 1], 'must be at most half the block, blockMm[1] and blockMm[2]']);
    });
    if (points && points.at(-1)![0] - points[0]![0] < 1) out.push([[key], 'must be at least 1 mm long']);
  }
  if (job.sideProfile && job.sides !== 4) out.push([['sideProfile'], 'needs four sides']);
  // Turned by hand nothing says how the block stands: only a square one looks alike after a quarter.
  if (job.machine.turn === null && !(wide === high && (job.sides === 2 || job.sides === 4)))
    out.push([
      ['machine', 'turn'],
      'must name the turning axis; by hand only a square block of two or four sides is turned',
    ]);
  return out.slice(0, 20);
}

export function combFaults(job: z.infer<typeof combJob>): JobFault[] {
  if (job.depthMm > job.blockMm[0] - 5) return [[['depthMm'], 'must leave 5 mm of the block, blockMm[0]']];
  return [];
}

/** A machine with a turning axis, as a new turned piece has it. */
export const withTurn = (m: Machine): Machine =>
  m.turn
    ? m
    : {
        ...m,
        turn: 'A',
        axes: {
          ...m.axes,
          A: axisSchema.parse({
            stepsPerMm: 8.889,
            minMm: -3600,
            maxMm: 3600,
            maxMmS: 60,
            accelMmS2: 200,
            home: null,
          }),
        },
      };
