/**
 * Modified Bessel functions of the second kind, scaled: e^x·K0(x) and e^x·K1(x), for x > 0.
 * x ≤ 2: Abramowitz & Stegun 9.8.1–9.8.7 (with I0, I1); 2 < x ≤ 30: 9.8.6 and 9.8.8, scaled as they stand;
 * beyond 30 the asymptotic series, NIST DLMF 10.40.2, whose first left-out term is under 1e-10 there.
 * Relative error up to 2e-7.
 */
export function scaledK0(x: number): number {
  if (x > 30) return asymptotic(x, 0);
  if (x > 2) {
    const t = 2 / x;
    return (
      poly(t, [1.25331414, -0.07832358, 0.02189568, -0.01062446, 0.0058787, -0.0025154, 0.00053208]) /
      Math.sqrt(x)
    );
  }
  const t = (x / 2) ** 2;
  const series = poly(t, [-0.57721566, 0.4227842, 0.23069756, 0.0348859, 0.00262698, 0.0001075, 0.0000074]);
  return Math.exp(x) * (series - Math.log(x / 2) * i0(x));
}

/** e^x·K1(x); see {@link scaledK0}. */
export function scaledK1(x: number): number {
  if (x > 30) return asymptotic(x, 1);
  if (x > 2) {
    const t = 2 / x;
    return (
      poly(t, [1.25331414, 0.23498619, -0.0365562, 0.01504268, -0.00780353, 0.00325614, -0.00068245]) /
      Math.sqrt(x)
    );
  }
  const t = (x / 2) ** 2;
  const series = poly(t, [1, 0.15443144, -0.67278579, -0.18156897, -0.01919402, -0.00110404, -0.00004686]);
  return Math.exp(x) * (series / x + Math.log(x / 2) * i1(x));
}

function i0(x: number): number {
  const t = (x / 3.75) ** 2;
  return poly(t, [1, 3.5156229, 3.0899424, 1.2067492, 0.2659732, 0.0360768, 0.0045813]);
}

function i1(x: number): number {
  const t = (x / 3.75) ** 2;
  return x * poly(t, [0.5, 0.87890594, 0.51498869, 0.15084934, 0.02658733, 0.00301532, 0.00032411]);
}

function poly(t: number, c: readonly number[]): number {
  let sum = 0;
  for (let i = c.length - 1; i >= 0; i--) sum = sum * t + c[i]!;
  return sum;
}

function asymptotic(x: number, order: 0 | 1): number {
  const mu = 4 * order * order;
  let term = 1;
  let sum = 1;
  for (let k = 1; k <= 6; k++) {
    term *= (mu - (2 * k - 1) ** 2) / (k * 8 * x);
    sum += term;
  }
  return Math.sqrt(Math.PI / (2 * x)) * sum;
}
