import { describe, expect, it } from 'vitest';
import { planSchema, type Plan } from '../../documents/plan';
import { merge } from '../merge';
import { testPlan } from './testPlans';
import { cutNow } from './cutTemplate';
import { planOut } from './template';

const plan = testPlan();
const AT = '2026-11-20T10:00:00Z';
/** A plan whose templates are cut as they stand. */
function asCut(p: Plan): Plan {
  const out = planOut(p);
  const cut = cutNow(p, { slot: out.slot, grows: out.grows, diameter: out.evaluation.s.diameter * 1000 }, AT)!;
  return planSchema.parse(merge(p, { template: { cut } }));
}
const edges = (t: ReturnType<typeof planOut>) =>
  t.passes.map((p) => [p.pieces.root.outline, p.pieces.tip.outline]);
const codes = (t: ReturnType<typeof planOut>) => t.findings.map((f) => f.code as string);
const cut = asCut(plan);

describe('templates that are cut', () => {
  it('give the forecast of the plan they were made by, within 0.02 mm, and the same edges', () => {
    const [was, is] = [planOut(plan), planOut(cut)];
    expect(edges(is)).toEqual(edges(was));
    was.passes.forEach((p, i) =>
      p.forecast.forEach((f, k) => {
        const g = is.passes[i]!.forecast[k]!;
        for (const at of ['root', 'middle', 'tip'] as const) expect(Math.abs(g[at] - f[at])).toBeLessThan(0.02);
      }),
    );
    expect(codes(is)).not.toContain('template-other-kerf');
  });
  it('pinned to the block and cut below first their thickness hangs on no heat: nothing comes of another', () => {
    const block = asCut(merge(plan, { template: { pinnedTo: 'block-bottom', firstCut: 'bottom' } }));
    const hot = planOut(merge(block, { rig: { control: { setting: 21 }, cut: { feedMmS: 2 } } }));
    expect(hot.slot.root! - block.template.cut!.kerfMm.root).toBeGreaterThan(0.1);
    expect(codes(hot)).not.toContain('template-other-kerf');
    for (const f of hot.passes.flatMap((p) => p.forecast).filter((f) => f.at > 5 && f.at < 15))
      expect(Math.abs(f.root)).toBeLessThan(0.1);
  });
  it('keep their edges at another heat and feed; the core is lower by half of what the kerf is wider', () => {
    const hot = planOut(merge(cut, { rig: { control: { setting: 21 }, cut: { feedMmS: 2 } } }));
    expect(edges(hot)).toEqual(edges(planOut(cut)));
    const wider = hot.slot.root! - cut.template.cut!.kerfMm.root;
    expect(wider).toBeGreaterThan(0.2);
    // In steady going, away from where the wire comes in and from corners.
    const steady = hot.passes[0]!.forecast.filter((f) => f.at > 4 && f.at < 12);
    const mean = steady.reduce((sum, f) => sum + f.root, 0) / steady.length;
    expect(Math.abs(mean + wider / 2)).toBeLessThan(0.1);
    expect(codes(hot)).toContain('template-other-kerf');
    // Without the mark they would have followed.
    expect(edges(planOut(merge(plan, { rig: hot.plan.rig })))).not.toEqual(edges(hot));
  });
  it('name the heat that fits them, and that heat does', () => {
    const led = merge(cut, { rig: { cut: { feedMmS: 2.4 }, control: { setting: 21 } } });
    const found = planOut(led).findings.find((f) => f.code === 'template-other-kerf')!;
    const setting = found.values['setting'] as number;
    expect(setting).toBeLessThan(21);
    const end = found.values['end'] as 'root' | 'tip';
    const fitted = planOut(merge(led, { rig: { control: { setting } } }));
    expect(Math.abs(fitted.slot[end]! - cut.template.cut!.kerfMm[end])).toBeLessThan(0.02);
  });
  it('where the feed follows the heat, it is said to be held, and held so the setting fits', () => {
    const hot = merge(cut, { rig: { cut: { reserve: 0.35 } }, toleranceMm: 0.2 });
    const { values } = planOut(hot).findings.find((f) => f.code === 'template-other-kerf')!;
    expect(hot.rig.cut.feedMmS).toBeNull();
    const end = values['end'] as 'root' | 'tip';
    const rig = { control: { setting: values['setting'] }, cut: { feedMmS: values['hold'] } };
    expect(Math.abs(planOut(merge(hot, { rig })).slot[end]! - cut.template.cut!.kerfMm[end])).toBeLessThan(
      0.02,
    );
  });
  it('a drive that nobody leads is named no setting: its feed would be another', () => {
    const pulled = asCut(testPlan({ method: { kind: 'equal-pull', pullN: 1 } }));
    const hot = planOut(merge(pulled, { method: { pullN: 0.3 }, toleranceMm: 0.05 }));
    const { values } = hot.findings.find((f) => f.code === 'template-other-kerf')!;
    expect([values['led'], values['setting']]).toEqual(['no', null]);
  });
  it('a thinner wire on the same edges runs nearer to them: the core gains half of what it is thinner', () => {
    const thin = merge(cut, { rig: { wire: { diameterMm: 0.255 } } });
    const out = planOut(thin);
    expect(out.allowed!.root).toBeCloseTo(cut.template.cut!.kerfMm.root - 0.2, 9);
  });
  it('a piece that has changed since is told; the edges are still those of the old one', () => {
    const other = planOut(merge(cut, { piece: { root: { chordMm: 200 } } }));
    expect(codes(other)).toContain('template-other-section');
    expect(edges(other)).toEqual(edges(planOut(cut)));
    // Another count of pieces, span or hand is no other section.
    expect(codes(planOut(merge(cut, { piece: { pieces: 6 } })))).not.toContain('template-other-section');
  });
  it('nothing is marked as cut before a kerf is known', () => {
    const cold = planOut(merge(plan, { rig: { control: { setting: 1 } } }));
    expect(cutNow(plan, { slot: cold.slot, grows: cold.grows, diameter: 0.4 }, AT)).toBeNull();
  });
});
