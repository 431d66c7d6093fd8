const EULER_GAMMA = 0.5772156649015329;

/**
 * Exponential integral E1(x), x over 0: its series up to 1 (Abramowitz & Stegun 5.1.11), above that the continued fraction 5.1.22 by
 * Lentz's rule; right to about 1e-14.
 */
export function expIntegral(x: number): number {
  if (!(x > 0)) return Infinity;
  if (x <= 1) {
    let sum = -EULER_GAMMA - Math.log(x);
    let term = 1;
    for (let k = 1; k < 40; k++) {
      term *= -x / k;
      sum -= term / k;
    }
    return sum;
  }
  let b = x + 1;
  let c = 1e300;
  let d = 1 / b;
  let h = d;
  for (let i = 1; i < 200; i++) {
    const a = -i * i;
    b += 2;
    d = 1 / (a * d + b);
    c = b + a / c;
    const step = c * d;
    h *= step;
    if (Math.abs(step - 1) < 1e-15) break;
  }
  return h * Math.exp(-x);
}
