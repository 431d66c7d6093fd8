import { toldTemplates } from '../../words/told';
import { describe, expect, it } from 'vitest';
import { templatesSchema } from '../../documents/templates';
import { melt } from '../../physics/foam/melt';
import { standingWidth } from '../../physics/foam/standing';
import { nearest } from '../../numeric/polyline';
import { selfCrossing } from '../../physics/shape/crossing';
import { FOAMS } from '../../catalog/foams';
import { merge } from '../merge';
import { solve } from '../solve';
import { runVerb } from '../../edge/verbs';
import { mountOff, skewOf } from './mount';
import { testPlan } from './testPlans';
import { planOut, template } from './template';

const plan = testPlan;

describe('allowance of the ends', () => {
  it('each end has the kerf that `solve` gives at its own feed, and grows by half of what it is over the wire', () => {
    const t = toldTemplates(template(plan()));
    expect(templatesSchema.parse(t)).toEqual(t);
    for (const e of t.ends) {
      const there = solve(merge(plan().rig, { cut: { feedMmS: e.feedMmS! } }));
      expect(e.kerfMm).toBeCloseTo(there.cutting!.kerfMm!, 9);
      expect(e.growMm).toBeCloseTo((e.kerfMm! - 0.455) / 2, 9);
    }
    expect(t.ends.find((e) => e.end === 'tip')!.kerfMm!).toBeGreaterThan(t.ends[0]!.kerfMm!);
  });
  it('every point of an edge is the allowance away from what is wanted', () => {
    const t = planOut(plan());
    for (const p of t.passes)
      for (const end of ['root', 'tip'] as const) {
        const w = t.wanted[end];
        const loop = [...w.lay(w.loop), w.lay(w.loop)[0]!];
        const grow = t.grows[end][p.pass.side === 'top' ? 'top' : 'bottom'];
        const line = p.pass[end];
        const edge = line.points.slice(2, -2);
        for (const at of edge) expect(Math.abs(nearest(loop, at).distance - grow)).toBeLessThan(0.005);
      }
  });
  it('pinned to the block: lower cut first grows nothing and says how low; upper first says what it would lose', () => {
    const low = template(plan({ template: { pinnedTo: 'block-bottom' } }));
    expect(low.ends.every((e) => e.growMm === 0)).toBe(true);
    const lies = low.findings.find((f) => f.code === 'core-lies-low')!;
    expect(lies.values['low']).toBeCloseTo((low.ends[0]!.kerfMm! - 0.455) / 2, 9);
    const up = template(plan({ template: { pinnedTo: 'block-bottom', firstCut: 'top' } }));
    const kerfs = up.ends.map((e) => e.kerfMm!);
    expect(up.findings.find((f) => f.code === 'upper-first')!.values['loss']).toBeCloseTo(
      Math.max(...kerfs),
      9,
    );
    expect(up.ends[0]!.side).toBe('top');
  });
});

describe('stations, time and templates', () => {
  it('both ends have the same numbers at the same times, and equal shares of the chord', () => {
    const t = template(plan({ template: { stations: 10 } }));
    for (const side of ['top', 'bottom']) {
      const [root, tip] = ['root', 'tip'].map((end) => t.ends.find((e) => e.end === end && e.side === side)!);
      expect(root!.stations.map((s) => s.n)).toEqual(Array.from({ length: 11 }, (_, i) => i));
      expect(root!.stations.map((s) => s.timeS)).toEqual(tip!.stations.map((s) => s.timeS));
      expect(root!.stations[5]!.x).toBeCloseTo(90, 0);
    }
  });
  it('no template crosses itself, with a spar slot, all round, or pinned to the block', () => {
    const slots = [{ at: 0.3, widthMm: 8, depthMm: 5, side: 'bottom' }];
    for (const over of [
      {},
      { slots },
      { split: 'outline' },
      { pinnedTo: 'block-bottom' },
      { split: 'square' },
    ]) {
      const t = planOut(plan({ template: over }));
      for (const p of t.passes)
        for (const end of ['root', 'tip'] as const)
          expect(selfCrossing(p.pieces[end].outline), JSON.stringify(over)).toBeNull();
    }
  });
  it('a kerf comes out as wide as it was asked for: its template is narrower by what the wire melts', () => {
    const t = planOut(plan({ template: { slots: [{ at: 0.4, widthMm: 10, depthMm: 5, side: 'top' }] } }));
    const root = t.passes.find((p) => p.pass.side === 'top')!.pass.root.points;
    const floor = Math.min(...root.filter((p) => Math.abs(p[0] - 72) < 6).map((p) => p[1])) + 1;
    const at = root.flatMap((p, i): number[] => {
      const q = root[i + 1];
      const crosses = q && (p[1] - floor) * (q[1] - floor) < 0 && Math.abs(p[0] - 72) < 8;
      return crosses ? [p[0] + ((floor - p[1]) / (q[1] - p[1])) * (q[0] - p[0])] : [];
    });
    expect(at).toHaveLength(2);
    expect(at[1]! - at[0]!).toBeCloseTo(10 - 2 * t.grows.root.top, 2);
  });
  it('the end that is out first has the longer tail where both go at one feed', () => {
    const t = planOut(plan({ method: { kind: 'equal-pull', pullN: 1 } }));
    const p = t.passes[0]!.pass;
    const tail = (l: typeof p.root) => l.nodes.at(-1)! - l.nodes.at(-2)!;
    expect(tail(p.tip) - tail(p.root)).toBeGreaterThan(50);
  });
  it('the finished part’s skin, solid tail and thin tail are taken into account', () => {
    const finish = { skinMm: 1, solidTailMm: 20, leastTailMm: 0, squareNoseMm: 0 };
    const t = planOut(plan({ piece: { finish } }));
    const plain = planOut(plan());
    expect(t.wanted.root.top.at(-1)![0]).toBeCloseTo(160, 1);
    const thick = (x: typeof t) =>
      nearest(x.wanted.root.top, [60, 40]).at[1] - nearest(x.wanted.root.bottom, [60, -40]).at[1];
    expect(thick(plain) - thick(t)).toBeCloseTo(2, 1);
    const tail = planOut(plan({ piece: { finish: { ...finish, skinMm: 0, solidTailMm: 0, leastTailMm: 2 } } }));
    expect(tail.wanted.tip.top.at(-1)![1] - tail.wanted.tip.bottom.at(-1)![1]).toBeCloseTo(2, 2);
  });
  it('a skin thicker than the section is refused by name', () => {
    const answer = runVerb('template', { ...plan(), piece: { ...plan().piece, finish: { skinMm: 30 } } });
    expect(answer.ok ? [] : answer.faults).toEqual([expect.objectContaining({ path: 'growMm' })]);
  });
  it('standing still: q 34.2 in EPS 20, 1 s 1.36 mm, 3 s 2.36', () => {
    const eps = melt(FOAMS.eps.heat!, 20, 1, 20);
    expect(standingWidth(eps, 34.2, 1) * 1000).toBeCloseTo(1.36, 2);
    expect(standingWidth(eps, 34.2, 3) * 1000).toBeCloseTo(2.36, 2);
  });
});

describe('ways of driving', () => {
  it('swing arm: radii as the ways of the ends; too long for the arm, both shrink', () => {
    const t = planOut(plan({ method: { kind: 'swing-arm', tipRadiusMm: 150, maxRadiusMm: 600 } }));
    const m = t.method as Record<string, number>;
    expect(m['rootRadiusMm']! / m['tipRadiusMm']!).toBeCloseTo(m['rootPathMm']! / m['tipPathMm']!, 9);
    const short = planOut(plan({ method: { kind: 'swing-arm', tipRadiusMm: 150, maxRadiusMm: 200 } }));
    expect(short.method['rootRadiusMm']).toBeCloseTo(200, 6);
    expect(short.findings.map((f) => f.code)).toContain('radius-too-large');
  });
  it('anchored: says where the anchor belongs, and that it cannot twist', () => {
    const t = planOut(plan({ method: { kind: 'anchored', anchorMm: 1500 } }));
    expect(t.method['anchorWantedMm']).toBeCloseTo(640 / (1 - 120 / 180), 6);
    expect(t.findings.map((f) => f.code)).toEqual(
      expect.arrayContaining(['anchor-does-not-fit', 'anchor-no-twist']),
    );
    const patch = t.findings.find((f) => f.code === 'anchor-does-not-fit')!.patch!;
    expect(
      planOut(plan({ ...patch, piece: { tip: { twistDeg: 0 } } })).findings.map((f) => f.code),
    ).not.toContain('anchor-does-not-fit');
  });
  it('a falling bow that is too heavy runs away; with the counterweight it is told to, it holds', () => {
    const heavy = (counterG: number) =>
      planOut(
        plan({
          template: { split: 'square' },
          method: { kind: 'gravity', massG: 900, counterG, frictionN: 0 },
        }),
      );
    expect(heavy(0).findings.map((f) => f.code)).toContain('pull-runs-away');
    const told = heavy(0).method['counterForAdvisedG'] as number;
    expect(heavy(told).method['feedMmS'] as number).toBeCloseTo(heavy(0).heat!.advised, 1);
  });
  it('too much taper for one pass is a stop', () => {
    const t = planOut(
      plan({
        piece: {
          root: { section: { kind: 'naca', code: '4412' }, chordMm: 600, twistDeg: 0 },
          tip: { chordMm: 20 },
        },
      }),
    );
    expect(t.findings[0]!.code).toBe('taper-too-strong');
  });
  it('a rig that is stopped blesses nothing', () => {
    const t = template(plan({ rig: { foam: { kind: 'pvc' } } }));
    expect(t.findings[0]).toMatchObject({ code: 'rig-stopped', level: 'stop' });
    expect(t.timeS).toBeNull();
  });
});

describe('mounting', () => {
  it('what was measured after pinning comes back as twist, shift and skew', () => {
    const t = planOut(plan());
    const root = mountOff(t.mounts.root, t.mounts.root);
    expect(root).toEqual({ twistDeg: 0, upMm: 0, alongMm: 0 });
    const tip = mountOff(t.mounts.tip, { ...t.mounts.tip, tailHeightMm: t.mounts.tip.tailHeightMm + 2 });
    // Small angles: 2 mm over the chord.
    expect(tip.twistDeg).toBeCloseTo((2 / t.mounts.tip.chordMm) * (180 / Math.PI), 1);
    expect(skewOf(root, tip)).toEqual(tip);
  });
  it('the tip’s 5° stand in its two heights', () => {
    const { tip } = planOut(plan()).mounts;
    expect((tip.tailHeightMm - tip.noseHeightMm) / tip.chordMm).toBeGreaterThan(
      Math.sin((4.5 * Math.PI) / 180),
    );
  });
});
