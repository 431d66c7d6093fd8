/**
 * How far the middle of a wire hangs back under a drag over the foam, m. Free from anchor to anchor: F′·b(2L−b)/(8T); led along
 * templates at the faces of the foam: F′·b²/(8T). Drag N/m, foam width b and wire L in m, pull while cutting N (over 0).
 * Source: statics of a shallow string.
 */
export function lag(drag: number, width: number, length: number, pull: number, guided: boolean): number {
  const span = guided ? width * width : width * (2 * length - width);
  return (drag * span) / (8 * pull);
}

/** Seconds to wait at a sharp corner: 1.5·f/v, by hand no less than `least`. Lag m, feed m/s. Ours: the trailing path says 1.5. */
export function cornerWait(lagM: number, feed: number, least: number): number {
  return Math.max(least, (1.5 * lagM) / feed);
}

/** Energy let go where a wire under tension breaks, J: T²/(2k_s) in what holds it, T²L/(2EA) in the wire. N, N/m, N/m. */
export function letGo(pull: number, holderRate: number, wireRate: number): { holder: number; wire: number } {
  return { holder: (pull * pull) / (2 * holderRate), wire: (pull * pull) / (2 * wireRate) };
}
