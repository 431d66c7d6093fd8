/** Resistivity of copper at 20 °C, Ω·m (International Annealed Copper Standard). */
export const COPPER = 1.724e-8;

/** Ohms of copper leads: ρ·length/area, whole length out and back; length in m, area in m². */
export function leadOhm(length: number, area: number): number {
  return (COPPER * length) / area;
}
