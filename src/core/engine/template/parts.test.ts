import { describe, expect, it } from 'vitest';
import { piecePlanSchema } from '../../documents/plan';
import { boxOf, signedArea, type Pt } from '../../physics/shape/polyline';
import { lengthsOf, sectionBetween } from './parts';
import { sectionLoop } from './sections';

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
      // prettier-ignore
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
