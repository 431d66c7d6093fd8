import { describe, expect, it } from 'vitest';
import { addedPoint } from './traced';

const CHORD = [
  [0, 50],
  [120, 50],
] as const;

describe('a further point of a traced edge', () => {
  it('begins at the nose, goes on as the last two went, and no further than the tail', () => {
    expect(addedPoint([], CHORD)).toEqual([0, 50]);
    expect(addedPoint([[0, 50]], CHORD)).toEqual([10, 50]);
    expect(
      addedPoint(
        [
          [0, 50],
          [20, 30],
        ],
        CHORD,
      ),
    ).toEqual([40, 10]);
    const [x, y] = addedPoint(
      [
        [60, 50],
        [110, 50],
      ],
      CHORD,
    );
    expect([x, y]).toEqual([120, 50]);
  });
});
