import { describe, expect, it } from 'vitest';
import { NO_NAME, tellApart } from './names';

const shown = (...names: string[]) => [...tellApart(names.map((name, i) => ({ id: `${i}`, name }))).values()];

describe('rigs of one name', () => {
  it('are told apart by a number, each keeping its own', () => {
    expect(shown('Bow', 'Bow', 'Table', 'Bow')).toEqual(['Bow', 'Bow (2)', 'Table', 'Bow (3)']);
    expect(shown('', '')).toEqual([NO_NAME, `${NO_NAME} (2)`]);
  });
  it('a number that somebody typed is left to them', () => {
    const all = shown('Bow', 'Bow (2)', 'Bow');
    expect(new Set(all).size).toBe(3);
    expect(all[1]).toBe('Bow (2)');
  });
  it('whatever the names, no two are shown alike', () => {
    const all = shown(...Array.from({ length: 40 }, (_, i) => ['a', 'b', 'a (2)', ''][i % 4]!));
    expect(new Set(all).size).toBe(40);
  });
});
