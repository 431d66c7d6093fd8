/** A binary heap: what was put in comes out smallest key first. Equal keys in any order. */
export class Heap<T> {
  private readonly items: { readonly key: number; readonly value: T }[] = [];

  get size(): number {
    return this.items.length;
  }

  /** Puts a value in; a key that is no number is refused by never coming before any other. */
  push(key: number, value: T): void {
    const all = this.items;
    let i = all.length;
    all.push({ key: Number.isNaN(key) ? Infinity : key, value });
    while (i > 0) {
      const up = (i - 1) >> 1;
      if (all[up]!.key <= all[i]!.key) break;
      [all[up], all[i]] = [all[i]!, all[up]!];
      i = up;
    }
  }

  /** Takes the smallest out; null where nothing is left. */
  pop(): { readonly key: number; readonly value: T } | null {
    const all = this.items;
    const first = all[0];
    const last = all.pop();
    if (!first || !last) return null;
    if (all.length > 0) {
      all[0] = last;
      for (let i = 0; ;) {
        const left = 2 * i + 1;
        let least = i;
        for (const k of [left, left + 1]) if (k < all.length && all[k]!.key < all[least]!.key) least = k;
        if (least === i) break;
        [all[least], all[i]] = [all[i]!, all[least]!];
        i = least;
      }
    }
    return first;
  }
}
