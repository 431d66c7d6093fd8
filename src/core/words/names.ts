/** What a rig without a name is called. */
export const NO_NAME = 'A rig without a name';

/**
 * Names of things by which a person can tell them apart: the second and further ones of a name get a number, in the order of
 * their ids, so that each keeps its own.
 */
export function tellApart(
  list: readonly { readonly id: string; readonly name: string }[],
): Map<string, string> {
  const taken = new Set(list.map((x) => x.name || NO_NAME));
  const seen = new Set<string>();
  const out = new Map<string, string>();
  for (const { id, name } of [...list].sort((a, b) => (a.id < b.id ? -1 : 1))) {
    const plain = name || NO_NAME;
    let shown = plain;
    for (let n = 2; seen.has(shown); n++) {
      const next = `${plain} (${n})`;
      // A number that somebody typed as part of another's name is left to it.
      shown = taken.has(next) ? shown : next;
      if (n > list.length + 1) break;
    }
    seen.add(shown);
    out.set(id, shown);
  }
  return out;
}
