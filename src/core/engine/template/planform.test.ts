import { describe, expect, it } from 'vitest';
import type { Plan } from '../../documents/plan';
import { merge } from '../merge';
import { evaluate } from '../evaluate';
import { pullFor } from '../../physics/tension/pulled';
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
    expect(p.led!.feedMmS).toBeCloseTo(e.feed! * 1000, 9);
    expect(p.led!.kerfMm).toBeCloseTo(e.cut!.width * 1000, 5);
    expect(p.led!.outMm).toBeCloseTo((p.led!.kerfMm - 0.455) / 2, 9);
    expect([p.driven, p.falls, p.front.fallsS]).toEqual([false, null, null]);
    expect(p.front.marks.map((m) => m.mm).slice(0, 4)).toEqual([0, 100, 200, 300]);
    for (const m of p.front.marks) expect(m.s!).toBeCloseTo(m.mm / p.led!.feedMmS, 9);
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
    expect([off.led, off.falls]).toEqual([null, null]);
    expect(off.front.marks.every((m) => m.s === null)).toBe(true);
    expect(off.root).toEqual(p.root);
  });
  it('a dowel’s hole lies in the middle of each face’s thickness; too thick a one is told', () => {
    const box = (chordMm: number) => ({ section: { kind: 'rectangle', height: 0.1 }, chordMm, twistDeg: 0 });
    const plan = (diameterMm: number, face = 'both') =>
      merge(testPlan(), {
        piece: {
          root: box(200),
          tip: { ...box(120), offsetMm: [40, 30] },
          dowels: [{ at: 0.25, diameterMm, depthMm: 50, face }],
        },
        blank: { lengthMm: 640, widthMm: 300, heightMm: 100, marginMm: 15 },
      });
    const p = of(plan(6));
    const [root, tip] = [p.root.dowels[0]!, p.tip.dowels[0]!];
    // Boxes of 20 and 12 mm about their chord lines, the tip's 30 mm up: together 46 mm in the middle of 100.
    expect(root).toMatchObject({ diameterMm: 6, depthMm: 50 });
    expect(root.at).toBeCloseTo(15 + 0.25 * 200, 6);
    expect(tip.at).toBeCloseTo(15 + 40 + 0.25 * 120, 6);
    expect(root.above).toBeCloseTo(50 - 13, 6);
    expect(tip.above).toBeCloseTo(50 - 13 + 30, 6);
    expect([root.wallMm, tip.wallMm]).toEqual([expect.closeTo(7, 6), expect.closeTo(3, 6)]);
    const codes = (q: Plan) => planOut(q).findings.map((f) => f.code);
    expect(codes(plan(6))).not.toContain('dowel-too-thick');
    expect(codes(plan(9))).toContain('dowel-too-thick');
    expect(codes(plan(9, 'root'))).not.toContain('dowel-too-thick');
    expect(of(plan(6, 'tip')).root.dowels).toEqual([]);
  });
  it('a falling bow goes through the board at the feed where its drag bears it, and has its own kerf and seconds', () => {
    const fall = (massG: number) => {
      const plan = testPlan({ stock: { thicknessMm: 300 } });
      return of({ ...plan, method: { kind: 'gravity', massG, counterG: 0, frictionN: 0 } });
    };
    const plan = testPlan();
    const e = evaluate(merge(plan.rig, { foam: { widthMm: 300 } }));
    const fastest = e.window.fastest!.feed;
    const p = { stress10: e.s.stress10, diameter: e.s.diameter, width: 0.3 };
    for (const share of [0.4, 0.9]) {
      const marks = fall((pullFor(p, share) / 9.80665) * 1000);
      expect(marks.falls!.feedMmS).toBeCloseTo(share * fastest * 1000, 5);
      expect(marks.front.fallsS).toBeCloseTo(marks.front.lengthMm / marks.falls!.feedMmS, 9);
      expect(marks.falls!.outMm).toBeCloseTo((marks.falls!.kerfMm - 0.455) / 2, 9);
    }
    expect(fall((pullFor(p, 0.4) / 9.80665) * 1000).falls!.kerfMm).toBeGreaterThan(
      fall((pullFor(p, 0.9) / 9.80665) * 1000).falls!.kerfMm,
    );
    expect(fall(100000)).toMatchObject({ driven: true, falls: null });
  });
});
