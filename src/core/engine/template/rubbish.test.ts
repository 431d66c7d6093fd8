import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { planSchema } from '../../documents/plan';
import { templatesSchema } from '../../documents/templates';
import { runVerb } from '../../edge/verbs';
import { testPlan } from './testPlans';

const point = fc.tuple(
  fc.double({ min: -2, max: 3, noNaN: true }),
  fc.double({ min: -2, max: 2, noNaN: true }),
);
/** Outlines of any shape that do not cross themselves: a radius at each of so many angles. */
const star = fc
  .array(fc.double({ min: 0.05, max: 1, noNaN: true }), { minLength: 3, maxLength: 30 })
  .map((rs) => ({
    kind: 'points',
    points: rs.map((r, i) => [
      0.5 + 0.5 * r * Math.cos((2 * Math.PI * i) / rs.length),
      0.5 * r * Math.sin((2 * Math.PI * i) / rs.length),
    ]),
  }));
const section = fc.oneof(
  star,
  star,
  fc.array(point, { minLength: 3, maxLength: 12 }).map((points) => ({ kind: 'points', points })),
  fc.constantFrom(
    {
      kind: 'points',
      points: [
        [0, 0],
        [0, 1],
        [0, 0.5],
      ],
    },
    {
      kind: 'points',
      points: [
        [1, 0],
        [1, 0],
        [1, 0],
      ],
    },
    {
      kind: 'points',
      points: [
        [1, 0],
        [0, 0],
        [1, 0],
        [0, 0],
      ],
    },
    { kind: 'trapezium', height: 0.002, topShare: 1 },
    { kind: 'rectangle', height: 10 },
    { kind: 'naca', code: '0099' },
  ),
);
const end = fc.record({
  section,
  chordMm: fc.constantFrom(2, 60, 5000),
  twistDeg: fc.constantFrom(-45, 0, 30),
  thicknessScale: fc.constantFrom(0.05, 1, 10),
});
const template = fc.record({
  split: fc.constantFrom('top-bottom', 'outline', 'square'),
  round: fc.constantFrom('outside', 'inside'),
  pinnedTo: fc.constantFrom('core', 'block-bottom'),
  firstCut: fc.constantFrom('top', 'bottom'),
  stations: fc.constantFrom(2, 7),
  leadInMm: fc.constantFrom(0, 40),
  tailMm: fc.constantFrom(0, 40),
  slots: fc.constantFrom([], [{ at: 0.5, widthMm: 200, depthMm: 500, side: 'top' }]),
});

describe('rubbish', () => {
  it('whatever a plan says within its schema, it is answered or refused by a field, and nothing is not a number', () => {
    let answered = 0;
    fc.assert(
      fc.property(end, end, template, (root, tip, t) => {
        const plan = { ...testPlan(), piece: { spanMm: 640, root, tip }, template: t };
        expect(planSchema.safeParse(plan).success).toBe(true);
        const answer = runVerb('template', plan);
        if (!answer.ok) {
          expect(answer.faults[0]!.path).not.toBe('');
          return;
        }
        answered++;
        // The schema takes no NaN and no infinity.
        const parsed = templatesSchema.safeParse(answer.output);
        expect(parsed.error?.issues[0]).toBeUndefined();
      }),
      { numRuns: 100, seed: 20261125 },
    );
    expect(answered).toBeGreaterThan(10);
  });
});
