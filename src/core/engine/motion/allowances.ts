import { boxOf, type Pt } from '../../numeric/polyline';
import { isSolid } from '../../physics/motion/loops';
import type { Way } from './wayOver';

/** How much wider half the kerf is at each point of each loop than what the loops were grown by, mm. */
export function allowances(path: Way, loops: readonly (readonly Pt[])[], kerf: number): number[][] {
  const all = loops.map((loop) => new Array<number>(loop.length).fill(0));
  const near = loops.map(nearby);
  path.loopOf.forEach((k, i) => {
    if (k < 0) return;
    const own = path.cutting.leftKerf[i]!;
    const after = path.loopOf[i + 1] === k ? path.cutting.leftKerf[i + 1]! : NaN;
    const w = Number.isFinite(after) ? (own + after) / 2 : own;
    const [x, y] = path.points[i]!.left;
    const j = near[k]!(x, y);
    if (j !== null && Number.isFinite(w)) all[k]![j] = (w - kerf) / 2;
  });
  return all;
}

/** Which point of a loop a place is; null for one between them, where a slit begins. */
function nearby(loop: readonly Pt[]): (x: number, y: number) => number | null {
  const key = (x: number, y: number) => `${Math.round(x * 1e4)},${Math.round(y * 1e4)}`;
  const at = new Map(loop.map(([x, y], i) => [key(x, y), i]));
  return (x, y) => at.get(key(x, y)) ?? null;
}

/** Solids that are cut free before another beneath them is, as wide as they are or wider: what carries them is then parted from below, and they can sink on the wire. */
export function looseOver(path: Way, loops: readonly (readonly Pt[])[]): number {
  const closes = loops.map((_, k) => path.loopOf.lastIndexOf(k));
  const boxes = loops.map((l) => boxOf(l));
  const beneath = (k: number, j: number) => {
    const [a, b] = [boxes[k]!, boxes[j]!];
    return closes[j]! > closes[k]! && b.y1 <= a.y0 && b.x0 <= a.x0 && b.x1 >= a.x1;
  };
  return loops.filter((loop, k) => isSolid(loop) && loops.some((l, j) => isSolid(l) && beneath(k, j))).length;
}
