import { describe, expect, it } from 'vitest';
import { planeOf, scaleOf } from './homography';
import type { Pt } from './polyline';

/** A pinhole camera that looks at the plane z = 0 from a place, turned: where a point of the plane comes to lie in its picture, px. */
function camera(tilt: number, turn: number, far: number, focal = 1400) {
  const [ct, st, cr, sr] = [Math.cos(tilt), Math.sin(tilt), Math.cos(turn), Math.sin(turn)];
  return ([x, y]: Pt): Pt => {
    const [a, b] = [cr * x - sr * y, sr * x + cr * y];
    const [up, depth] = [ct * b, far + st * b];
    return [2000 + (focal * a) / depth, 1500 - (focal * up) / depth];
  };
}
const SQUARE: Pt[] = [
  [0, 100],
  [100, 100],
  [100, 0],
  [0, 0],
];

describe('the plane of a picture', () => {
  it('by the corners of a 100 mm square a camera’s perspective is taken out: 400 points to 1e-6 mm', () => {
    for (const [tilt, turn, far] of [
      [0, 0, 500],
      [0.5, 0.2, 600],
      [-0.7, 1.1, 450],
      [0.3, 3, 900],
    ] as const) {
      const see = camera(tilt, turn, far);
      const plane = planeOf(SQUARE.map(see), SQUARE)!;
      for (let i = 0; i < 100; i++) {
        const p: Pt = [((i * 37) % 200) - 50, ((i * 53) % 160) - 40];
        const [x, y] = plane(see(p));
        expect(Math.hypot(x - p[0], y - p[1])).toBeLessThan(1e-6);
      }
    }
  });
  it('a corner clicked a pixel off is known to about a pixel near the square', () => {
    const see = camera(0.4, 0.3, 600);
    const corners = SQUARE.map(see);
    corners[2] = [corners[2]![0] + 1, corners[2]![1]];
    const [x, y] = planeOf(corners, SQUARE)!(see([50, 50]));
    expect(Math.hypot(x - 50, y - 50)).toBeLessThan(0.45);
  });
  it('three corners on one line, or two in one place, decide nothing', () => {
    expect(
      planeOf(
        [
          [0, 0],
          [1, 1],
          [2, 2],
          [0, 5],
        ],
        SQUARE,
      ),
    ).toBeNull();
    expect(
      planeOf(
        [
          [0, 0],
          [0, 0],
          [2, 2],
          [0, 5],
        ],
        SQUARE,
      ),
    ).toBeNull();
    expect(planeOf(SQUARE.slice(0, 3), SQUARE)).toBeNull();
  });
  it('two points a known length apart give the scale, y turned up', () => {
    const plane = scaleOf(
      [
        [10, 10],
        [10, 210],
      ],
      100,
    )!;
    expect(plane([10, 10])).toEqual([0, 0]);
    expect(plane([30, 210])).toEqual([10, -100]);
    expect(
      scaleOf(
        [
          [3, 3],
          [3, 3],
        ],
        100,
      ),
    ).toBeNull();
  });
});
