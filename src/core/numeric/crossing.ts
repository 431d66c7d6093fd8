import type { Pt } from './polyline';

/** What only touches does not cross: shares of a way at its ends that are not looked at. */
const ENDS = 1e-6;

/** Whether a straight way crosses a closed loop between its ends. */
export function crossing([ax, ay]: Pt, [bx, by]: Pt, loop: readonly Pt[]): boolean {
  const [dx, dy] = [bx - ax, by - ay];
  const length = Math.hypot(dx, dy);
  if (length === 0) return false;
  const touch = ENDS / length + 1e-9;
  for (let i = 0; i < loop.length; i++) {
    const [px, py] = loop[i]!;
    const [qx, qy] = loop[(i + 1) % loop.length]!;
    const [ex, ey] = [qx - px, qy - py];
    const cross = dx * ey - dy * ex;
    if (cross === 0) continue;
    const t = ((px - ax) * ey - (py - ay) * ex) / cross;
    const u = ((px - ax) * dy - (py - ay) * dx) / cross;
    if (t > touch && t < 1 - touch && u >= 0 && u <= 1) return true;
  }
  return false;
}
