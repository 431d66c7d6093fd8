import { describe, expect, it } from 'vitest';
import { planOut } from './template';
import { testPlan as plan } from './testPlans';

/** A rig pushed near its max feed with a slack wire: a lag that shows. */
const LAGGING = { rig: { cut: { feedMmS: 5.1 }, tension: { setN: 60, setWhen: 'hot' } } };

describe('pace and forecast', () => {
  const box = (h: number) => ({ kind: 'rectangle', height: h }) as const;
  const flat = (section: object, chord: number) => ({
    piece: {
      root: { section, chordMm: chord, twistDeg: 0 },
      tip: { section, chordMm: chord, twistDeg: 0, offsetMm: [0, 0] },
    },
  });
  it('straight: no error but the lag’s own, along the line', () => {
    const t = planOut(plan({ ...flat(box(0.3), 200), ...LAGGING, template: { split: 'square' } }));
    expect(t.heat!.lag(t.heat!.advised)).toBeGreaterThan(0.5);
    for (const f of t.passes[0]!.forecast) expect(Math.abs(f.middle)).toBeLessThan(0.01);
  });
  it('a circle comes out f²/2R hollow', () => {
    const t = planOut(
      plan({ ...flat({ kind: 'circle' }, 80), ...LAGGING, toleranceMm: 20, template: { split: 'outline' } }),
    );
    const f = t.heat!.lag(t.heat!.advised);
    const hollow = t.passes[0]!.forecast.slice(40, -40).map((x) => x.lag);
    const mean = hollow.reduce((a, b) => a + b, 0) / hollow.length;
    // Of the circle that the wire's edge is led on, the allowance outside the core.
    const radius = 40 + t.grows.root.top;
    expect(mean).toBeLessThan(0);
    expect(Math.abs(-mean / ((f * f) / (2 * radius)) - 1)).toBeLessThan(0.12);
  });
  it('a corner without a wait is cut short by about half the lag, with one hardly', () => {
    const t = (tolerance: number) =>
      planOut(plan({ ...flat(box(0.5), 200), ...LAGGING, toleranceMm: tolerance }));
    const at = (x: ReturnType<typeof t>) => {
      const top = x.passes.find((p) => p.pass.side === 'top')!;
      const i = top.pass.nodes.findIndex((n, k) => k > 2 && Math.abs(n.turnDeg) > 60);
      return {
        off: Math.max(...top.forecast.map((f) => Math.abs(f.lag))),
        wait: top.paced!.waits.find((w) => w.node === i),
      };
    };
    const free = t(20);
    const f = free.heat!.lag(free.heat!.advised);
    expect(at(free).off / f).toBeGreaterThan(0.4);
    expect(at(free).off / f).toBeLessThan(0.55);
    expect(free.passes.flatMap((p) => p.paced!.waits)).toHaveLength(0);
  });
  it('a wait is no longer than 1.5 lags by motors, two seconds by hand, and none where it melts more than it saves', () => {
    const sharp = (kind: string) =>
      planOut(
        plan({
          ...flat(box(0.5), 200),
          ...LAGGING,
          rig: { ...LAGGING.rig, frame: { kind }, tension: { setN: 25, setWhen: 'hot' } },
          toleranceMm: 0.1,
        }),
      );
    const motors = sharp('gantry');
    const waits = motors.passes.flatMap((p) => p.paced!.waits);
    expect(waits.length).toBeGreaterThan(0);
    const most = (1.5 * motors.heat!.lag(motors.heat!.advised)) / motors.heat!.advised;
    for (const w of waits)
      expect(w.vain ? w.seconds === 0 : w.melts <= w.saves && w.seconds <= most * 1.001).toBe(true);
    for (const w of sharp('bow').passes.flatMap((p) => p.paced!.waits))
      expect(w.vain || w.seconds >= 2).toBe(true);
  });
  it('where some feed meets the tolerance the paced forecast keeps it; where none does the station is named', () => {
    // A round nose that is too hollow at the set feed and comes right slower.
    const round = { ...flat({ kind: 'circle' }, 60), template: { split: 'outline' }, ...LAGGING };
    const set = planOut(plan({ ...round, toleranceMm: 20 }));
    // The first and last stations are the corner where the wire comes in and goes out: that is a wait's business.
    const inside = <T extends { at: number }>(fs: readonly T[]) => fs.filter((f) => f.at > 2 && f.at < 38);
    const most = (f: { root: number; middle: number; tip: number }) =>
      Math.max(Math.abs(f.root), Math.abs(f.middle), Math.abs(f.tip));
    const tolerance = 0.75 * Math.max(...inside(set.passes[0]!.forecast).map(most));
    const paced = planOut(plan({ ...round, toleranceMm: tolerance }));
    expect(paced.passes[0]!.paced!.legs.some((l) => l.slowed)).toBe(true);
    for (const f of inside(paced.passes[0]!.forecast))
      expect(most(f), `station ${f.at}`).toBeLessThanOrEqual(tolerance);
    // And one that no feed can meet.
    const strict = planOut(
      plan({
        ...round,
        piece: { ...round.piece, tip: { ...round.piece.tip, chordMm: 30 } },
        toleranceMm: 0.05,
      }),
    );
    expect(strict.findings.map((f) => f.code)).toContain('beyond-tolerance');
  });
});
