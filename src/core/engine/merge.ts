type Json = Readonly<Record<string, unknown>>;

/** A document with a partial one laid over it: objects merge key by key, all else (null and lists too) replaces. Pure. */
export function merge<T>(base: T, patch: Json): T {
  const out: Record<string, unknown> = { ...(base as Json) };
  for (const key of Object.keys(patch)) {
    const value = patch[key];
    const was = out[key];
    out[key] = isObject(value) && isObject(was) ? merge(was, value) : value;
  }
  return out as T;
}

function isObject(x: unknown): x is Json {
  return typeof x === 'object' && x !== null && !Array.isArray(x);
}
