import type { Pt } from '@/core/numeric/polyline';

/** How far a drawn chord may lie from its curve, mm. */
export const FLAT = 0.01;

/** Points of a cubic curve after its first, within FLAT of it: evenly parted by the bound of its second differences. */
export function cubic(a: Pt, b: Pt, c: Pt, d: Pt, flat = FLAT): Pt[] {
  const bend = Math.max(
    Math.hypot(a[0] - 2 * b[0] + c[0], a[1] - 2 * b[1] + c[1]),
    Math.hypot(b[0] - 2 * c[0] + d[0], b[1] - 2 * c[1] + d[1]),
  );
  // |error| ≤ h²/8 · max|B″|, B″ ≤ 6·bend (Farin, Curves and Surfaces, ch. 5).
  const n = Math.min(500, Math.max(1, Math.ceil(Math.sqrt((0.75 * bend) / flat))));
  return Array.from({ length: n }, (_, i): Pt => {
    const t = (i + 1) / n;
    const u = 1 - t;
    const [p, q, r, s] = [u * u * u, 3 * u * u * t, 3 * u * t * t, t * t * t];
    return [p * a[0] + q * b[0] + r * c[0] + s * d[0], p * a[1] + q * b[1] + r * c[1] + s * d[1]];
  });
}

/** Points of an arc of an ellipse from an angle to another (radians), both ends. */
export function arcPoints(
  cx: number,
  cy: number,
  rx: number,
  ry: number,
  turn: number,
  from: number,
  to: number,
): Pt[] {
  const r = Math.max(Math.abs(rx), Math.abs(ry), 1e-9);
  const step = 2 * Math.acos(Math.max(0, 1 - FLAT / Math.max(r, FLAT)));
  const n = Math.min(2000, Math.max(8, Math.ceil(Math.abs(to - from) / (step || 1))));
  return Array.from({ length: n + 1 }, (_, i): Pt => {
    const a = from + ((to - from) * i) / n;
    const x = rx * Math.cos(a);
    const y = ry * Math.sin(a);
    return [cx + x * Math.cos(turn) - y * Math.sin(turn), cy + x * Math.sin(turn) + y * Math.cos(turn)];
  });
}

/** Points of a bulged piece of a polyline after its first: bulge is the tangent of a quarter of the angle it spans. */
export function bulged(a: Pt, b: Pt, bulge: number): Pt[] {
  if (Math.abs(bulge) < 1e-9) return [b];
  const angle = 4 * Math.atan(bulge);
  const chord = Math.hypot(b[0] - a[0], b[1] - a[1]);
  const r = chord / (2 * Math.sin(angle / 2));
  const mx = (a[0] + b[0]) / 2;
  const my = (a[1] + b[1]) / 2;
  const h = r * Math.cos(angle / 2);
  const cx = mx - (h * (b[1] - a[1])) / chord;
  const cy = my + (h * (b[0] - a[0])) / chord;
  const from = Math.atan2(a[1] - cy, a[0] - cx);
  return [...arcPoints(cx, cy, Math.abs(r), Math.abs(r), 0, from, from + angle).slice(1, -1), b];
}
