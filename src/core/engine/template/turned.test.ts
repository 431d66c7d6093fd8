import { describe, expect, it } from 'vitest';
import type { Plan } from '../../documents/plan';
import { nearest, partOf, type Pt } from '../../numeric/polyline';
import { merge } from '../merge';
import { cutNow } from './cutTemplate';
import { planOut } from './template';
import { testPlan } from './testPlans';

/** A plain piece of one symmetric section, cut by one template. */
function turnedPlan(template: object, section: object = { kind: 'naca', code: '0018' }): Plan {
  const end = { section, chordMm: 200, twistDeg: 0 };
  return merge(testPlan({ rig: { cut: { feedMmS: 2.5 } } }), {
    piece: { root: end, tip: { ...end, offsetMm: [0, 0] } },
    template: { split: 'turned', ...template },
  });
}

const H = 80;

/**
 * An independent account of the two cuts, by a wire of diameter d that lies on the drawn edge and melts a round hole w wide as it goes:
 * the face that is left of the core at each x, over the line it is turned about. Heights from the bench, the block H high.
 */
function swept(plan: Plan): { x: number; half: number }[] {
  const t = planOut(plan);
  const [w, d] = [t.slot.root!, t.evaluation.s.diameter * 1000];
  const { pinnedTo, firstCut } = plan.template;
  const line = t.passes[0]!.pass.root;
  const edge = partOf(line.points, line.nodes[1]!, line.nodes.at(-2)!).map(([x, y]): Pt => [x, y + H / 2]);
  // The wire lies above an edge whose body is below it, and below one whose body is above.
  const above = pinnedTo === 'block-bottom' || firstCut === 'top' ? 1 : -1;
  const fine: Pt[] = [];
  for (let i = 1; i < edge.length; i++) {
    const [a, b] = [edge[i - 1]!, edge[i]!];
    const run = Math.hypot(b[0] - a[0], b[1] - a[1]);
    const n = Math.max(1, Math.ceil(run / 0.02));
    for (let k = 0; k < n; k++)
      fine.push([
        a[0] + ((b[0] - a[0]) * k) / n - (above * (d / 2) * (b[1] - a[1])) / run,
        a[1] + ((b[1] - a[1]) * k) / n + (above * (d / 2) * (b[0] - a[0])) / run,
      ]);
  }
  const r = w / 2;
  const hole = (x: number, up: 1 | -1) => {
    let best = -up * Infinity;
    for (const [px, py] of fine) {
      const off = Math.abs(px - x);
      if (off < r)
        best =
          up === 1
            ? Math.max(best, py + Math.sqrt(r * r - off * off))
            : Math.min(best, py - Math.sqrt(r * r - off * off));
    }
    return best;
  };
  const xs = Array.from({ length: 120 }, (_, i) => 3 + (194 * i) / 119);
  if (firstCut === 'bottom') return xs.map((x) => ({ x, half: H / 2 - hole(x, 1) }));
  const faces = xs.map((x) => ({ x, face: hole(x, -1), shell: hole(x, 1) }));
  // Turned over in its offcut, the core sinks until it lies on it; the second face is cut at the same height over the bench.
  const sinks = pinnedTo === 'core' ? 0 : Math.min(...faces.map((f) => f.shell - f.face));
  return faces.map(({ x, face }) => ({ x, half: (2 * face - H + sinks) / 2 }));
}

const ORDERS = (['core', 'block-bottom'] as const).flatMap((pinnedTo) =>
  (['top', 'bottom'] as const).map((firstCut) => ({ pinnedTo, firstCut })),
);

describe('one template, the block turned over', () => {
  it.each(ORDERS)(
    '$pinnedTo, $firstCut first: the core is the forecast’s within 0.02 mm, all along the chord',
    (order) => {
      const plan = turnedPlan(order);
      const t = planOut(plan);
      const faces = swept(plan).map(({ x, half }): Pt => [x, half]);
      const top = t.wanted.root.top;
      let seen = 0;
      for (const { forecast, pass } of t.passes)
        for (const f of forecast) {
          const at: Pt = [f.rootAt[0], Math.abs(f.rootAt[1])];
          const want = nearest(top, at).at;
          if (want[0] < 6 || want[0] > 190) continue;
          const is = nearest(faces, want);
          const off = Math.sign(is.at[1] - want[1]) * is.distance;
          expect(
            Math.abs(off - f.root),
            `${pass.side} at ${want[0].toFixed(1)}: swept ${off}, forecast ${f.root}`,
          ).toBeLessThan(0.02);
          seen++;
        }
      expect(seen).toBeGreaterThan(100);
    },
  );
  it('thickness where it is thickest is what is wanted, in all four orders', () => {
    for (const order of ORDERS) {
      const thick = 2 * Math.max(...swept(turnedPlan(order)).map((f) => f.half));
      expect(Math.abs(thick - 0.18 * 200), JSON.stringify(order)).toBeLessThan(0.02);
    }
  });
  it('what each order would lose without its allowance: 2h pinned to the core; a wire thicker; a kerf and a wire thinner', () => {
    const of = (order: object) => planOut(turnedPlan(order)).grows.root.loss;
    const t = planOut(turnedPlan({}));
    const [w, d] = [t.slot.root!, t.evaluation.s.diameter * 1000];
    expect(of({ pinnedTo: 'core', firstCut: 'top' })).toBeCloseTo(w - d, 6);
    expect(of({ pinnedTo: 'core', firstCut: 'bottom' })).toBeCloseTo(w - d, 6);
    expect(of({ pinnedTo: 'block-bottom', firstCut: 'top' })).toBeCloseTo(-d, 6);
    expect(of({ pinnedTo: 'block-bottom', firstCut: 'bottom' })).toBeCloseTo(w + d, 6);
  });
  it('one pair of templates for both passes, the same stations at the same times', () => {
    const t = planOut(turnedPlan({ firstCut: 'top' }));
    expect(t.passes.map((p) => p.pass.side)).toEqual(['top', 'bottom']);
    expect(t.passes[1]!.pieces.root).toBe(t.passes[0]!.pieces.root);
    expect(t.passes[0]!.pieces.root.label[0]).toBe('ROOT · BOTH FACES');
    const [a, b] = t.passes.map((p) => p.paced!.arrive);
    b!.forEach((s, i) => expect(s).toBeCloseTo(a![i]!, 6));
    for (const p of t.passes) for (const f of p.forecast) expect(Math.abs(f.root)).toBeLessThan(0.02);
  });
  it('a symmetric section fits; a cambered one is told what it becomes, and its fix is a pair', () => {
    const codes = (p: Plan) => planOut(p).findings.map((f) => f.code);
    expect(codes(turnedPlan({}))).not.toContain('turned-not-alike');
    const cambered = turnedPlan({ firstCut: 'top' }, { kind: 'naca', code: '4412' });
    const found = planOut(cambered).findings.find((f) => f.code === 'turned-not-alike')!;
    // NACA 4412 by its own equations: camber 4 % at 0.4, half thickness 6 % at 0.3: its upper face rises to 9.8 %, twice 19.6 %, of 200.
    expect(found.values['thick'] as number).toBeCloseTo(39.1, 0);
    expect(found.values['wanted'] as number).toBeCloseTo(24, 0);
    expect(found.level).toBe('fix');
    expect(codes(merge(cambered, found.patch!))).not.toContain('turned-not-alike');
  });
  it('marked as cut and led hotter: on the bench cut above nothing comes of it, in the other orders each face is low by half', () => {
    for (const order of ORDERS) {
      const plan = turnedPlan(order);
      const t = planOut(plan);
      const mark = cutNow(
        plan,
        { slot: t.slot, grows: t.grows, diameter: t.evaluation.s.diameter * 1000 },
        '2026-11-28T20:00:00Z',
      );
      const hot = planOut(merge(plan, { template: { cut: mark }, rig: { control: { setting: 23 } } }));
      const grew = (hot.slot.root! - t.slot.root!) / 2;
      expect(grew).toBeGreaterThan(0.15);
      // Half-way along, where the face is level.
      const level = (p: typeof t) => p.passes[0]!.forecast.find((f) => f.at === 7)!.root;
      const still = order.pinnedTo === 'block-bottom' && order.firstCut === 'top';
      expect(level(hot) - level(t), JSON.stringify(order)).toBeCloseTo(still ? 0 : -grew, 2);
      expect(hot.findings.some((f) => f.code === 'template-other-kerf')).toBe(!still);
    }
  });
  it('an own edge of the face that is cut second is not used, and says nothing of the heat', () => {
    const plan = turnedPlan({ firstCut: 'top' });
    const edge = {
      kind: 'line',
      points: [
        [0, -5],
        [100, -30],
        [200, -5],
      ],
    }; // far from the section
    const own = planOut(merge(plan, { template: { own: { root: { bottom: edge }, tip: { bottom: edge } } } }));
    expect(own.allowed!.root).toBeCloseTo(own.slots.root, 6);
    expect(own.findings.map((f) => f.code)).not.toContain('own-edge-off');
  });
  it('by the bench a twist or a raised tip would be turned round: refused, and its fix is pins in the core', () => {
    const slanting = [{ tip: { twistDeg: 3 } }, { root: { twistDeg: -1 } }, { tip: { offsetMm: [0, 12] } }];
    for (const piece of slanting) {
      const plan = merge(turnedPlan({ pinnedTo: 'block-bottom' }), { piece });
      const found = planOut(plan).findings.find((f) => f.code === 'turned-slants')!;
      expect(found.level).toBe('stop');
      expect(planOut(merge(plan, found.patch!)).findings.map((f) => f.code)).not.toContain('turned-slants');
    }
    expect(planOut(turnedPlan({ pinnedTo: 'block-bottom' })).findings.map((f) => f.code)).not.toContain(
      'turned-slants',
    );
  });
  it('what the edge itself is off is no fault of the feed', () => {
    const plan = turnedPlan({}, { kind: 'naca', code: '4412' });
    expect(planOut(plan).findings.map((f) => f.code)).not.toContain('beyond-tolerance');
  });
  it('turned upside down in twist and hand: a washed-out tip is cut about its own line', () => {
    const plan = merge(turnedPlan({ firstCut: 'bottom' }), {
      piece: { tip: { twistDeg: 4, chordMm: 150, offsetMm: [25, 0] } },
    });
    for (const p of planOut(plan).passes)
      for (const f of p.forecast.filter((f) => f.at > 1 && f.at < 19))
        expect(Math.abs(f.tip)).toBeLessThan(0.25);
  });
});
