import { jobSchema, type Job } from '../../documents/job';
import { builtAs, jobsOf, type JobKind } from '../../documents/jobKinds';
import { FRAME_KINDS, type FrameKind, type Rig } from '../../documents/rig';
import { testRig } from '../testRigs';
import { TOWERS } from '../motion/testMotion';
import { worksheetOf } from './worksheet';

export const SLICER = testRig({
  frame: { kind: 'slicer' },
  wire: { alloy: 'nicr-80', diameterMm: 0.25, lengthMm: 500 },
  control: { kind: 'amps', setting: 1.35 },
  tension: { setN: 12 },
  foam: { kind: 'eps', densityKgM3: 15, widthMm: 300 },
  leads: { fuseA: 3, switchA: 5 },
});
export const TABLE = testRig({
  frame: { kind: 'table' },
  wire: { alloy: 'nicr-80', diameterMm: 0.4, lengthMm: 300, lie: 'vertical' },
  control: { kind: 'amps', setting: 2.3 },
  tension: { setN: 20, travelMm: 12 },
  foam: { kind: 'xps', densityKgM3: 33, widthMm: 50 },
  leads: { fuseA: 5, switchA: 10 },
});
export const LOOP = testRig({
  frame: { kind: 'hand-tool' },
  wire: { alloy: 'ss-304', diameterMm: 0.8, lengthMm: 130 },
  control: { kind: 'amps', setting: 5 },
  foam: { kind: 'eps', densityKgM3: 20, widthMm: 70 },
  leads: { fuseA: 10, switchA: 10, lengthMm: 600, areaMm2: 4 },
});
const BOARD = testRig({
  frame: { kind: 'drop-bow', board: true },
  foam: { kind: 'eps', densityKgM3: 20, widthMm: 400 },
});

const RIGS: Record<FrameKind, Rig | null> = {
  bow: null,
  'pulled-bow': null,
  'drop-bow': BOARD,
  table: TABLE,
  slicer: SLICER,
  gantry: TOWERS,
  'hand-tool': LOOP,
};
export const head = { format: 'upwind-rod/job', version: 1 };
export const JOBS: Record<JobKind, Record<string, unknown>> = {
  sheets: { kind: 'sheets', blockMm: [400, 300, 120], sheetMm: 3, by: { kind: 'spacers' }, supportsMm: 420 },
  strips: { kind: 'strips', boardMm: [600, 300, 50], widthMm: 40, tiltDeg: 30 },
  disc: { kind: 'disc', outerMm: 120, innerMm: 60, thickMm: 50 },
  cutout: { kind: 'cutout', outline: [[0, 0], [80, 0], [80, 40], [0, 40]], thickMm: 50 },
  groove: { kind: 'groove', shape: 'rectangle', widthMm: 20, depthMm: 15, lengthMm: 500 },
  segments: { kind: 'segments', blockMm: [50, 400, 1000], lengthsMm: [300, 200, 450], angleDeg: 0 },
  outline: { kind: 'outline', loops: [[[60, 40], [140, 40], [140, 120], [60, 120]], [[85, 65], [115, 65], [115, 95], [85, 95]]], blockMm: [240, 400, 160] },
  core: { kind: 'core', plan: { format: 'upwind-rod/plan', version: 1, piece: { spanMm: 400, root: { section: { kind: 'naca', code: '2412' }, chordMm: 180 }, tip: { section: { kind: 'naca', code: '0012' }, chordMm: 120, offsetMm: [10, 0] } } } },
  turned: { kind: 'turned', profile: [[10, 30], [80, 20], [150, 35]], blockMm: [160, 90, 90], machine: { format: 'upwind-rod/machine', version: 1, turn: 'A', axes: { X: {}, Y: { minMm: -50, maxMm: 350 }, U: {}, V: { minMm: -50, maxMm: 350 }, A: { minMm: -3600, maxMm: 3600, home: null } } } },
  comb: { kind: 'comb', blockMm: [120, 400, 240] },
  build: { kind: 'build', of: { kind: 'table', boardMm: [600, 400, 18], postMm: 262, reachMm: 250, material: 'pine', section: { kind: 'bar', widthMm: 45, thickMm: 45 } } },
}; // prettier-ignore
export const frameOf = (kind: FrameKind) => ({
  ...testRig().frame,
  kind,
  ...(kind === 'drop-bow' ? { board: true } : {}),
});
/** Whether a cutter does a kind of job; the sizes of the sample are a table's. */
export const does = (k: FrameKind, kind: JobKind) =>
  kind === 'build' ? builtAs(frameOf(k)) === 'table' : jobsOf(frameOf(k)).includes(kind);
export const cutterOf = (kind: JobKind) => frameOf(FRAME_KINDS.find((k) => does(k, kind))!);
export const rigOf = (kind: JobKind) => RIGS[cutterOf(kind).kind]!;
export const job = (kind: JobKind, more: Record<string, unknown> = {}, rig = rigOf(kind)): Job =>
  jobSchema.parse({ ...head, ...JOBS[kind], ...more, rig });
export const values = (j: Job) => worksheetOf(j).values as Record<string, number>;
export const codes = (j: Job) => worksheetOf(j).findings.map((f) => f.code as string);
