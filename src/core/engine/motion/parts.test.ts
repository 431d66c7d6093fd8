import { describe, expect, it } from 'vitest';
import { crossing } from '../../numeric/crossing';
import { slitsOf } from '../../physics/motion/slits';
import { motionOf } from './motion';
import { packed, partsIn, slitsMoved } from './parts';
import { even, outlineJob, square } from './testMotion';

describe('parts of a drawing', () => {
  it('each solid with its own holes, a solid within a hole for itself', () => {
    const loops = [
      square(0, 0, 100),
      square(10, 10, 80),
      square(30, 30, 40),
      square(40, 40, 5),
      square(200, 0, 20),
    ];
    expect(partsIn(loops)).toEqual([[0, 1], [2, 3], [4]]);
  });
  it('rectangles laid out: none over another or off the block, on 200 seeded lists; what has no room is told', () => {
    for (let seed = 1; seed <= 200; seed++) {
      const r = even(seed);
      const sizes = Array.from({ length: 1 + Math.floor(12 * r()) }, (): [number, number] => [
        5 + 80 * r(),
        5 + 60 * r(),
      ]);
      const laid = packed(sizes, [300, 200], 6);
      laid.forEach((at, i) => {
        if (!at) return;
        const [w, h] = sizes[i]!;
        expect(at.x).toBeGreaterThanOrEqual(6 - 1e-9);
        expect(at.x + w).toBeLessThanOrEqual(294 + 1e-6);
        expect(at.y + h).toBeLessThanOrEqual(194 + 1e-6);
        laid.forEach((other, j) => {
          if (!other || j <= i) return;
          const [ow, oh] = sizes[j]!;
          const apart = Math.max(
            at.x - other.x - ow,
            other.x - at.x - w,
            at.y - other.y - oh,
            other.y - at.y - h,
          );
          expect(apart, `seed ${seed}: ${i} and ${j}`).toBeGreaterThanOrEqual(6 - 1e-6);
        });
      });
    }
    expect(packed([[400, 10]], [300, 200], 6)).toEqual([null]);
  });
});

describe('slits put elsewhere', () => {
  const loops = [square(60, 40, 80), square(85, 65, 30)];
  it('to the place that is named, where they cross no outline', () => {
    const slits = slitsOf([-10, 80], loops);
    const { slits: moved, refused } = slitsMoved(slits, [{ from: [-10, 80], to: [60, 115] }], [-10, 80], loops);
    expect(refused).toBe(0);
    expect(moved[0]!.end.at).toEqual([60, 115]);
    expect(moved[1]).toEqual(slits[1]);
    // To the far side of the part it would go through it.
    expect(slitsMoved(slits, [{ from: [-10, 80], to: [140, 80] }], [-10, 80], loops).refused).toBe(1);
    expect(slitsMoved(slits, [{ from: [-10, 80], to: [400, 400] }], [-10, 80], loops).refused).toBe(1);
    expect(crossing([0, 0], [100, 0], square(40, -10, 20))).toBe(true);
    expect(crossing([0, 0], [40, 0], square(40, -10, 20))).toBe(false);
  });
  it('in a job: the path goes there, its code is clean, and one that cannot be is told', () => {
    const job = outlineJob({ slits: [{ from: [-10, 80], to: [60, 110] }] });
    const { path, figures } = motionOf(job, job.rig);
    expect(Math.abs(path!.slits[0]!.end.at[1] - 110)).toBeLessThan(0.5);
    expect(figures.findings.filter((f) => f.level === 'stop')).toEqual([]);
    const far = outlineJob({ slits: [{ from: [-10, 80], to: [140, 80] }] });
    expect(motionOf(far, far.rig).figures.findings.map((f) => f.code)).toContain('slit-refused');
  });
  it('a part that is cut free over what is still to be cut is named', () => {
    // Two parts hang on a bar: the upper one is cut first, and beneath it a wider one after it.
    const bar = [
      [20, 10],
      [40, 10],
      [40, 160],
      [20, 160],
    ];
    const codes = (...loops: unknown[]) => {
      const job = outlineJob({ loops, entry: [-10, 85], blockMm: [240, 400, 170] });
      return motionOf(job, job.rig).figures.findings.map((f) => f.code);
    };
    expect(codes(bar, square(70, 110, 30), square(60, 20, 60))).toContain('part-loose');
    expect(codes(bar, square(70, 110, 30), square(80, 20, 20))).not.toContain('part-loose');
    expect(codes(bar, square(70, 110, 30))).not.toContain('part-loose');
  });
});
