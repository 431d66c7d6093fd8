import type { JobOf } from '@/core/documents/job';
import { laidOut } from '@/core/engine/motion/lay';
import { packed, partsIn } from '@/core/engine/motion/parts';
import { boxOf, type Pt } from '@/core/numeric/polyline';

type Outline = Pick<JobOf<'outline'>, 'loops' | 'parts'>;
export type LaidPart = NonNullable<Outline['parts']>[number];
export type SlitHint = NonNullable<JobOf<'outline'>['slits']>[number];
const round = (mm: number) => Number(mm.toFixed(3));

/** The parts of a job as they may be moved: as they are laid out, or those of the drawing where they lie. */
export function partsOf(job: Outline): LaidPart[] {
  if (job.parts) return [...job.parts];
  return partsIn(job.loops).map((loops) => {
    const b = boxOf(loops.flatMap((i) => job.loops[i]! as Pt[]));
    return { loops, at: [round(b.x0), round(b.y0)], turnDeg: 0, mirrored: false };
  });
}

/** Loops of each part as they lie on the block. */
export const loopsOfParts = (loops: Outline['loops'], parts: readonly LaidPart[]): Pt[][][] =>
  laidOut({ loops, parts: [...parts] });

/** A part moved by so much, turned, mirrored or changed otherwise. */
export const withPart = (
  parts: readonly LaidPart[],
  i: number,
  change: (p: LaidPart) => LaidPart,
): LaidPart[] => parts.map((p, k) => (k === i ? change(p) : p));
export const movedBy =
  (dx: number, dy: number) =>
  (p: LaidPart): LaidPart => ({ ...p, at: [round(p.at[0] + dx), round(p.at[1] + dy)] });

/** A part once more, beside itself. */
export function copied(
  loops: Outline['loops'],
  parts: readonly LaidPart[],
  i: number,
  gap: number,
): LaidPart[] {
  const b = boxOf(loopsOfParts(loops, [parts[i]!])[0]!.flat());
  return [...parts, movedBy(b.x1 - b.x0 + gap, 0)(parts[i]!)];
}

/** All parts laid into the block by size; and how many had no room and stay where they are. */
export function byItself(
  loops: Outline['loops'],
  parts: readonly LaidPart[],
  block: readonly [number, number],
  gap: number,
): { readonly parts: LaidPart[]; readonly left: number } {
  const boxes = loopsOfParts(loops, parts).map((l) => boxOf(l.flat()));
  const places = packed(
    boxes.map((b): [number, number] => [b.x1 - b.x0, b.y1 - b.y0]),
    block,
    gap,
  );
  return {
    parts: parts.map((p, i) => (places[i] ? { ...p, at: [round(places[i].x), round(places[i].y)] } : p)),
    left: places.filter((p) => p === null).length,
  };
}

/** So near an older wish for a slit it is the same slit, mm. */
const SAME_MM = 8;
const near = (a: readonly [number, number], b: Pt) => Math.hypot(a[0] - b[0], a[1] - b[1]) < SAME_MM;

/** Wishes with another place for the slit that now lies between two ends. */
export function withSlit(hints: readonly SlitHint[], [from, to]: readonly [Pt, Pt], at: Pt): SlitHint[] {
  const place: [number, number] = [round(at[0]), round(at[1])];
  // It starts as far from where it started: as near to that as its own loop allows.
  const start: [number, number] = [round(from[0] + at[0] - to[0]), round(from[1] + at[1] - to[1])];
  return [...hints.filter((h) => !near(h.to, to)), { from: start, to: place }];
}
