/**
 * Note of a plucked wire, Hz: √(T/μ)/(2L). Pull N, mass a metre kg/m, free length m. Source: Mersenne's law, any acoustics text.
 */
export function pluckHz(pull: number, massPerMetre: number, length: number): number {
  return Math.sqrt(pull / massPerMetre) / (2 * length);
}

/** Pull in N of a wire from its note: μ·(2·L·f)². The way back of the above. */
export function pullOfPitch(hertz: number, massPerMetre: number, length: number): number {
  return massPerMetre * (2 * length * hertz) ** 2;
}

/** The note past which tightening raises it no more, Hz: √(σ_y/ρ)/(2L), whatever the diameter: the wire yields. Pa, kg/m³, m. */
export function yieldHz(yieldStress: number, density: number, length: number): number {
  return Math.sqrt(yieldStress / density) / (2 * length);
}
