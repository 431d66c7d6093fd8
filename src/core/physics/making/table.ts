const rad = (deg: number) => (deg * Math.PI) / 180;

/** How far the upper anchor of a wire of height h above the lower one moves for a tilt from upright: h·tan θ, in the unit of h. */
export const anchorShift = (height: number, tiltDeg: number): number => height * Math.tan(rad(tiltDeg));

/** Length of something upright once it is tilted: x/cos θ. The wire between its anchors, and the foam that it stands in. */
export const slanted = (upright: number, tiltDeg: number): number => upright / Math.cos(rad(tiltDeg));

/** Fence to wire axis, measured at the table, mm: width + w/(2·cos θ). The strip's edge lies half a kerf from the wire. */
export const fenceFor = (width: number, kerf: number, tiltDeg: number): number =>
  width + slanted(kerf, tiltDeg) / 2;

/**
 * Strips that a board gives: each takes its width and a kerf along the table; a tilted first cut takes t·tan θ off the edge. mm.
 */
export function stripsFrom(board: number, thick: number, width: number, kerf: number, tiltDeg: number): number {
  const slot = slanted(kerf, tiltDeg);
  const left = board - Math.abs(anchorShift(thick, tiltDeg));
  return Math.max(0, Math.floor((left + slot) / (width + slot) + 1e-9));
}

/**
 * Error from square in degrees that a gap shows when one half of a cut is flipped and the faces are laid together: ½·atan(g/t), gap g
 * over thickness t. The gap is twice the error.
 */
export const flipError = (gap: number, thick: number): number => (Math.atan(gap / thick) * 90) / Math.PI;

/** Pin to wire axis at the table, mm, for a disc of radius R: R + w/(2·cos θ); for a hole: R − w/(2·cos θ). */
export const pinFor = (radius: number, kerf: number, tiltDeg: number, of: 'disc' | 'hole'): number =>
  radius + (of === 'disc' ? 1 : -1) * (slanted(kerf, tiltDeg) / 2);

/** Radius of a cone's other face: R − t·tan θ, mm. */
export const coneTop = (radius: number, thick: number, tiltDeg: number): number =>
  radius - anchorShift(thick, tiltDeg);
