import { describe, expect, it } from 'vitest';
import { isText, plainFault } from './plain';

const nested = (n: number): unknown => (n === 0 ? 1 : [nested(n - 1)]);

describe('what no document holds', () => {
  it.each([
    ['a NUL', { wire: { note: 'a\u0000b' } }, 'wire.note', 'text'],
    ['half of a pair', [{ name: '\ud800' }], '[0].name', 'text'],
    ['the other half', { cuts: [1, 'x\udfff'] }, 'cuts[1]', 'text'],
    ['a key with a NUL', { a: { 'k\u0000': 1 } }, 'a', 'text'],
    ['nesting', nested(40), '(document)', 'depth'],
    ['a list without end', { cuts: new Array(200_001).fill(0) }, 'cuts', '<= 200000'],
  ])('%s is told by its path and rule', (_, doc, path, rule) =>
    expect(plainFault(doc)).toMatchObject({ path, rule }),
  );

  it('everything that JSON and Unicode allow besides is let by', () => {
    for (const doc of [
      null,
      0,
      '',
      'Ω 💥 \u202e',
      { a: [nested(25), { '💥': '😀' }] },
      new Array(200_000).fill(0),
    ])
      expect(plainFault(doc)).toBeNull();
    expect([isText('😀'), isText('\ud83d'), isText('\u0000')]).toEqual([true, false, false]);
  });
});
