import { normalCdf } from '../../numeric/normal';

/**
 * Drag on the wire in N/m at r = feed / max feed: σ10·d·[0.10·Φ(ln r/0.20) + max(0, 1−1/r)].
 * σ10 is the foam's 10 % compressive stress in Pa, d the wire's diameter in m; r > 0, otherwise 0.
 * First the share of wire that touches unmelted foam when density scatters by 20 % from bead to bead, then the share
 * of the path that must be crushed. Ours, no published source: good to a factor of two.
 */
export function dragPerMetre(stress10: number, diameter: number, r: number): number {
  if (!(r > 0)) return 0;
  return stress10 * diameter * (0.1 * normalCdf(Math.log(r) / 0.2) + Math.max(0, 1 - 1 / r));
}
