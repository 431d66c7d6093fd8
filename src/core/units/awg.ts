/**
 * Diameter in metres of an American wire gauge: d = 0.127 mm · 92^((36−n)/39).
 * n is 0–60, and −1 for 2/0, −2 for 3/0, −3 for 4/0. Source: ASTM B258.
 */
export function awgDiameter(gauge: number): number {
  return 0.127e-3 * 92 ** ((36 - gauge) / 39);
}

/** The gauge, not rounded, whose diameter is d metres; the inverse of {@link awgDiameter}. */
export function awgOf(diameter: number): number {
  return 36 - (39 * Math.log(diameter / 0.127e-3)) / Math.log(92);
}
