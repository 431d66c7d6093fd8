/** What one cut says of θ = ln κ and of ψ, the slow edge's own. All exact likelihoods on the model at κ = 1. */
export type Evidence =
  | { readonly kind: 'seen'; readonly what: 'feed' | 'slot'; readonly theta: number; readonly sd: number }
  | {
      readonly kind: 'grade';
      readonly grade: 'too-cold' | 'good' | 'too-hot';
      /** ln(v_c1/v) */
      readonly c: number;
      /** ln(v_m1/v) */
      readonly h: number;
    };

/** One sd of a timed max feed, of a kerf seen, and of a grade's edge, as logarithms. Ours, no source. */
export const FEED_SD = 0.15;
export const SLOT_SD = 0.25;
export const GRADE_SD = 0.3;
/** A thumb on a stopwatch, s; a mark on foam, mm. Common practice, no source. */
const THUMB_S = 0.3;
const MARK_MM = 1;

/**
 * Seconds for which the stored heat of an idling wire would have cut: ρ_w·A·cp·(T_air−T_flow)/(I²R′).
 * `heatPerKelvin` J/(m·K), temperatures °C, `heat` W/m > 0; never negative.
 */
export function storedSeconds(heatPerKelvin: number, airC: number, flowC: number, heat: number): number {
  return Math.max(0, (heatPerKelvin * (airC - flowC)) / heat);
}

/** A stretch of cut that was timed. */
export interface Timed {
  readonly depthMm: number;
  readonly seconds: number;
  /** Stored heat spent in it, s; 0 where it began inside the foam. */
  readonly storedS: number;
  readonly byHand: boolean;
}

/**
 * Feed in mm/s and sd of its logarithm from a timed limit cut: v = s/(t + t_s), because a hot wire pushed hard spends
 * its stored heat first; sd √(0.15² + (0.5·t_s/(t+t_s))²) and by hand the thumb's and the mark's share in squares.
 */
export function timedFeed(t: Timed): { feedMmS: number; sd: number } {
  const all = t.seconds + t.storedS;
  const hand = t.byHand ? Math.hypot(THUMB_S / t.seconds, MARK_MM / t.depthMm) : 0;
  return { feedMmS: t.depthMm / all, sd: Math.hypot(FEED_SD, (0.5 * t.storedS) / all, hand) };
}
