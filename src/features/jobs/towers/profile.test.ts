import { describe, expect, it } from 'vitest';
import type { Pt } from '@/core/numeric/polyline';
import { longer, MOST_PROFILE_POINTS, profileOf } from './profile';

/** A vase: its upper edge, and the lower one as its mirror. */
const UPPER: Pt[] = [
  [10, 30],
  [40, 22],
  [80, 35],
  [120, 28],
];
const outline = (upper: readonly Pt[], axis: number): Pt[] => [
  ...upper,
  ...[...upper].reverse().map(([x, y]): Pt => [x, 2 * axis - y]),
];

describe('a profile out of a drawing', () => {
  it('is the upper half over its own middle line, whichever way about and from wherever it was drawn', () => {
    const loop = outline(UPPER, 0);
    const wanted = UPPER.map(([x, y]) => [x - 10 + 5, y]);
    for (let turn = 0; turn < loop.length; turn++) {
      const begun = [...loop.slice(turn), ...loop.slice(0, turn)];
      for (const l of [begun, [...begun].reverse()]) {
        const read = profileOf(l, 5);
        expect('take' in read && read.take, `from ${turn}`).toEqual(wanted);
      }
    }
  });
  it('one that turns back on itself, or has too many points, is refused in words', () => {
    const under: Pt[] = [
      [0, 30],
      [60, 30],
      [40, 20],
      [100, 20],
    ];
    expect(profileOf(outline(under, 0), 0)).toMatchObject({
      rule: expect.stringContaining('turns back') as string,
    });
    const many = Array.from({ length: MOST_PROFILE_POINTS + 2 }, (_, i): Pt => [i, 30 + Math.sin(i)]);
    expect(profileOf(outline(many, 0), 0)).toMatchObject({ rule: expect.stringContaining('points') as string });
  });
  it('another point goes on as far as the last one did, within the block', () => {
    const profile: [number, number][] = [
      [10, 20],
      [40, 25],
    ];
    expect(longer(profile, 300).at(-1)).toEqual([70, 25]);
    expect(longer(profile, 50).at(-1)).toEqual([50, 25]);
  });
});
