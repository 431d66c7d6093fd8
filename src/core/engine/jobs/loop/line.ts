import type { LoopShape } from '../../../documents/loopShapes';
import { boxOf, type Pt } from '../../../numeric/polyline';

/** Points of a round foot: its length is short by less than a thousandth. */
const ARC_POINTS = 48;
/** What lies this close to the top of an outline, as a share of its height, is its open edge. Ours. */
const TOP_SHARE = 0.01;

/**
 * The middle line of a loop's wire in the foam, mm: from its left leg at the face (y 0) down to its foot (y −deep) and up its right
 * leg, x from the middle. `outline`: an own one, closed, fitted to the width and the depth and open along its top edge.
 */
export function loopLine(
  shape: LoopShape,
  width: number,
  deep: number,
  outline: readonly Pt[] | null = null,
): Pt[] {
  const half = width / 2;
  if (outline) return fitted(openLine(outline) ?? outline, width, deep);
  if (shape === 'vee')
    return [
      [-half, 0],
      [0, -deep],
      [half, 0],
    ];
  if (shape === 'rectangle' || shape === 'slot')
    return [
      [-half, 0],
      [-half, -deep],
      [half, -deep],
      [half, 0],
    ];
  // A round foot takes half its width of the depth; a shallower one is an arc over its chord.
  const radius = deep < half ? (half * half + deep * deep) / (2 * deep) : half;
  const opens = Math.asin(Math.min(1, half / radius));
  const arc = Array.from({ length: ARC_POINTS + 1 }, (_, i): Pt => {
    const a = opens * ((2 * i) / ARC_POINTS - 1);
    return [radius * Math.sin(a), radius - deep - radius * Math.cos(a)];
  });
  return deep > half ? [[-half, 0], ...arc, [half, 0]] : arc;
}

const isTop = (y: number, b: ReturnType<typeof boxOf>) => y >= b.y1 - TOP_SHARE * (b.y1 - b.y0);

/** An outline opened along its longest top edge, from the left; null where its top is no edge. */
export function openLine(outline: readonly Pt[]): Pt[] | null {
  const b = boxOf(outline);
  let best = -1;
  let longest = 0;
  outline.forEach(([x, y], i) => {
    const [nx, ny] = outline[(i + 1) % outline.length]!;
    const long = isTop(y, b) && isTop(ny, b) ? Math.abs(nx - x) : 0;
    if (long > longest) [best, longest] = [i, long];
  });
  if (best < 0) return null;
  const line = [...outline.slice(best + 1), ...outline.slice(0, best + 1)];
  return line[0]![0] <= line.at(-1)![0] ? line : line.reverse();
}

/** A line in a box of a width and a depth below the face, its middle at 0. */
function fitted(line: readonly Pt[], width: number, deep: number): Pt[] {
  const b = boxOf(line);
  return line.map(([x, y]): Pt => [
    ((x - (b.x0 + b.x1) / 2) * width) / (b.x1 - b.x0 || 1),
    ((y - b.y1) * deep) / (b.y1 - b.y0 || 1),
  ]);
}

/** Length of a line, in the unit of its points. */
export const lengthAlong = (line: readonly Pt[]): number =>
  line.reduce(
    (sum, [x, y], i) => (i === 0 ? 0 : sum + Math.hypot(x - line[i - 1]![0], y - line[i - 1]![1])),
    0,
  );
