import { describe, expect, it } from 'vitest';
import { solve } from '../solve';
import { merge } from '../merge';
import { planOut } from './template';
import { testPlan } from './testPlans';

const swept = (offset: number) =>
  testPlan({
    piece: { spanMm: 500, tip: { offsetMm: [offset, 0], twistDeg: 0, chordMm: 180 } },
    rig: { foam: { widthMm: 500 } },
  });

describe('a swept piece', () => {
  it('has the kerf w/cos Λ in the plane of its faces, the foam in the wire’s way wider by 1/cos Λ', () => {
    const plan = planOut(swept(289));
    expect(plan.slant.deg).toBeCloseTo(30, 1);
    const k = plan.slant.stretch;
    expect(k).toBeCloseTo(1 / Math.cos(Math.atan(289 / 500)), 9);
    const along = merge(swept(289).rig, { foam: { widthMm: 500 * k }, cut: { feedMmS: plan.feed.root } });
    expect(plan.slot.root!).toBeCloseTo(solve(along).cutting!.kerfMm! * k, 9);
    const straight = planOut(swept(0));
    expect(straight.slant).toEqual({ deg: 0, stretch: 1 });
    const pull = (p: typeof plan) => p.passes[0]!.pulls[10]!.newtons;
    expect(pull(plan) / plan.heat!.drag(plan.heat!.advised)).toBeGreaterThan(0);
    expect(plan.heat!.drag(plan.heat!.fastest) / straight.heat!.drag(straight.heat!.fastest)).toBeCloseTo(k, 6);
  });

  it('must be within the wire’s reach along the slant', () => {
    const codes = (offset: number) =>
      planOut(
        testPlan({ piece: { spanMm: 900, tip: { offsetMm: [offset, 0] } }, rig: { foam: { widthMm: 900 } } }),
      ).findings.map((f) => f.code);
    expect(codes(0)).not.toContain('longer-than-bow');
    expect(codes(700)).toContain('longer-than-bow');
  });
});

describe('blocks and spar slots', () => {
  const blank = { lengthMm: 700, widthMm: 260, heightMm: 60 };
  it('a block longer than the piece is to be parted first, and is fine once it is', () => {
    const plan = planOut(testPlan({ blank }));
    const found = plan.findings.find((f) => f.code === 'block-too-long')!;
    expect(found.values).toMatchObject({ length: 700, span: 640, each: 30 });
    const parted = planOut(testPlan({ blank: { ...blank, lengthMm: 640 } }));
    expect(parted.findings.map((f) => f.code)).not.toContain('block-too-long');
    expect(found.patch).toMatchObject({ blank: { lengthMm: 640 } });
  });
  it('a spar slot narrower than its kerf is named', () => {
    const slot = (widthMm: number) => ({
      template: { slots: [{ at: 0.3, widthMm, depthMm: 6, side: 'top' }] },
    });
    expect(planOut(testPlan(slot(0.6))).findings.map((f) => f.code)).toContain('slot-too-narrow');
    expect(planOut(testPlan(slot(8))).findings.map((f) => f.code)).not.toContain('slot-too-narrow');
  });
});
