import { rootIncreasing } from '../../numeric/root';
import { rubberPull } from './rubber';

/** What gives as a wire grows. Rates in N/m, Infinity for stiff; forces in N; lengths in m. */
export interface Holder {
  /** Rate of the take-up past its initial tension. */
  readonly rate: number;
  /** A close-wound spring is rigid up to this pull. */
  readonly initial: number;
  /** Frame and wire in series: what always gives. */
  readonly rest: number;
  /** Rubber by its own law instead of a rate: area m², length at rest m, shear modulus Pa; null for the others. */
  readonly rubber: { readonly area: number; readonly rest: number; readonly shear: number } | null;
}

/** Stretch past which rubber of any sort has broken. */
const MOST_STRETCH = 12;

/**
 * Stretch of take-up, frame and wire together under a pull, m: T/k_rest + max(0, T − F0)/k, or rest·(λ(T) − 1) for rubber.
 * Pull ≥ 0 in N. Increasing. Source: members in series; Shigley §10-13; Treloar.
 */
export function stretchAt(h: Holder, pull: number): number {
  return pull / h.rest + takeUpAt(h, pull);
}

/** Stretch of the take-up alone under a pull, m. */
export function takeUpAt(h: Holder, pull: number): number {
  if (h.rubber) return h.rubber.rest * (stretchOfRubber(h.rubber, pull) - 1);
  return Math.max(0, pull - h.initial) / h.rate;
}

/** Pull in N at a stretch of the whole, m; 0 at none and below. The way back of `stretchAt`. */
export function pullAt(h: Holder, stretch: number): number {
  if (!(stretch > 0)) return 0;
  if (h.rubber) {
    const most = stretch * h.rest;
    return rootIncreasing((t) => stretchAt(h, t) - stretch, 0, most, 0.5 * most, most * 1e-10).x;
  }
  const closed = h.initial / h.rest;
  if (stretch <= closed) return stretch * h.rest;
  return h.initial + (stretch - closed) / (1 / h.rest + 1 / h.rate);
}

function stretchOfRubber(r: NonNullable<Holder['rubber']>, pull: number): number {
  const f = (stretch: number) => rubberPull(r.area, stretch, r.shear) - pull;
  return rootIncreasing(f, 1, MOST_STRETCH, 1.5, 1e-10).x;
}
