import type { Pt } from '../../numeric/polyline';
import type { NominalSection } from './nominalSection';

/** Nose and tail of a section's chord line, as templates are marked with it. */
export const chordLine = (w: Pick<NominalSection, 'top' | 'bottom'>): readonly [Pt, Pt] => [
  w.top[0]!,
  [w.top[w.top.length - 1]![0], w.bottom[w.bottom.length - 1]![1]],
];

/** The line that a block is turned over about between two cuts by one template: from the nose to the middle of the tail. */
export const turnLine = (w: Pick<NominalSection, 'top' | 'bottom'>): readonly [Pt, Pt] => {
  const up = w.top[w.top.length - 1]!;
  const low = w.bottom[w.bottom.length - 1]!;
  return [w.top[0]!, [up[0], (up[1] + low[1]) / 2]];
};

/** Points turned over about a line: its mirror image. */
export function turnedAbout([a, b]: readonly [Pt, Pt], points: readonly Pt[]): Pt[] {
  const [dx, dy] = [b[0] - a[0], b[1] - a[1]];
  const run = dx * dx + dy * dy || 1;
  return points.map(([x, y]): Pt => {
    const t = ((x - a[0]) * dx + (y - a[1]) * dy) / run;
    return [2 * (a[0] + t * dx) - x, 2 * (a[1] + t * dy) - y];
  });
}
