/**
 * Nusselt number of a cylinder in cross-flow. Re = U·d/ν; Re = 0 gives 0 (no flow, no forced part).
 * Source: Churchill & Bernstein, J. Heat Transfer 99 (1977).
 */
export function nusseltForced(re: number, pr: number): number {
  if (!(re > 0)) return 0;
  const third = Math.cbrt(pr);
  const ratio = Math.cbrt(0.4 / pr);
  const shape = Math.sqrt(Math.sqrt(1 + ratio * ratio));
  const root = Math.sqrt(re / 282000);
  const fiveEighths = root * Math.sqrt(Math.sqrt(root));
  return 0.3 + ((0.62 * Math.sqrt(re) * third) / shape) * Math.exp(0.8 * Math.log1p(fiveEighths));
}
