/**
 * How far the middle of a wire hangs back under a drag over the foam, m. Free from anchor to anchor: F′·b(2L−b)/(8T); led along
 * templates at the faces of the foam: F′·b²/(8T). Drag N/m, foam width b and wire L in m, pull while cutting N (over 0).
 * Source: statics of a shallow string.
 */
export function lag(drag: number, width: number, length: number, pull: number, guided: boolean): number {
  const span = guided ? width * width : width * (2 * length - width);
  return (drag * span) / (8 * pull);
}

/** A lag under this is not worth a wait, m; nor is one under a tenth of the tolerance. Ours. */
const NO_WAIT = 0.05e-3;
/** By hand a wait is half a second to two: a shorter one is not felt, a longer one melts more than it saves. Common practice. */
export const HAND_WAIT = [0.5, 2] as const;

/**
 * Seconds to wait at a sharp corner: 1.5·f/v, since the middle trails at nearly its own speed until it has caught up; 0 where
 * the lag is under 0.05 mm or a tenth of the tolerance. Lag and tolerance m, feed m/s.
 */
export function cornerWait(lagM: number, feed: number, byHand: boolean, tolerance: number): number {
  if (!(lagM >= NO_WAIT && lagM >= 0.1 * tolerance)) return 0;
  const seconds = (1.5 * lagM) / feed;
  return byHand ? Math.min(HAND_WAIT[1], Math.max(HAND_WAIT[0], seconds)) : seconds;
}

/** Energy let go where a wire under tension breaks, J: T²/(2k_s) in what holds it, T²L/(2EA) in the wire. N, N/m, N/m. */
export function storedElasticEnergy(
  pull: number,
  holderRate: number,
  wireRate: number,
): { holder: number; wire: number } {
  return { holder: (pull * pull) / (2 * holderRate), wire: (pull * pull) / (2 * wireRate) };
}
