type Branch = readonly [c: number, n: number];

/**
 * The largest of C·x^n over branches whose exponents rise: each rules from where it crosses the one before.
 * Working in ln x, so that only one power is taken.
 */
function largest(branches: readonly Branch[]): (x: number) => number {
  const from = branches.map((b, i) => {
    const before = branches[i - 1];
    return before ? Math.log(before[0] / b[0]) / (b[1] - before[1]) : -Infinity;
  });
  const lnC = branches.map((b) => Math.log(b[0]));
  return (x) => {
    const ln = Math.log(x);
    let i = branches.length - 1;
    while (i > 0 && ln < from[i]!) i--;
    return Math.exp(lnC[i]! + branches[i]![1] * ln);
  };
}

/** Morgan's branches, C and n of Nu = C·Ra^n. */
export const MORGAN: readonly Branch[] = [[0.675, 0.058], [1.02, 0.148], [0.85, 0.188], [0.48, 0.25]]; // prettier-ignore

/**
 * Nusselt number of a thin wire lying in still air, from the Rayleigh number on its diameter (Ra ≥ 0).
 * Source: Morgan, Advances in Heat Transfer 11 (1975): Nu = C·Ra^n in ranges of Ra; here the largest branch is
 * taken, which is continuous, monotone and within 0.2 % of his ranges.
 */
export const nusseltLying = largest(MORGAN);

/**
 * Nusselt number of a thin wire standing upright in still air, x = Ra·d/L (x ≥ 0).
 * Source: Nagendra, Tirunarayanan & Ramachandran, J. Heat Transfer 92 (1970); the largest branch.
 */
export const nusseltUpright = largest([
  [0.93, 0.05],
  [1.37, 0.16],
  [0.6, 0.25],
]);
