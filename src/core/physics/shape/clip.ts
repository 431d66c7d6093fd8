import { CoreFault } from '../../numeric/fault';
import type { Pt } from '../../numeric/polyline';

/** A loop as the package clipper2-ts has it. */
export type ClipPath = { x: number; y: number }[];

export const toPath = (loop: readonly Pt[]): ClipPath => loop.map(([x, y]) => ({ x, y }));

/** What the package answers, as loops; what it breaks on (points all in one place, numbers too large) is a fault of a field. */
export function clipped(field: string, work: () => ClipPath[]): Pt[][] {
  try {
    return work().map((path) => path.map(({ x, y }): Pt => [x, y]));
  } catch {
    throw new CoreFault('range', field, 'cannot be grown or parted: its points lie too close together');
  }
}
