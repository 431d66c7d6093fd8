import { describe, expect, it } from 'vitest';
import { LOOP_SHAPES } from '../../../documents/loopShapes';
import type { Pt } from '../../../numeric/polyline';
import { job, values } from '../testJobs';
import { jigsOf } from '../jig';
import { worksheetOf } from '../worksheet';
import type { OwnJob } from '../../../documents/job';
import { shapedLoop } from '../../../physics/wire/shapedLoop';
import { lengthAlong, loopLine, openLine } from './line';

/** A keyhole: legs 10 apart, a foot 20 wide below; drawn from a corner of its foot, clockwise. */
const KEYHOLE: Pt[] = [[-10, 0], [-10, 8], [-5, 8], [-5, 20], [5, 20], [5, 8], [10, 8], [10, 0]]; // prettier-ignore

describe('the line of a loop', () => {
  // Lengths by geometry: half a circle of r is πr, an arc over a chord c with a rise h has r = c²/8h + h/2.
  it.each(LOOP_SHAPES)(
    '%s: is as long as geometry says, from the left leg to the right, deep or shallow',
    (shape) => {
      for (const [wide, deep] of [
        [20, 30],
        [20, 10],
        [20, 4],
      ] as const) {
        const line = loopLine(shape, wide, deep);
        expect(line[0]).toEqual([expect.closeTo(-wide / 2, 9), expect.closeTo(0, 9)]);
        expect(line.at(-1)).toEqual([expect.closeTo(wide / 2, 9), expect.closeTo(0, 9)]);
        expect(Math.min(...line.map((p) => p[1]))).toBeCloseTo(-deep, 9);
        const radius = wide ** 2 / (8 * deep) + deep / 2;
        const wanted =
          shape === 'vee'
            ? 2 * Math.hypot(wide / 2, deep)
            : shape === 'rectangle' || shape === 'slot'
              ? 2 * deep + wide
              : deep >= wide / 2
                ? shapedLoop(wide, deep)
                : 2 * radius * Math.asin(wide / 2 / radius);
        expect(Math.abs(lengthAlong(line) / wanted - 1), `${wide} × ${deep}`).toBeLessThan(1e-3);
      }
    },
  );
  // Two legs of 12, two shoulders of 5, two sides of 8 and a foot of 20, counted off the drawing.
  it('an own outline is open along its top edge, whichever way it was drawn', () => {
    for (const outline of [KEYHOLE, [...KEYHOLE].reverse()]) {
      const line = openLine(outline)!;
      expect(lengthAlong(line)).toBeCloseTo(2 * 12 + 2 * 5 + 2 * 8 + 20, 9);
      expect(line[0]).toEqual([-5, 20]);
      expect(line.at(-1)).toEqual([5, 20]);
    }
    expect(openLine([[0, 0], [5, 9], [10, 0]])).toBeNull(); // prettier-ignore
  });
  it('an own outline is fitted to the groove, and more wire is asked for than by a rectangle', () => {
    const own = job('groove', { outline: KEYHOLE, widthMm: 20, depthMm: 20 });
    const plain = job('groove', { widthMm: 20, depthMm: 20 });
    const more = values(own).inFoamMm! - values(plain).inFoamMm!;
    // The keyhole's way is 70 to the rectangle's 60; both lie half a wire and half a kerf inside.
    expect(more).toBeGreaterThan(8);
    expect(more).toBeLessThan(12);
    const sheet = worksheetOf(own);
    const [piece] = jigsOf(own as OwnJob, sheet);
    expect(piece!.marks.length).toBeGreaterThan(7);
    const xs = piece!.marks.slice(1).flatMap((m) => [m.from[0], m.to[0]]);
    expect(Math.max(...xs) - Math.min(...xs)).toBeCloseTo(sheet.values['loopMm']! - sheet.values['d']!, 6);
  });
});
