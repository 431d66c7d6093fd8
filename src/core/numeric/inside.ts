import { nearest, type Pt } from './polyline';

/** Whether a point lies inside a closed loop, its last point not its first again. Even–odd rule. */
export function isInside(loop: readonly Pt[], [x, y]: Pt): boolean {
  let inside = false;
  for (let i = 0, j = loop.length - 1; i < loop.length; j = i++) {
    const a = loop[i]!;
    const b = loop[j]!;
    const ay = a[1];
    const by = b[1];
    if (ay > y !== by > y && x < a[0] + ((y - ay) * (b[0] - a[0])) / (by - ay)) inside = !inside;
  }
  return inside;
}

/** Distance of a point from a closed loop: over 0 outside it, under 0 inside. */
export function signedDistance(loop: readonly Pt[], p: Pt): number {
  const { distance } = nearest([...loop, loop[0]!], p);
  return isInside(loop, p) ? -distance : distance;
}
