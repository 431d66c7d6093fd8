import { describe, expect, it } from 'vitest';
import { planSchema, type Plan } from '../../documents/plan';
import { boxOf } from '../../numeric/polyline';
import { merge } from '../merge';
import { planOut } from './template';
import { testPlan } from './testPlans';

const piece = {
  spanMm: 640,
  root: { section: { kind: 'rectangle', height: 0.2 }, chordMm: 200 },
  tip: { section: { kind: 'rectangle', height: 0.2 }, chordMm: 100 },
};
/** A tapered block on the bow, with what a test changes in it. */
const plan = (over: object = {}): Plan => planSchema.parse({ ...testPlan(), piece, ...over });

describe('the block', () => {
  it('the smallest holds both ends, their twist and sweep, margins and skins', () => {
    const tip = { section: { kind: 'rectangle', height: 0.2 }, chordMm: 100, twistDeg: 10, offsetMm: [150, 5] };
    const t = planOut(plan({ piece: { ...plan().piece, tip } }));
    const box = boxOf([...t.wanted.root.lay(t.wanted.root.loop), ...t.wanted.tip.lay(t.wanted.tip.loop)]);
    expect(t.blank.box).toEqual(box);
    expect(t.blank.smallest.widthMm).toBeGreaterThanOrEqual(box.x1 - box.x0 + 30);
    expect(t.blank.smallest.heightMm).toBeGreaterThanOrEqual(box.y1 - box.y0 + 12);
  });
  it('weighs what a frustum of its foam weighs', () => {
    // Faces 200 × 40 and 100 × 20 mm, 640 long: 640/3 (8000 + 4000 + 2000) mm³ at 33 kg/m³.
    const want = ((640 / 3) * 14000 * 33) / 1e6;
    expect(planOut(plan()).blank.weightG).toBeCloseTo(want, 6);
  });
  it('one that is too small is a stop, says what it lacks, and its patch makes it fit', () => {
    const small = { lengthMm: 600, widthMm: 150, heightMm: 40, skinMm: 0, marginMm: 15 };
    const t = planOut(plan({ blank: small }));
    const found = t.findings.find((f) => f.code === 'blank-too-small')!;
    expect(found).toMatchObject({ level: 'stop', values: { lengthMm: 40 } });
    const fixed = planOut(plan({ blank: { ...small, ...(found.patch!['blank'] as object) } }));
    expect(fixed.blank.fits).toBe(true);
  });
  it('a piece thicker than the board is parted in layers, thin ones are stacked, one longer than the wire cut in lengths', () => {
    const sheet = { lengthMm: 1250, widthMm: 600, count: 1 };
    expect(planOut(plan({ stock: { ...sheet, thicknessMm: 40 } })).blank.layers).toBe(2);
    expect(planOut(plan({ stock: { ...sheet, thicknessMm: 220 } })).blank.stacked).toBe(4);
    const long = planOut(plan({ piece: { ...plan().piece, spanMm: 2500 } }));
    expect(long.blank.lengths).toBe(Math.ceil(2500 / long.blank.longestMm!));
    expect(long.findings.map((f) => f.code)).toContain('longer-than-bow');
  });
  it('tapered blanks lie head to tail where that gives more', () => {
    const n = planOut(plan({ stock: { lengthMm: 1300, widthMm: 700, thicknessMm: 80, count: 2 } })).blank.nest;
    // Two rows along; across 3 square ones of 230, or two pairs of 215 + 115 + slots.
    expect(n).toMatchObject({ rows: 2, headToTail: true });
    expect(n.across).toBeGreaterThan(Math.floor(700 / 231));
    expect(n.perSheet).toBe(n.rows * n.across);
  });
});

describe('the pull along the cut', () => {
  const bow = { massG: 800, hung: false };
  const pulls = (over: object) =>
    planOut(plan(over)).passes.flatMap((p) => p.pulls.map((x) => ({ ...x, side: p.pass.side })));
  it('a bow that hangs costs the drag alone; one that is carried also its weight up and down the slope', () => {
    const blade = {
      ...plan().piece,
      root: { section: { kind: 'naca', code: '4418' }, chordMm: 200 },
      tip: { section: { kind: 'naca', code: '4418' }, chordMm: 150 },
    };
    const hung = pulls({ piece: blade, bow: { massG: 800, hung: true } });
    const carried = pulls({ piece: blade, bow });
    const top = carried.filter((p) => p.side === 'top');
    // Up the nose it must be lifted, down to the tail it runs by itself.
    expect(top[0]!.newtons).toBeGreaterThan(hung[0]!.newtons + 3);
    expect(top.at(-2)!.newtons).toBeLessThan(0);
    expect(Math.max(...hung.map((p) => Math.abs(p.newtons)))).toBeLessThan(0.1);
  });
  it('equal pulls that are too weak stall and say how many grams are wanting', () => {
    const weak = pulls({ template: { split: 'square' }, method: { kind: 'equal-pull', pullN: 0 } });
    expect(weak.every((p) => p.does === 'stalls')).toBe(true);
    const strong = pulls({ template: { split: 'square' }, method: { kind: 'equal-pull', pullN: 40 } });
    expect(strong.every((p) => p.does === 'runs-away' && p.grams < -1000)).toBe(true);
  });
});

describe('findings that can be done with one press', () => {
  it('each patch removes its finding', () => {
    const cases: [string, object][] = [
      ['lead-in-short', { template: { leadInMm: 10 } }],
      ['tail-short', { template: { tailMm: 5 } }],
      ['upper-first', { template: { pinnedTo: 'block-bottom', firstCut: 'top' } }],
      ['radius-too-large', { method: { kind: 'swing-arm', tipRadiusMm: 300, maxRadiusMm: 400 } }],
      ['nose-sharp', { piece: { ...plan().piece, root: { section: { kind: 'naca', code: '0003' }, chordMm: 60 }, tip: { section: { kind: 'naca', code: '0003' }, chordMm: 50 } } }],
      ['tail-thin', { piece: { ...plan().piece, root: { section: { kind: 'naca', code: '4412' }, chordMm: 180 }, tip: { section: { kind: 'naca', code: '4412' }, chordMm: 120 } } }],
    ]; // prettier-ignore
    for (const [code, over] of cases) {
      let p = plan(over);
      const first = planOut(p).findings.filter((f) => f.code === code);
      expect(first.length, code).toBeGreaterThan(0);
      p = planSchema.parse(merge(p, first[0]!.patch!));
      expect(
        planOut(p).findings.map((f) => f.code),
        code,
      ).not.toContain(code);
    }
  });
});
