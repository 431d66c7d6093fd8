/** Steps a mm of an axis on a belt: steps a turn × microsteps over pitch × teeth. */
export const beltScale = (steps: number, micro: number, pitch: number, teeth: number): number =>
  (steps * micro) / (pitch * teeth);

/** Steps a mm of an axis on a screw of this lead, mm a turn. */
export const screwScale = (steps: number, micro: number, lead: number): number => (steps * micro) / lead;

/** Steps a degree of a turning axis through a gear of this ratio (motor turns for one of the work). */
export const turnScale = (steps: number, micro: number, ratio: number): number => (steps * micro * ratio) / 360;

/** Steps a mm that make what was commanded true: old × commanded over measured. */
export const correctedScale = (old: number, commanded: number, measured: number): number =>
  (old * commanded) / measured;

/** Teeth of a belt's pulley that a scale stands for: a whole number within 1 %, or measuring, belt or lost steps are at fault. */
export function teethOf(
  scale: number,
  steps: number,
  micro: number,
  pitch: number,
): { teeth: number; whole: boolean } {
  const teeth = (steps * micro) / (pitch * scale);
  return { teeth, whole: Math.abs(teeth - Math.round(teeth)) <= 0.01 * teeth };
}

/** Angle in rad by which a rectangle of sides a and b is out of square whose diagonals differ by δ: δ·√(a² + b²)/(2ab), small angles. */
export const outOfSquare = (difference: number, a: number, b: number): number =>
  (difference * Math.hypot(a, b)) / (2 * a * b);

/** Skew of a wire that stands off by a difference at one end, over the distance of its ends, rad. */
export const skewOf = (difference: number, distance: number): number => difference / distance;

/** New zero of a turned profile after a test cut: old + (measured − wanted)/2, mm. */
export const zeroAfter = (old: number, measured: number, wanted: number): number =>
  old + (measured - wanted) / 2;

/** Wire between two ends a distance S apart that stand Δ off each other: √(S² + Δ²). */
export const wireBetween = (distance: number, off: number): number => Math.hypot(distance, off);

/**
 * Where the towers stand for points of both faces: the line through them, carried on. Faces at `left` and `left + block` from the left
 * tower, towers `apart`; mm.
 */
export function toTowers(
  faces: { readonly left: readonly [number, number]; readonly right: readonly [number, number] },
  s: { readonly apart: number; readonly left: number; readonly block: number },
): { left: [number, number]; right: [number, number] } {
  const at = (z: number, k: 0 | 1) =>
    faces.left[k] + ((faces.right[k] - faces.left[k]) * (z - s.left)) / s.block;
  return { left: [at(0, 0), at(0, 1)], right: [at(s.apart, 0), at(s.apart, 1)] };
}

/** Points of both faces on the wire between the towers: the other way about than {@link toTowers}. */
export function toFaces(
  towers: { readonly left: readonly [number, number]; readonly right: readonly [number, number] },
  s: { readonly apart: number; readonly left: number; readonly block: number },
): { left: [number, number]; right: [number, number] } {
  const at = (z: number, k: 0 | 1) => towers.left[k] + ((towers.right[k] - towers.left[k]) * z) / s.apart;
  return { left: [at(s.left, 0), at(s.left, 1)], right: [at(s.left + s.block, 0), at(s.left + s.block, 1)] };
}
