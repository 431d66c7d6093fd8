/**
 * Figures that have a bound: printed with the machine, and the run fails where one is over. A bound is that of the quiet reference machine: what
 * a fixed sum takes longer just before and after a figure, the figure may take longer.
 */
import os from 'node:os';
import { parentPort, Worker, workerData } from 'node:worker_threads';
import { rigSchema, type RigInput } from '@/core/documents/rig';
import { solve } from '@/core/engine/solve';
import { windowCurve } from '@/core/engine/windowCurve';
import { judgeAll } from '@/core/engine/match/match';
import { planOut } from '@/core/engine/template/template';
import { testPlan } from '@/core/engine/template/testPlans';
import { seededDrawer } from '@/core/engine/match/testDrawer';
import { profileOf } from '@/core/engine/profile';
import { solveWhole } from '@/core/engine/solve';
import workshop from '@/db/workshop.json';
import { fixedSum, timesQuiet } from './yardstick.mjs';

let seed = 20261125;
const random = () => {
  seed = (Math.imul(seed, 1664525) + 1013904223) >>> 0;
  return (seed + 0.5) / 4294967296;
};
const pick = <T>(list: readonly T[]): T => list[Math.floor(random() * list.length)]!;
const between = (lo: number, hi: number) => lo + (hi - lo) * random();

function seeded(): RigInput {
  const lengthMm = between(300, 2000);
  const volts = between(6, 40);
  return {
    format: 'upwind-rod/rig',
    version: 1,
    frame: { kind: pick(['bow', 'table', 'slicer', 'gantry'] as const) },
    wire: {
      alloy: pick(['nicr-80', 'nicr-60', 'ss-304', 'ss-304-hard', 'fecral-145', 'n07041'] as const),
      diameterMm: between(0.2, 0.9),
      lengthMm,
    },
    supply: {
      kind: pick(['bench', 'brick', 'battery', 'transformer'] as const),
      volts,
      maxAmps: between(2, 12),
    },
    control: { kind: 'volts', setting: volts * between(0.2, 1) },
    foam: {
      kind: pick(['eps', 'xps', 'epp', 'epe'] as const),
      densityKgM3: between(15, 60),
      widthMm: lengthMm * between(0.4, 0.9),
    },
    cut: { feedMmS: random() < 0.5 ? null : between(0.5, 10) },
  };
}

const median = (list: number[]) => [...list].sort((a, b) => a - b)[list.length >> 1]!;

function timeSolve(docs: readonly unknown[]): number {
  const times: number[] = [];
  for (let round = 0; round < 12; round++) {
    for (const doc of docs) {
      const start = performance.now();
      solve(rigSchema.parse(doc));
      if (round >= 4) times.push(performance.now() - start);
    }
  }
  return median(times);
}

/** Window bounds at 240 settings of a rig: median of runs, in a worker. */
function timeWindow(doc: unknown): number {
  const rig = rigSchema.parse(doc);
  const times: number[] = [];
  for (let i = 0; i < 25; i++) {
    const start = performance.now();
    windowCurve(rig, 240);
    if (i >= 5) times.push(performance.now() - start);
  }
  return median(times);
}

/** Solve and the temperature along the wire, cutting, slowest demo rig: median of runs. */
function timeProfile(doc: unknown): number {
  const rig = rigSchema.parse(doc);
  const times: number[] = [];
  for (let i = 0; i < 60; i++) {
    const start = performance.now();
    profileOf(solveWhole(rig).evaluation, { cutting: true });
    if (i >= 20) times.push(performance.now() - start);
  }
  return median(times);
}

/** 40 wires × 10 lengths × 50 controls on 15 supplies, from cold in a worker of its own. */
function timeMatch(): { ms: number; share: number } {
  const drawer = seededDrawer(7, { wires: 40, lengths: 10, supplies: 15, controls: 50 }, true);
  const start = performance.now();
  const run = judgeAll(drawer);
  let step = run.next();
  while (!step.done) step = run.next();
  const { working, drawn } = step.value;
  return { ms: performance.now() - start, share: working.length / drawn.total };
}

/** A plan of sections of 400 points and 60 stations a pass, worked out: the quickest of five after one to warm up. */
function timeTemplates(): number {
  const points = Array.from({ length: 400 }, (_, i): [number, number] => {
    const a = (2 * Math.PI * i) / 400;
    return [0.5 + 0.5 * Math.cos(a), (0.06 + 0.02 * Math.cos(a)) * Math.sin(a)];
  });
  const section = { kind: 'points' as const, points };
  const plan = testPlan({
    piece: { root: { section, chordMm: 180, twistDeg: 0 }, tip: { section, chordMm: 120 } },
    template: { stations: 60 },
  });
  const times: number[] = [];
  for (let i = 0; i < 6; i++) {
    const start = performance.now();
    planOut(plan);
    if (i > 0) times.push(performance.now() - start);
  }
  return Math.min(...times);
}

if (parentPort && workerData === 'match') {
  parentPort.postMessage(timeMatch());
} else if (parentPort) {
  parentPort.postMessage((workerData as unknown[]).map(timeWindow));
} else {
  const demo = (workshop as unknown as { rigs: { doc: unknown }[] }).rigs.map((r) => r.doc);
  const many = Array.from({ length: 200 }, seeded);
  console.log(`${os.cpus()[0]?.model}, ${os.cpus().length} processors, Node ${process.versions.node}`);
  const least = () => Math.min(fixedSum(), fixedSum(), fixedSum());
  let over = false;
  /** Takes a figure and tells it beside its bound. */
  const figure = async (name: string, most: number, take: () => number | Promise<number>) => {
    const before = least();
    const value = await take();
    const sum = (before + least()) / 2;
    const quiet = value / timesQuiet(sum);
    over ||= !(quiet < most);
    console.log(
      `${value.toFixed(3)}  (fixed sum ${sum.toFixed(0)} ms, so ${quiet.toFixed(3)} quiet; bound ${most})  ${name}`,
    );
  };
  /** What a thread of this file answers. */
  const inThread = <T>(workerData: unknown) =>
    new Promise<T>((resolve, reject) =>
      new Worker(new URL(import.meta.url), { workerData }).once('message', resolve).once('error', reject),
    );
  await figure('parse and solve, median over the demo rigs and 200 seeded ones, ms', 0.25, () =>
    timeSolve([...demo, ...many]),
  );
  await figure('solve and the profile along the wire, slowest demo rig, ms', 3, () =>
    Math.max(...demo.map(timeProfile)),
  );
  await figure('templates of 400 points a section and 60 stations a pass, ms', 200, timeTemplates);
  await figure('window at 240 settings in a worker, slowest demo rig, ms', 100, async () =>
    Math.max(...(await inThread<number[]>(demo))),
  );
  await figure('20 000 pairings matched in a new worker, ms', 3000, async () => {
    const { ms, share } = await inThread<{ ms: number; share: number }>('match');
    console.log(`${Math.round(100 * share)} % of the pairings work`);
    return ms;
  });
  if (over) process.exitCode = 1;
}
