/** The E12 series (IEC 60063). */
const E12 = [10, 12, 15, 18, 22, 27, 33, 39, 47, 56, 68, 82];

/**
 * Series resistor of an indicator lamp: R = (V − V_f)/I_f, the next E12 value up, Ω, with the least rating in W, twice
 * its heat. Volts over V_f, amps over 0.
 */
export function lampResistor(volts: number, lampVolts: number, amps: number): { ohm: number; watts: number } {
  const least = (volts - lampVolts) / amps;
  const decade = 10 ** Math.floor(Math.log10(least) - 1);
  const ohm = [...E12, 100].map((e) => e * decade).find((r) => r >= least * (1 - 1e-9))!;
  return { ohm, watts: 2 * amps * amps * ohm };
}
