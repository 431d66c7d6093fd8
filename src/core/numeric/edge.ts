/**
 * The last value from `inside`, where a yes-or-no test holds, towards `outside`, where it does not, at which it still holds;
 * found by halving the way `times` times, so within |outside − inside|/2^times. The test may hold on one stretch only.
 */
export function edgeBetween(
  holds: (x: number) => boolean,
  inside: number,
  outside: number,
  times: number,
): number {
  let a = inside;
  let b = outside;
  for (let i = 0; i < times; i++) {
    const mid = 0.5 * (a + b);
    if (holds(mid)) a = mid;
    else b = mid;
  }
  return a;
}
