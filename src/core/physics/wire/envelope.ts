const ROUND: Readonly<Record<number, number>> = Object.freeze({ 1: 1, 3: 2.155, 7: 3, 19: 5 });

/**
 * Envelope diameter in metres of 1, 3, 7 or 19 equal strands laid together: the circle around them.
 * It is the diameter for heat and for the kerf. Source: geometry of circles packed in a circle.
 */
export function envelopeDiameter(strandDiameter: number, strands: number): number {
  return strandDiameter * (ROUND[strands] ?? Math.sqrt(strands));
}
