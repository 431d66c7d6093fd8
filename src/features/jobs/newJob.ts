import { ownJobSchema, type OwnJob } from '@/core/documents/job';
import type { JobKind } from '@/core/documents/jobKinds';
import type { Rig } from '@/core/documents/rig';

const tidy = (mm: number) => Math.max(1, Math.round(mm));

/** A job to begin with, from the foam and the wire that a rig has. Sizes in mm. */
export function newJob(kind: JobKind, rig: Pick<Rig, 'foam' | 'wire'>): OwnJob {
  const wide = tidy(rig.foam.widthMm);
  const high = tidy(rig.foam.heightMm ?? 100);
  const own: Readonly<Record<JobKind, Record<string, unknown>>> = {
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
    segments: { blockMm: [high, wide, 1000], lengthsMm: [200, 200, 200] },
  };
  return ownJobSchema.parse({ format: 'upwind-rod/job', version: 1, kind, ...own[kind] });
}

/** Corners of a rectangle from its lower left one, mm. */
export const rectangle = (wide: number, high: number): [number, number][] => [
  [0, 0],
  [wide, 0],
  [wide, high],
  [0, high],
];

/** Lengths as they are typed: `200, 200, 3 x 150`; null where something in it is none. */
export function lengthsOf(text: string): number[] | null {
  const out: number[] = [];
  for (const part of text.split(/[,;\n]+/)) {
    if (part.trim() === '') continue;
    const found = /^\s*(?:(\d{1,3})\s*[x×*]\s*)?(\d+(?:\.\d+)?)\s*$/.exec(part);
    if (!found) return null;
    for (let i = 0; i < Number(found[1] ?? 1); i++) out.push(Number(found[2]));
  }
  return out;
}

/** Lengths as they are shown: those in a row that are alike together. */
export function lengthsText(lengths: readonly number[]): string {
  const runs: [number, number][] = [];
  for (const l of lengths) {
    const last = runs.at(-1);
    if (last && last[1] === l) last[0]++;
    else runs.push([1, l]);
  }
  return runs.map(([n, l]) => (n > 1 ? `${n} × ${l}` : String(l))).join(', ');
}
