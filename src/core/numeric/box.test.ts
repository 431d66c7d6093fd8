import { describe, expect, it } from 'vitest';
import { shareInBox } from './box';

const BOX = { x0: 0, y0: 0, x1: 10, y1: 4 };

describe('a straight way and a box', () => {
  it('across, from inside, along an edge, past it, standing', () => {
    expect(shareInBox([-10, 2], [30, 2], BOX)).toEqual([0.25, 0.5]);
    expect(shareInBox([5, 2], [5, 12], BOX)).toEqual([0, 0.2]);
    expect(shareInBox([-5, 4], [15, 4], BOX)).toEqual([0.25, 0.75]);
    expect(shareInBox([-5, 5], [15, 5], BOX)).toBeNull();
    expect(shareInBox([-3, 3], [3, 9], BOX)).toBeNull();
    expect(shareInBox([5, 1], [5, 1], BOX)).toEqual([0, 1]);
    expect(shareInBox([-1, 1], [-1, 1], BOX)).toBeNull();
    expect(shareInBox([NaN, 1], [5, 1], BOX)).toBeNull();
  });
});
