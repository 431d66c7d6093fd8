import { describe, expect, it } from 'vitest';
import type { Plan } from '../../documents/plan';
import { merge } from '../merge';
import { evaluate } from '../evaluate';
import { planformOf } from './planform';
import { planOut } from './template';
import { testPlan } from './testPlans';

const of = (plan: Plan) => {
  const t = planOut(plan);
  return planformOf(plan, t.wanted, t.blank);
};

/** Ten planforms: root chord, tip chord, sweep, margin, span. Plain boxes, so that every width is the chord itself. */
const PLANFORMS = [
  [200, 200, 0, 15, 600],
  [200, 120, 0, 15, 600],
  [200, 120, 80, 15, 600],
  [200, 120, 40, 10, 600],
  [120, 200, 0, 15, 500],
  [180, 140, -60, 20, 640],
  [240, 60, 120, 5, 640],
  [90, 90, 150, 15, 400],
  [300, 100, -30, 0, 640],
  [150, 110, 12.5, 25, 320],
] as const;

describe('a blank marked on a sheet', () => {
  it.each(PLANFORMS)(
    'root %d, tip %d, sweep %d, margin %d, span %d: marks, lines and diagonals by plane geometry',
    (rootChord, tipChord, sweep, marginMm, spanMm) => {
      const box = (chordMm: number) => ({ section: { kind: 'rectangle', height: 0.1 }, chordMm, twistDeg: 0 });
      const p = of(
        merge(testPlan(), {
          piece: { spanMm, root: box(rootChord), tip: { ...box(tipChord), offsetMm: [sweep, 0] } },
          blank: { lengthMm: spanMm, widthMm: 900, heightMm: 100, marginMm },
        }),
      );
      // The four corners, by hand: the foremost of both ends is the sheet's edge.
      const ahead = Math.min(0, sweep);
      const corners = {
        rootFront: -ahead,
        rootRear: rootChord + 2 * marginMm - ahead,
        tipFront: sweep - ahead,
        tipRear: sweep + tipChord + 2 * marginMm - ahead,
      };
      expect(p.root.front).toBeCloseTo(corners.rootFront, 6);
      expect(p.root.rear).toBeCloseTo(corners.rootRear, 6);
      expect(p.tip.front).toBeCloseTo(corners.tipFront, 6);
      expect(p.tip.rear).toBeCloseTo(corners.tipRear, 6);
      const far = (a: number, b: number) => Math.sqrt(spanMm ** 2 + (b - a) ** 2);
      expect(p.front.lengthMm).toBeCloseTo(far(corners.rootFront, corners.tipFront), 6);
      expect(p.rear.lengthMm).toBeCloseTo(far(corners.rootRear, corners.tipRear), 6);
      expect(p.diagonals[0]).toBeCloseTo(far(corners.rootFront, corners.tipRear), 6);
      expect(p.diagonals[1]).toBeCloseTo(far(corners.rootRear, corners.tipFront), 6);
      // Shoelace: its area is the mean width times the span.
      const area = ((corners.rootRear - corners.rootFront + corners.tipRear - corners.tipFront) / 2) * spanMm;
      expect(((p.root.rear - p.root.front + p.tip.rear - p.tip.front) / 2) * p.spanMm).toBeCloseTo(area, 3);
    },
  );
  it('a cut through the board has its own feed and kerf, as the rig gives for that thickness; its marks their seconds', () => {
    const plan = testPlan({ stock: { thicknessMm: 60 } });
    const p = of(plan);
    const e = evaluate(merge(plan.rig, { foam: { widthMm: 60 } }));
    expect(p.feedMmS).toBeCloseTo(e.feed! * 1000, 9);
    expect(p.kerfMm).toBeCloseTo(e.cut!.width * 1000, 9);
    expect(p.outMm).toBeCloseTo((p.kerfMm! - 0.455) / 2, 9);
    expect(p.front.marks.map((m) => m.mm).slice(0, 4)).toEqual([0, 100, 200, 300]);
    for (const m of p.front.marks) expect(m.s!).toBeCloseTo(m.mm / p.feedMmS!, 9);
    expect(p.front.marks.at(-1)!.mm).toBeCloseTo(p.front.lengthMm, 9);
  });
  it('spars are marked at their share of each chord; a rig that is off gives marks without seconds', () => {
    const slot = { at: 0.3, widthMm: 6, depthMm: 5, side: 'top' };
    const plan = merge(testPlan(), {
      piece: { root: { twistDeg: 0 }, tip: { twistDeg: 0 } },
      template: { slots: [slot] },
    });
    const p = of(plan);
    expect(p.root.spars[0]! - p.root.front).toBeCloseTo(15 + 0.3 * 180, 0);
    expect(p.tip.spars[0]! - p.tip.front).toBeCloseTo(15 + 0.3 * 120, 0);
    const off = of(merge(plan, { rig: { control: { setting: 0 } } }));
    expect([off.feedMmS, off.kerfMm, off.outMm]).toEqual([null, null, null]);
    expect(off.front.marks.every((m) => m.s === null)).toBe(true);
    expect(off.root).toEqual(p.root);
  });
});
