/**
 * Standard normal integral Φ(z).
 * erfc by the Chebyshev fit of Press et al., Numerical Recipes, section 6.2 (fractional error under 1.2e-7).
 */
export function normalCdf(z: number): number {
  const x = Math.abs(z) * Math.SQRT1_2;
  const t = 1 / (1 + 0.5 * x);
  const poly =
    -1.26551223 +
    t *
      (1.00002368 +
        t *
          (0.37409196 +
            t *
              (0.09678418 +
                t *
                  (-0.18628806 +
                    t *
                      (0.27886807 +
                        t * (-1.13520398 + t * (1.48851587 + t * (-0.82215223 + t * 0.17087277))))))));
  const half = 0.5 * t * Math.exp(-x * x + poly);
  return z >= 0 ? 1 - half : half;
}
