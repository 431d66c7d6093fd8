type Json = Readonly<Record<string, unknown>>;
const isObject = (x: unknown): x is Json => typeof x === 'object' && x !== null && !Array.isArray(x);

/** Whether two plain documents hold the same. */
export function alike(a: unknown, b: unknown): boolean {
  if (Object.is(a, b)) return true;
  if (Array.isArray(a) && Array.isArray(b)) return a.length === b.length && a.every((x, i) => alike(x, b[i]));
  if (!isObject(a) || !isObject(b)) return false;
  const keys = Object.keys(a);
  return keys.length === Object.keys(b).length && keys.every((k) => k in b && alike(a[k], b[k]));
}

/**
 * A document `mine` with what changed between `was` and `now` laid over it, key by key; a list is one value. What did not change between the
 * two stays as it is in `mine`. Pure.
 */
export function rebased<T>(mine: T, was: unknown, now: unknown): T {
  if (alike(was, now)) return mine;
  if (!isObject(mine) || !isObject(was) || !isObject(now)) return now as T;
  const out: Record<string, unknown> = {};
  for (const key of new Set([...Object.keys(mine), ...Object.keys(now)])) {
    const touched = !alike(was[key], now[key]) || key in was !== key in now;
    if (!touched) {
      if (key in mine) out[key] = (mine as Json)[key];
    } else if (key in now) out[key] = key in mine ? rebased((mine as Json)[key], was[key], now[key]) : now[key];
  }
  return out as T;
}
