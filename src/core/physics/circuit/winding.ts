/** Turns that give `wantedVolts` where ten test turns read `tenTurnVolts`: 10·V2/V10. Both V, over 0. Common practice, no source. */
export function turnsFor(wantedVolts: number, tenTurnVolts: number): number {
  return (10 * wantedVolts) / tenTurnVolts;
}

/** Copper that a winding wants for some amps, mm²: 3 A/mm². Common practice, no source. */
export function windingArea(amps: number): number {
  return amps / 3;
}

/** Ohms inside a supply from its volts open and at some amps, both read at its terminals: (V_open − V_loaded)/I. Ohm's law. */
export function insideFromSag(openVolts: number, loadedVolts: number, amps: number): number {
  return Math.max(0, (openVolts - loadedVolts) / amps);
}
