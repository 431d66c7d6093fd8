/**
 * Length of wire in m that a cut wants: b + 2·(3λ + side travel + 10 mm); b the foam's width, λ the unheated end's reach.
 * Source: three λ is 95 % of the rise (fin equation); the 10 mm are common practice, no source.
 */
export function roomForWire(width: number, lambda: number, sideTravel: number): number {
  return width + 2 * (3 * lambda + sideTravel + 0.01);
}
