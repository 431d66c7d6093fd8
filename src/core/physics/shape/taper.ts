/**
 * Far chord over near chord of a wire anchored at D from the near face, over a span: (D − span)/D. Every line runs to the anchor, so
 * the far section is the near one shrunk about that point. 0 < span < D.
 */
export function anchoredRatio(anchor: number, span: number): number {
  return (anchor - span) / anchor;
}

/** Where the anchor must stand for a ratio of chords over a span: span/(1 − ratio); null without taper. */
export function anchorFor(ratio: number, span: number): number | null {
  return ratio < 1 ? span / (1 - ratio) : null;
}

/**
 * Clamp radius of the other end of a swing arm: cord feed goes as the radius, so radii are as the lengths of the two paths.
 * Paths 320 and 200 with the short one at 150: 240.
 */
export function armRadius(radius: number, path: number, otherPath: number): number {
  return (radius * otherPath) / path;
}

/** Radius after a cold rehearsal: what was found in place of what was wanted is made up for in proportion. */
export function correctedRadius(radius: number, wanted: number, found: number): number {
  return (radius * wanted) / found;
}

/** The line through a root and a tip point at their stations, at another station: where a tower or an anchor must stand. Straight lines. */
export function lineAt(root: number, rootAt: number, tip: number, tipAt: number, at: number): number {
  return root + ((tip - root) * (at - rootAt)) / (tipAt - rootAt);
}

/** How much longer a wire of span S becomes when its ends are Δ apart across it: √(S² + Δ²) − S. */
export function stretchAcross(span: number, across: number): number {
  return Math.hypot(span, across) - span;
}

/**
 * How much fuller the middle of a taper is than the mean of its ends, a side: along the span feeds run linearly, kerfs as 1/v do not:
 * (mean of the two kerfs − kerf at the mean feed)/2.
 */
export function taperBulge(rootSlot: number, tipSlot: number, meanSlot: number): number {
  return (0.5 * (rootSlot + tipSlot) - meanSlot) / 2;
}
