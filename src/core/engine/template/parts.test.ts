import { describe, expect, it } from 'vitest';
import { piecePlanSchema, planSchema } from '../../documents/plan';
import { boxOf, signedArea, type Pt } from '../../numeric/polyline';
import { halvesOf, lengthsOf, sectionBetween, sectionHalf } from './parts';
import { sectionFaults } from './check';
import { surfacesOf } from '../../physics/shape/surfaces';
import { sectionLoop } from './sections';
import { planOut } from './template';
import { BOW } from './testPlans';

const plan = piecePlanSchema.parse({
  format: 'upwind-rod/plan',
  version: 1,
  name: 'Long',
  piece: {
    spanMm: 1200,
    targetG: 80,
    root: { section: { kind: 'naca', code: '4418' }, chordMm: 240 },
    tip: { section: { kind: 'naca', code: '4412' }, chordMm: 120, twistDeg: 6, offsetMm: [30, 9] },
  },
});

describe('a piece in lengths', () => {
  it('neighbours share an end, chord and twist run straight, spans add up', () => {
    const parts = lengthsOf(plan, 3);
    expect(parts.map((p) => piecePlanSchema.parse(p).piece.spanMm)).toEqual([400, 400, 400]);
    expect(parts.map((p) => p.piece.root.chordMm)).toEqual([240, 200, 160]);
    expect(parts.map((p) => p.piece.tip.twistDeg)).toEqual([2, 4, 6]);
    for (const [a, b] of [
      [parts[0]!, parts[1]!],
      [parts[1]!, parts[2]!],
    ]) {
      const { offsetMm: _, ...tip } = a!.piece.tip;
      expect(tip).toEqual(b!.piece.root);
    }
    expect(parts.reduce((sum, p) => sum + p.piece.tip.offsetMm[0], 0)).toBeCloseTo(30, 9);
    expect(parts[0]!.piece.root.section).toEqual(plan.piece.root.section);
    expect(parts[2]!.piece.tip.section).toEqual(plan.piece.tip.section);
  });
  it('half-way between 4418 and 4412 lies what is near 4415', () => {
    const mid = sectionLoop(
      sectionBetween({ kind: 'naca', code: '4418' }, { kind: 'naca', code: '4412' }, 0.5),
    );
    const want = sectionLoop({ kind: 'naca', code: '4415' });
    expect(signedArea(mid)).toBeCloseTo(signedArea(want), 3);
    const thick = (l: readonly Pt[]) => boxOf(l).y1 - boxOf(l).y0;
    expect(Math.abs(thick(mid) - thick(want))).toBeLessThan(0.001);
  });
  it('alike sections stay what they are', () => {
    const s = { kind: 'circle' } as const;
    expect(sectionBetween(s, { ...s }, 0.4)).toBe(s);
  });
});

describe('a piece in halves', () => {
  it('parted along the chord line, both halves together are the whole', () => {
    for (const code of ['0012', '4415', '23012']) {
      const whole = { kind: 'naca', code } as const;
      const [top, bottom] = (['top', 'bottom'] as const).map((side) => sectionHalf(whole, side));
      expect([...sectionFaults(top!), ...sectionFaults(bottom!)]).toEqual([]);
      const area = signedArea(sectionLoop(top!)) + signedArea(sectionLoop(bottom!));
      // What is missing is the sliver of the blunt tail.
      expect(Math.abs(area - signedArea(sectionLoop(whole)))).toBeLessThan(0.002);
      expect(surfacesOf(sectionLoop(top!)).bottom).toHaveLength(2);
      expect(surfacesOf(sectionLoop(bottom!)).top).toHaveLength(2);
    }
  });
  it('each half is a plan of its own that comes out without its section being at fault', () => {
    for (const half of halvesOf(plan)) {
      const t = planOut(planSchema.parse({ ...half, rig: BOW }));
      expect(t.findings.map((f) => f.code)).not.toContain('section-doubled');
      expect(t.blank.smallest.heightMm).toBeLessThan(
        planOut(planSchema.parse({ ...plan, rig: BOW })).blank.smallest.heightMm,
      );
    }
  });
});
