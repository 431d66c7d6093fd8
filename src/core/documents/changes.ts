import type { ChangeEvent } from './event';

type Leaf = string | number | boolean | null;
export type Change = ChangeEvent['changes'][number];

/** What is no change of the rig itself: heads, origins, and the tuning, which comes from the log. */
const NOT_CHANGES = /^(format|version|from(\..*)?|foam\.tuning|foam\.tuningSd)$/;
const LONGEST = 2000;

/** Leaves of a document by path; a list is one leaf, as text. */
function leaves(doc: unknown, path = '', into = new Map<string, Leaf>()): Map<string, Leaf> {
  if (Array.isArray(doc)) into.set(path, JSON.stringify(doc).slice(0, LONGEST));
  else if (typeof doc === 'object' && doc !== null)
    for (const [key, value] of Object.entries(doc)) leaves(value, path ? `${path}.${key}` : key, into);
  else if (typeof doc === 'string') into.set(path, doc.slice(0, LONGEST));
  else if (doc !== undefined) into.set(path, doc as Leaf);
  return into;
}

/** What differs between two rigs, path by path; what is missing on one side is null there. */
export function changesBetween(before: object, after: object): Change[] {
  const [a, b] = [leaves(before), leaves(after)];
  const paths = [...new Set([...a.keys(), ...b.keys()])].filter((p) => !NOT_CHANGES.test(p)).sort();
  return paths.flatMap((path) => {
    const [from, to] = [a.get(path) ?? null, b.get(path) ?? null];
    return from === to ? [] : [{ path, from, to }];
  });
}

/** Two lots of changes, one after the other, as one: what came back to where it was is no change. */
export function mergedChanges(first: readonly Change[], then: readonly Change[]): Change[] {
  const all = new Map(first.map((c) => [c.path, c]));
  for (const c of then) {
    const was = all.get(c.path);
    all.set(c.path, was ? { path: c.path, from: was.from, to: c.to } : c);
  }
  return [...all.values()].filter((c) => c.from !== c.to).sort((x, y) => (x.path < y.path ? -1 : 1));
}
