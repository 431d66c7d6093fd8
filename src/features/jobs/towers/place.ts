import { boxOf, type Pt } from '@/core/numeric/polyline';

type Loops = readonly (readonly (readonly [number, number])[])[];
const round = (mm: number) => Number(mm.toFixed(3));

/** Box of all loops together, mm. */
export const boxOfLoops = (loops: Loops) => boxOf(loops.flat() as Pt[]);

/** All loops as one, its box's lower left corner brought to a place and its width to a size; heights in proportion. mm. */
export function placed(
  loops: Loops,
  to: { readonly x?: number; readonly y?: number; readonly wide?: number },
): [number, number][][] {
  const b = boxOfLoops(loops);
  const scale = to.wide === undefined || b.x1 === b.x0 ? 1 : to.wide / (b.x1 - b.x0);
  const [x, y] = [to.x ?? b.x0, to.y ?? b.y0];
  return loops.map((l) =>
    l.map(([px, py]): [number, number] => [round(x + (px - b.x0) * scale), round(y + (py - b.y0) * scale)]),
  );
}

/** All loops turned by so many degrees about the middle of their box, its lower left corner kept. */
export function turned(loops: Loops, deg: number): [number, number][][] {
  const b = boxOfLoops(loops);
  const [mx, my] = [(b.x0 + b.x1) / 2, (b.y0 + b.y1) / 2];
  const a = (deg * Math.PI) / 180;
  const [c, s] = [Math.cos(a), Math.sin(a)];
  const out = loops.map((l) =>
    l.map(([x, y]): [number, number] => [c * (x - mx) - s * (y - my), s * (x - mx) + c * (y - my)]),
  );
  return placed(out, { x: b.x0, y: b.y0 });
}

/** Most loops and points that a job takes. */
export const MOST_LOOPS = 400;
export const MOST_POINTS = 40_000;

/** Outlines of a drawing as loops of a job, in their own size and lie to one another, their box's lower left corner at a place; why not, else. */
export function taken(
  outlines: readonly { readonly points: readonly Pt[] }[],
  at: number,
): { readonly take: [number, number][][] } | { readonly rule: string } {
  const points = outlines.reduce((sum, o) => sum + o.points.length, 0);
  if (outlines.length > MOST_LOOPS || points > MOST_POINTS)
    return {
      rule: `It has ${outlines.length} outlines of ${points} points; up to ${MOST_LOOPS} of ${MOST_POINTS} are taken.`,
    };
  return {
    take: placed(
      outlines.map((o) => o.points),
      { x: at, y: at },
    ),
  };
}

/** Loops with others beside them, to their right and `gap` off; why not, where they would be too many. */
export function beside(
  loops: Loops,
  more: readonly (readonly Pt[])[],
  gap: number,
): { readonly take: [number, number][][] } | { readonly rule: string } {
  const b = boxOfLoops(loops);
  const next = [
    ...loops.map((l) => l.map(([x, y]): [number, number] => [x, y])),
    ...placed(more, { x: b.x1 + gap, y: b.y0 }),
  ];
  const points = next.reduce((sum, l) => sum + l.length, 0);
  return next.length > MOST_LOOPS || points > MOST_POINTS
    ? {
        rule: `Together they have ${next.length} outlines of ${points} points; up to ${MOST_LOOPS} of ${MOST_POINTS} are taken.`,
      }
    : { take: next };
}
