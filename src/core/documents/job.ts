import { z } from 'zod';
import { buildFaults, buildSizesSchema } from './build';
import { CUTTERS } from './cutters';
import { between, known, overZero } from './fields';
import { builtAs, jobsOf, type JobKind } from './jobKinds';
import { block, common, size, some, type JobFault } from './jobParts';
import { rigSchema, type Rig } from './rig';
import { combFaults, combJob, coreJob, outlineFaults, outlineJob, turnedFaults, turnedJob } from './towerJobs';
import { strips, disc, cutout, groove, segments } from './cutJobs';

/** Sheets off a block under a wire that lies level: how thick, and what carries the wire. */
const sheets = z.strictObject({
  ...common,
  kind: z.literal('sheets'),
  blockMm: block,
  sheetMm: between(0.3, 1000),
  count: some,
  skinsMm: between(0, 500).default(0),
  by: z.discriminatedUnion('kind', [
    /** Height of the spacers at hand; null: what the program says is made up. */
    z.strictObject({
      kind: z.literal('spacers'),
      heightMm: known(overZero(2000)),
      /** Thickness of one card of the stack that they are laid of: ten measured together, a tenth of it. */
      cardMm: known(between(0.01, 20)),
    }),
    /** Turns as they were given from the board; null: what the program says is set. */
    z.strictObject({ kind: z.literal('screw'), pitchMm: between(0.2, 10), turns: known(between(0, 10000)) }),
  ]),
  supportsMm: size,
  /** How much higher the wire stands at its left support than at its right. */
  endsDifferMm: between(-100, 100).default(0),
  toleranceMm: between(0.01, 20).default(0.2),
  /** Tilt of the board at which the block slides by itself, wire off: it tells the friction. */
  slidesAtDeg: known(between(0.1, 80)),
  /** Thickness of a test sheet at its corners: near left, near right, far left, far right. */
  cornersMm: known(z.tuple([overZero(1000), overZero(1000), overZero(1000), overZero(1000)])),
  /** Sheets of one setting laid together and gauged. */
  stack: known(
    z.strictObject({
      sheets: z.number().int().min(1).max(1000),
      heightMm: overZero(20000),
      /** How high the wire's underside stood over the board when they were cut; null: as it is set now. */
      underMm: known(overZero(2000)),
    }),
  ),
  /** Most that one sheet may weigh, g. */
  limitG: known(overZero(1e6)),
});

/** Building the cutter itself: sizes by its kind, from which its parts and holes follow. */
const build = z.strictObject({ ...common, kind: z.literal('build'), of: buildSizesSchema });

/** A job as kept beside its rig: the rig is laid in where it is worked out. */
export const ownJobSchema = z.discriminatedUnion('kind', [
  sheets,
  strips,
  disc,
  cutout,
  groove,
  segments,
  outlineJob,
  coreJob,
  turnedJob,
  combJob,
  build,
]);
export type OwnJob = z.infer<typeof ownJobSchema>;
export type JobOf<K extends JobKind> = Extract<OwnJob, { kind: K }>;

const rig = { rig: rigSchema };
/** `upwind-rod/job` version 1: what is to be made, on which rig. Sizes are of the finished part, mm. */
export const jobSchema = z
  .discriminatedUnion('kind', [
    sheets.extend(rig),
    strips.extend(rig),
    disc.extend(rig),
    cutout.extend(rig),
    groove.extend(rig),
    segments.extend(rig),
    outlineJob.extend(rig),
    coreJob.extend(rig),
    turnedJob.extend(rig),
    combJob.extend(rig),
    build.extend(rig),
  ])
  .superRefine((job, ctx) => {
    const issue = (path: (string | number)[], message: string) =>
      ctx.addIssue({ code: 'custom', path, message });
    const may = jobsOf(job.rig.frame);
    if (job.kind === 'build') {
      const as = builtAs(job.rig.frame);
      if (as === null) issue(['kind'], `no list of parts is planned for ${CUTTERS[job.rig.frame.kind].called}`);
      else if (job.of.kind !== as)
        issue(['of', 'kind'], `must be ${as}, for ${CUTTERS[job.rig.frame.kind].called}`);
    } else if (!may.includes(job.kind))
      issue(
        ['kind'],
        may.length > 0
          ? `must be one of: ${may.join(', ')}, for ${CUTTERS[job.rig.frame.kind].called}`
          : `no jobs are planned for ${CUTTERS[job.rig.frame.kind].called}`,
      );
    for (const [path, message] of faultsBetween(job)) issue(path, message);
    if (job.kind === 'core' && job.plan.rig && !sameRig(job.plan.rig, job.rig))
      issue(['plan', 'rig'], 'must be the rig of the job, or be left out');
    if ('tiltDeg' in job && job.rig.wire.lengthMm / Math.cos((job.tiltDeg * Math.PI) / 180) > 20000)
      issue(['tiltDeg'], 'must leave the tilted wire at most 20000 mm long');
  });
export type Job = z.infer<typeof jobSchema>;

/** Two rigs by what they are, read by one schema: their keys stand in one order. */
const sameRig = (a: Rig, b: Rig) => JSON.stringify(a) === JSON.stringify(b);

/** Sizes of a job that contradict each other: where, and the rule. */
export function faultsBetween(job: OwnJob): JobFault[] {
  if (job.kind === 'build') return buildFaults(job.of);
  if (job.kind === 'outline') return outlineFaults(job);
  if (job.kind === 'turned') return turnedFaults(job);
  if (job.kind === 'comb') return combFaults(job);
  if (job.kind === 'disc' && job.innerMm !== null && job.innerMm >= job.outerMm)
    return [[['innerMm'], 'must be less than outerMm']];
  if (job.kind === 'sheets' && job.skinsMm >= job.blockMm[2])
    return [[['skinsMm'], 'must be less than the block is high']];
  if (job.kind === 'segments')
    return job.lengthsMm.flatMap((l, i): JobFault[] =>
      l > job.blockMm[2] ? [[['lengthsMm', i], 'must be at most the length of the stock, blockMm[2]']] : [],
    );
  return [];
}
