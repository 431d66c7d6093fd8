/** A time of a batch as a person says it: seconds, minutes, or hours and minutes. */
export function durationText(seconds: number): string {
  if (seconds < 120) return `${Math.round(seconds)}\u00a0s`;
  const minutes = Math.round(seconds / 60);
  if (minutes < 90) return `${minutes}\u00a0min`;
  return `${Math.floor(minutes / 60)}\u00a0h ${minutes % 60}\u00a0min`;
}
