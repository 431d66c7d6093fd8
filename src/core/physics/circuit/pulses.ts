/**
 * Swing of a wire's temperature from pulse to pulse, K: q(1−D)/(ρ_w·A·cp·f), q the mean heat W/m, D the duty, capacity
 * ρ_w·A·cp in J/(m·K), f in Hz. The heat kept off during a pulse's pause; common estimate, no source.
 */
export function ripple(heat: number, duty: number, capacity: number, hertz: number): number {
  return (heat * (1 - duty)) / (capacity * hertz);
}

/** What a meter that averages reads of pulses of V through R: D·V/R A, where the true rms is √D·V/R. */
export function averagedAmps(volts: number, ohm: number, duty: number): number {
  return (duty * volts) / ohm;
}
