import { describe, expect, it } from 'vitest';
import { piecePlanSchema, planSchema } from '../../documents/plan';
import { boxOf, nearest, signedArea, type Pt } from '../../numeric/polyline';
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
  it('dowels of both faces join the lengths; one of the tip’s face alone is only there; a half has none', () => {
    const hole = { at: 0.25, diameterMm: 6, depthMm: 40 };
    const dowels = [
      { ...hole, face: 'both' as const },
      { ...hole, at: 0.6, face: 'tip' as const },
    ];
    const parts = lengthsOf({ ...plan, piece: { ...plan.piece, dowels } }, 3);
    expect(parts.map((p) => p.piece.dowels.map((d) => d.at))).toEqual([[0.25], [0.25], [0.25, 0.6]]);
    for (const half of halvesOf({ ...plan, piece: { ...plan.piece, dowels } }))
      expect(half.piece.dowels).toEqual([]);
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

describe('joints', () => {
  const worked = (p: typeof plan) => planOut(planSchema.parse({ ...p, rig: BOW }));
  const apart = (a: readonly Pt[], b: readonly Pt[]) =>
    Math.max(...a.map((p) => nearest([...b, b[0]!], p).distance));

  it('both faces of a joint between lengths have one outline to 0.1 mm, as templates are drawn, for 2 to 5 lengths', () => {
    for (const count of [2, 3, 4, 5]) {
      const parts = lengthsOf(plan, count).map(worked);
      parts.slice(1).forEach((next, k) => {
        const before = parts[k]!;
        const [dx, dy] = before.plan.piece.tip.offsetMm;
        const tip = before.wanted.tip.lay(before.wanted.tip.loop).map(([x, y]): Pt => [x - dx, y - dy]);
        const root = next.wanted.root.lay(next.wanted.root.loop);
        expect(Math.max(apart(tip, root), apart(root, tip))).toBeLessThan(0.1);
      });
    }
  });
  it('the flats of both halves lie along one line at each end, twisted as it is', () => {
    const [upper, lower] = halvesOf(plan).map(worked);
    for (const end of ['root', 'tip'] as const) {
      const flat = (t: NonNullable<typeof upper>, side: 'top' | 'bottom') => {
        const w = t.wanted[end];
        return w.lay([w[side][0]!, w[side].at(-1)!]);
      };
      const [a, b] = [flat(upper!, 'bottom'), flat(lower!, 'top')];
      a.forEach((p, i) => expect(Math.hypot(p[0] - b[i]![0], p[1] - b[i]![1])).toBeLessThan(0.1));
    }
  });
  it('templates that are cut or owned go with the ends that they are of, never with a joint', () => {
    const edge = {
      kind: 'line' as const,
      points: [
        [0, 0],
        [200, 5],
      ] as [number, number][],
    };
    const both = { top: edge, bottom: edge };
    const own = { ...plan, template: { ...plan.template, own: { root: both, tip: both } } };
    const parts = lengthsOf(own, 3).map((p) => p.template.own);
    expect(parts.map((o) => [o.root.top, o.tip.top].map(Boolean))).toEqual([
      [true, false],
      [false, false],
      [false, true],
    ]);
    const [up, low] = halvesOf(own).map((p) => p.template.own.root);
    expect([up!.top, up!.bottom, low!.top, low!.bottom].map(Boolean)).toEqual([true, false, false, true]);
    const turned = { ...plan, template: { ...plan.template, split: 'turned' as const } };
    expect(halvesOf(turned).map((p) => p.template.split)).toEqual(['top-bottom', 'top-bottom']);
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
