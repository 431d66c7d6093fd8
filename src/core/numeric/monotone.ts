/**
 * Values made to rise (not fall) along their order by pooling adjacent violators: the least change in squares. Each value
 * weighs the same. Source: Ayer, Brunk, Ewing, Reid & Silverman, Ann. Math. Stat. 26 (1955).
 */
export function risingBy(values: readonly number[]): number[] {
  const pools: { sum: number; n: number }[] = [];
  for (const v of values) {
    pools.push({ sum: v, n: 1 });
    for (let last = pools.length - 1; last > 0; last--) {
      const a = pools[last - 1]!;
      const b = pools[last]!;
      if (a.sum / a.n <= b.sum / b.n) break;
      pools.splice(last - 1, 2, { sum: a.sum + b.sum, n: a.n + b.n });
    }
  }
  return pools.flatMap((p) => new Array<number>(p.n).fill(p.sum / p.n));
}
