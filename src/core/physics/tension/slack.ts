/**
 * How far a wire that has grown too long hangs between fixed ends, m: L·√(3ε/8), ε the strain left over. Source: shallow arc,
 * length L(1 + 8f²/(3L²)).
 */
export function slackSag(length: number, strain: number): number {
  return strain > 0 ? length * Math.sqrt((3 * strain) / 8) : 0;
}
