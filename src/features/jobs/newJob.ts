import { ownJobSchema, type OwnJob } from '@/core/documents/job';
import type { BuiltAs, MadeKind } from '@/core/documents/jobKinds';
import { machineSchema } from '@/core/documents/machine';
import { withTurn } from '@/core/documents/towerJobs';
import type { Rig } from '@/core/documents/rig';
import { UNDER_BOLT_MM } from '@/core/engine/jobs/build/sizes';
import { parseQuantity } from '@/core/units/parse';
import type { Profile } from '@/core/units/profile';

const tidy = (mm: number) => Math.max(1, Math.round(mm));

/** A job to begin with, from the foam and the wire that a rig has. Sizes in mm. */
export function newJob(kind: MadeKind, rig: Pick<Rig, 'foam' | 'wire'>): OwnJob {
  const wide = tidy(rig.foam.widthMm);
  const high = tidy(rig.foam.heightMm ?? 100);
  const own: Readonly<Record<MadeKind, Record<string, unknown>>> = {
    sheets: {
      blockMm: [600, wide, high],
      sheetMm: 3,
      by: { kind: 'spacers' },
      supportsMm: tidy(Math.max(wide + 20, rig.wire.lengthMm - 60)),
    },
    strips: { boardMm: [600, 300, wide], widthMm: 40 },
    disc: { outerMm: 120, innerMm: null, thickMm: wide },
    cutout: { outline: rectangle(80, 40), thickMm: wide },
    groove: { shape: 'rectangle', widthMm: 20, depthMm: 15, lengthMm: 500 },
    outline: { loops: [rectangleAt(40, high * 0.2, 80, high * 0.6)], blockMm: [300, wide, high] },
    core: {
      plan: {
        format: 'upwind-rod/plan',
        version: 1,
        piece: {
          spanMm: wide,
          root: { section: { kind: 'naca', code: '2412' }, chordMm: 180 },
          tip: { section: { kind: 'naca', code: '2412' }, chordMm: 120 },
        },
      },
    },
    turned: {
      profile: [
        [20, 25],
        [120, 20],
        [220, 30],
      ],
      blockMm: [240, 90, 90],
      machine: withTurn(machineSchema.parse({ format: 'upwind-rod/machine', version: 1 })),
    },
    comb: { blockMm: [120, wide, Math.max(240, high)] },
    segments: { blockMm: [high, wide, 1000], lengthsMm: [200, 200, 200] },
  };
  return ownJobSchema.parse({ format: 'upwind-rod/job', version: 1, kind, ...own[kind] });
}

const BOARD_MM = 18;

/** Sizes to begin building a cutter with: its anchors stand as far apart as the rig's wire is long. mm. */
export function newBuild(as: BuiltAs, rig: Rig): OwnJob {
  const { wire, foam, tension } = rig;
  const spring = tension.kind === 'flex';
  const arm = {
    material: spring ? 'aluminium' : 'pine',
    section: spring ? { kind: 'bar', widthMm: 25, thickMm: 5 } : { kind: 'bar', widthMm: 45, thickMm: 45 },
    gapMm: spring ? 20 : null,
  };
  const sizes: Readonly<Record<BuiltAs, Record<string, unknown>>> = {
    table: {
      boardMm: [600, 400, BOARD_MM],
      postMm: tidy(Math.max(20, wire.lengthMm - BOARD_MM - UNDER_BOLT_MM)),
      reachMm: 250,
      ...arm,
    },
    slicer: {
      boardMm: [600, tidy(wire.lengthMm + 40), BOARD_MM],
      supportsMm: tidy(Math.max(foam.widthMm + 10, wire.lengthMm)),
    },
    bow: { reachMm: tidy((foam.heightMm ?? 100) + 100), ...arm },
    loop: { shape: 'rectangle', loopMm: 20, depthMm: 15 },
  };
  return ownJobSchema.parse({
    format: 'upwind-rod/job',
    version: 1,
    kind: 'build',
    of: { kind: as, ...sizes[as] },
  });
}

const rectangleAt = (x: number, y: number, wide: number, high: number): [number, number][] =>
  rectangle(wide, high).map(([px, py]) => [px + x, py + y]);

/** Corners of a rectangle from its lower left one, mm. */
export const rectangle = (wide: number, high: number): [number, number][] => [
  [0, 0],
  [wide, 0],
  [wide, high],
  [0, high],
];

/** Lengths as they are typed in somebody's units: `200, 200, 3 x 150`, or `8 in, 3 x 6 in`; null where something in it is none. mm. */
export function lengthsOf(text: string, profile: Profile = 'metric'): number[] | null {
  const out: number[] = [];
  for (const part of text.split(/[,;\n]+/)) {
    if (part.trim() === '') continue;
    const found = /^\s*(?:(\d{1,3})\s*[x×*]\s*)?(\d.*)$/.exec(part);
    const read = found && parseQuantity(found[2]!, 'foamSize', profile);
    if (!found || !read?.ok || !(read.value > 0)) return null;
    for (let i = 0; i < Number(found[1] ?? 1); i++) out.push(read.value);
  }
  return out;
}

/** Lengths as they are shown: those in a row that are alike together, without their unit. */
export function lengthsText(
  lengths: readonly number[],
  typed: (mm: number, role: 'foamSize') => string,
): string {
  const runs: [number, number][] = [];
  for (const l of lengths) {
    const last = runs.at(-1);
    if (last && last[1] === l) last[0]++;
    else runs.push([1, l]);
  }
  const bare = (mm: number) => typed(mm, 'foamSize').replace(/\s*(mm|in)$/, '');
  return runs.map(([n, l]) => (n > 1 ? `${n} × ${bare(l)}` : bare(l))).join(', ');
}
