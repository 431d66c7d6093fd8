import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { alike, rebased } from './rebase';

const json = fc.jsonValue({ maxDepth: 3 });
const object = fc.dictionary(fc.constantFrom('a', 'b', 'c', 'd'), json);

describe('a step of undo under a change from elsewhere', () => {
  it('keeps what only this page changed, and takes what the other changed', () => {
    const was = { name: 'A', foam: { widthMm: 500, kind: 'eps' }, list: [1, 2] };
    const now = { ...was, foam: { ...was.foam, widthMm: 640 } };
    const mine = { ...was, name: 'before my edit', list: [3] };
    expect(rebased(mine, was, now)).toEqual({
      name: 'before my edit',
      foam: { widthMm: 640, kind: 'eps' },
      list: [3],
    });
  });
  it('a key that came or went elsewhere comes or goes', () => {
    expect(rebased({ a: 1, x: 5 }, { a: 1 }, { a: 1, b: 2 })).toEqual({ a: 1, b: 2, x: 5 });
    expect(rebased({ a: 1, b: 2 }, { a: 1, b: 2 }, { a: 1 })).toEqual({ a: 1 });
    // Of another kind meanwhile: the whole of it is the other's.
    expect(rebased({ s: { kind: 'a', v: 1 } }, { s: { kind: 'a', v: 2 } }, { s: 'none' })).toEqual({
      s: 'none',
    });
  });
  it('laws, on seeded documents: nothing changed elsewhere, nothing here; unchanged here, theirs', () => {
    fc.assert(
      fc.property(object, object, (mine, now) => {
        expect(rebased(mine, now, structuredClone(now))).toBe(mine);
        expect(alike(rebased(mine, mine, now), now)).toBe(true);
      }),
      { seed: 17, numRuns: 500 },
    );
  });
});
