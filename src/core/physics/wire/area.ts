/** Metal area of N equal strands of diameter δ metres, m²: N·πδ²/4. */
export function metalArea(strandDiameter: number, strands: number): number {
  return (strands * Math.PI * strandDiameter * strandDiameter) / 4;
}
