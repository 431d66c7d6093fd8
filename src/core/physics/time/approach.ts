import { gauss12 } from '../../numeric/gauss';

/**
 * Seconds in which a lumped body goes from `from` to `to` (both °C) on its way to rest at `end`: ∫ C dT/net(T), with C in
 * J/(m·K) and net heat in W/m (towards the end, so that it changes sign there). Autonomous, so the time is an integral:
 * Gauss points in u = ln|end − T|, which takes the slow approach out of it; twelve unless another rule is given. 0 where `to` is already passed.
 */
export function approachSeconds(
  capacity: number,
  net: (tempC: number) => number,
  from: number,
  to: number,
  end: number,
  quadrature = gauss12,
): number {
  const start = end - from;
  const stop = end - to;
  if (!(start * stop > 0) || !(Math.abs(stop) < Math.abs(start))) return 0;
  const sign = Math.sign(start);
  const f = (u: number) => {
    const left = sign * Math.exp(u);
    return left / net(end - left);
  };
  return capacity * quadrature(f, Math.log(Math.abs(stop)), Math.log(Math.abs(start)));
}
