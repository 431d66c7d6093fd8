import { describe, expect, it } from 'vitest';
import type { Pt } from '../../numeric/polyline';
import { gapOf, hollowOf, sizedBy, spacingOf, type PictureScale } from './scale';

const ends: [Pt, Pt] = [
  [0, 0],
  [1000, 0],
];
/** 1000 px for 100 mm: a tenth of a millimetre a pixel. */
const by = (over: Partial<PictureScale> = {}): PictureScale => ({
  by: 'length',
  mm: 100,
  corners: [],
  ends,
  ...over,
});
const square: Pt[] = [
  [0, 0],
  [1000, 0],
  [1000, 1000],
  [0, 1000],
];

describe('sizes out of a picture', () => {
  it('a gap of 9 px is 0.9 mm; a pixel at each end, by squares, 0.14 mm', () => {
    const kerf = sizedBy(
      by(),
      [
        [500, 500],
        [509, 500],
      ],
      gapOf,
    )!;
    expect(kerf.mm).toBeCloseTo(0.9, 9);
    // Two marks a pixel off along the gap, √2 · 0.1; the scale's own, √2/1000 of 0.9, adds nothing that is seen.
    expect(kerf.range).toBeCloseTo(Math.SQRT2 * 0.1, 3);
  });
  it('a long way is as sure as its scale: √2 px of 1000 beside √2 of its own', () => {
    const { mm, range } = sizedBy(
      by(),
      [
        [0, 500],
        [2000, 500],
      ],
      gapOf,
    )!;
    expect(mm).toBeCloseTo(200, 9);
    expect(range).toBeCloseTo(Math.hypot(Math.SQRT2 * 0.1, 200 * (Math.SQRT2 / 1000)), 3);
  });
  it('by a square of 100 mm the same gap, in the square, within a tenth of that range', () => {
    const { mm, range } = sizedBy(
      by({ by: 'square', corners: square }),
      [
        [500, 500],
        [509, 500],
      ],
      gapOf,
    )!;
    expect(mm).toBeCloseTo(0.9, 6);
    expect(range).toBeGreaterThan(0.13);
    expect(range).toBeLessThan(0.16);
  });
  it('hollow off a chord, and ridges’ mean way, by hand', () => {
    expect(
      hollowOf([
        [0, 0],
        [5, 3],
        [10, 0],
      ]),
    ).toBeCloseTo(3, 12);
    expect(
      hollowOf([
        [0, 0],
        [3, 4],
        [6, 8],
      ]),
    ).toBeCloseTo(0, 12);
    expect(
      spacingOf([
        [0, 0],
        [0, 10],
        [0, 22],
      ]),
    ).toBeCloseTo(11, 12);
  });
  it('marks that give no scale give no size', () => {
    expect(
      sizedBy(
        by({
          ends: [
            [3, 3],
            [3, 3],
          ],
        }),
        [
          [0, 0],
          [9, 0],
        ],
        gapOf,
      ),
    ).toBeNull();
    expect(
      sizedBy(
        by({
          by: 'square',
          corners: [
            [0, 0],
            [1, 1],
            [2, 2],
            [0, 5],
          ],
        }),
        [
          [0, 0],
          [9, 0],
        ],
        gapOf,
      ),
    ).toBeNull();
    expect(
      sizedBy(
        by(),
        [
          [1, 1],
          [1, 1],
          [1, 1],
        ],
        hollowOf,
      ),
    ).toBeNull();
  });
});
