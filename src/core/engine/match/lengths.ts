import type { Drawer } from '../../documents/drawer';

const ROOM_MM = 60;
const LONGER = [1, 1.1, 1.25, 1.5, 1.75, 2];
/** Cutters whose posts or towers stand where they stand. */
const FIXED = new Set(['table', 'gantry']);

/** Lengths to try, mm: those given, or the foam's width and 60 mm each side and, where the frame may grow, up to twice that. */
export function lengthsOf(d: Drawer): number[] {
  if (d.lengthsMm) return [...new Set(d.lengthsMm)];
  const least = d.job.foam.widthMm + 2 * ROOM_MM;
  const factors = FIXED.has(d.job.frame.kind) ? [1] : LONGER;
  return [...new Set(factors.map((f) => Math.min(20000, Math.round((least * f) / 5) * 5)))];
}
