/** A point of a section or template: x from nose to tail, y up. Any one unit of length; millimetres where the engine uses it. */
export type Pt = readonly [number, number];

/** Distance between two points. Lengths are far from a number's ends: `Math.hypot`, which guards these, takes several times as long. */
export function apart(a: Pt, b: Pt): number {
  const x = b[0] - a[0];
  const y = b[1] - a[1];
  return Math.sqrt(x * x + y * y);
}

/** Point a share t of the way from a to b. */
export function between(a: Pt, b: Pt, t: number): Pt {
  return [a[0] + t * (b[0] - a[0]), a[1] + t * (b[1] - a[1])];
}

/** Length of arc from the first point to each point of an open line. */
export function arcs(line: readonly Pt[]): Float64Array {
  const out = new Float64Array(line.length);
  for (let i = 1; i < line.length; i++) out[i] = out[i - 1]! + apart(line[i - 1]!, line[i]!);
  return out;
}

/** Length of an open line. */
export function lengthOf(line: readonly Pt[]): number {
  let sum = 0;
  for (let i = 1; i < line.length; i++) sum += apart(line[i - 1]!, line[i]!);
  return sum;
}

/** Where on a line an arc lies: the index of the point before it. `along` as {@link arcs} gives it. */
export function segmentAt(along: Float64Array, arc: number): number {
  let lo = 0;
  let hi = along.length - 1;
  while (hi - lo > 1) {
    const mid = (lo + hi) >> 1;
    if (along[mid]! <= arc) lo = mid;
    else hi = mid;
  }
  return lo;
}

/** Point of a line at an arc from its start; past the ends, the ends. */
export function pointAt(line: readonly Pt[], along: Float64Array, arc: number): Pt {
  if (line.length === 1) return line[0]!;
  const i = segmentAt(along, arc);
  const run = along[i + 1]! - along[i]!;
  const t = run > 0 ? Math.min(1, Math.max(0, (arc - along[i]!) / run)) : 0;
  return between(line[i]!, line[i + 1]!, t);
}

/** Part of a line between two arcs, ends included; from > to gives it the other way about. */
export function partOf(line: readonly Pt[], from: number, to: number): Pt[] {
  if (from > to) return partOf(line, to, from).reverse();
  const along = arcs(line);
  const inner = line.filter((_, i) => along[i]! > from + 1e-9 && along[i]! < to - 1e-9);
  return [pointAt(line, along, from), ...inner, pointAt(line, along, to)];
}

/** The nearest point of a line to a point: its arc, its distance and itself. */
export function nearest(line: readonly Pt[], p: Pt): { arc: number; distance: number; at: Pt } {
  const [px, py] = p;
  let least = Infinity;
  let arc = 0;
  let x = line[0]![0];
  let y = line[0]![1];
  let done = 0;
  // A hot loop: plain numbers, and one root for each segment.
  for (let i = 1; i < line.length; i++) {
    const a = line[i - 1]!;
    const b = line[i]!;
    const dx = b[0] - a[0];
    const dy = b[1] - a[1];
    const square = dx * dx + dy * dy;
    const run = Math.sqrt(square);
    const t = square > 0 ? Math.min(1, Math.max(0, ((px - a[0]) * dx + (py - a[1]) * dy) / square)) : 0;
    const atX = a[0] + t * dx;
    const atY = a[1] + t * dy;
    const far = (atX - px) * (atX - px) + (atY - py) * (atY - py);
    if (far < least) {
      least = far;
      arc = done + t * run;
      x = atX;
      y = atY;
    }
    done += run;
  }
  return { arc, distance: Math.sqrt(least), at: [x, y] };
}

/** Signed area of a closed loop, its last point not its first again: over 0 counter-clockwise. The shoelace formula. */
export function signedArea(loop: readonly Pt[]): number {
  let sum = 0;
  for (let i = 0; i < loop.length; i++) {
    const a = loop[i]!;
    const b = loop[(i + 1) % loop.length]!;
    sum += a[0] * b[1] - b[0] * a[1];
  }
  return sum / 2;
}

/** Degrees turned at point i of a line, −180 to 180, to the left over 0; 0 at its ends. */
export function turnAt(line: readonly Pt[], i: number): number {
  const a = line[i - 1];
  const b = line[i];
  const c = line[i + 1];
  if (!a || !b || !c) return 0;
  const ux = b[0] - a[0];
  const uy = b[1] - a[1];
  const vx = c[0] - b[0];
  const vy = c[1] - b[1];
  return (Math.atan2(ux * vy - uy * vx, ux * vx + uy * vy) * 180) / Math.PI;
}

/** Least and greatest x and y of points. */
export function boxOf(points: readonly Pt[]): { x0: number; x1: number; y0: number; y1: number } {
  const box = { x0: Infinity, x1: -Infinity, y0: Infinity, y1: -Infinity };
  for (const p of points) {
    const x = p[0];
    const y = p[1];
    if (x < box.x0) box.x0 = x;
    if (x > box.x1) box.x1 = x;
    if (y < box.y0) box.y0 = y;
    if (y > box.y1) box.y1 = y;
  }
  return box;
}
