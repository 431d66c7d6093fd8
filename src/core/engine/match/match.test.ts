import { describe, expect, it } from 'vitest';
import { drawerSchema, type DrawerInput } from '../../documents/drawer';
import { rigSchema } from '../../documents/rig';
import { solve } from '../solve';
import { judge } from './judge';
import { match, judgeAll, ranked } from './match';
import { lengthsOf } from './lengths';
import { CandidateSet } from './pairing';
import { prepare } from './setting';
import { screen } from './screen';
import { seededDrawer } from './testDrawer';

const brick = { kind: 'brick', volts: 20, maxAmps: 3.25 } as const;
const drawer = (parts: Partial<DrawerInput> = {}) =>
  drawerSchema.parse({
    format: 'upwind-rod/drawer',
    version: 1,
    wires: [{ name: 'Ni-Cr 26', wire: { alloy: 'nicr-80', diameterMm: 0.405 }, metres: 12 }],
    supplies: [
      {
        name: 'Bench',
        supply: { kind: 'bench', volts: 32, maxAmps: 6 },
        controls: [{ kind: 'volts' }, { kind: 'amps' }],
      },
      { name: 'Brick', supply: brick, controls: [{ kind: 'none' }, { kind: 'pwm', ratedAmps: 8 }] },
    ],
    job: {
      frame: { kind: 'bow' },
      foam: { kind: 'xps', densityKgM3: 33, widthMm: 640 },
      cut: { feedMmS: 2.5 },
    },
    ...parts,
  });

/** What a judge says, with its numbers to twelve figures. */
const told = (v: ReturnType<typeof judge> | null) =>
  v && !v.ok
    ? {
        code: v.code,
        values: Object.entries(v.values).map(([k, x]) => [k, typeof x === 'number' ? x.toPrecision(10) : x]),
      }
    : v;

describe('match', () => {
  it('the screen never drops what the whole solve would keep, and gives its very reason', () => {
    let screened = 0;
    let all = 0;
    for (let seed = 1; seed <= 16; seed++) {
      const plain = seed % 4 === 0;
      const d = new CandidateSet(
        seededDrawer(seed, { wires: 8, lengths: 4, supplies: 9, controls: 18 }, plain),
      );
      for (const p of d.pairings()) {
        const ready = prepare(d, p);
        const quick = screen(ready);
        all++;
        if (!quick) continue;
        screened++;
        expect(told(quick), `seed ${seed}, ${JSON.stringify(p)}`).toEqual(told(judge(ready)));
      }
    }
    expect(all).toBe(16 * 8 * 4 * 18);
    expect(screened / all).toBeGreaterThan(0.3);
  });

  it('puts every pairing into exactly one list', () => {
    const d = seededDrawer(3, { wires: 6, lengths: 4, supplies: 5, controls: 11 }, false);
    const m = match(d);
    expect(m.pairs.length + m.refused.length).toBe(6 * 4 * 11);
    const keys = [...m.pairs, ...m.refused].map((x) => `${x.wire}|${x.lengthMm}|${x.supply}|${x.control.kind}`);
    expect(new Set(keys).size).toBeGreaterThan(150);
  });

  it.each([4, 14, 27])(
    'no working rig has a stop finding, its feed is in the window, its load at most 1 (seed %d)',
    (seed) => {
      const m = match(seededDrawer(seed, { wires: 5, lengths: 3, supplies: 6, controls: 12 }, seed === 4));
      expect(m.pairs.length).toBeGreaterThan(0);
      for (const pair of m.pairs) {
        expect(rigSchema.safeParse(pair.rig).success).toBe(true);
        const r = solve(pair.rig);
        expect(r.findings.filter((f) => f.level === 'stop')).toEqual([]);
        expect(r.supply.load ?? 0).toBeLessThanOrEqual(1);
        const feed = pair.rig.cut.feedMmS!;
        expect(feed).toBeGreaterThanOrEqual(r.cutting!.slowestFeedMmS!);
        const reserve = pair.rig.cut.reserve ?? (pair.rig.frame.kind === 'gantry' ? 0.7 : 0.5);
        expect(feed).toBeLessThanOrEqual(reserve * r.cutting!.fastestFeedMmS! * 1.00001);
        for (const part of Object.values(pair.parts)) {
          expect(part).toBeGreaterThanOrEqual(0);
          expect(part).toBeLessThanOrEqual(1);
        }
        expect(pair.rig.control.setting).toBe(pair.control.setting);
      }
    },
  );

  it('finds the setting that gives just the reserve, within its rounding', () => {
    const m = match(drawer());
    const pair = m.pairs.find((p) => p.control.kind === 'volts')!;
    expect(pair.reading!.cutting!.reserve!).toBeGreaterThan(0.49);
    expect(pair.reading!.cutting!.reserve!).toBeLessThanOrEqual(0.5);
  });

  it('gives the best first, and the first fifty their reading', () => {
    const m = match(seededDrawer(8, { wires: 6, lengths: 4, supplies: 4, controls: 8 }, true));
    const scores = m.pairs.map((p) => p.score);
    expect(scores).toEqual([...scores].sort((a, b) => b - a));
    expect(m.pairs.length).toBeGreaterThan(50);
    expect(m.pairs.map((p) => p.reading !== null)).toEqual(m.pairs.map((_, i) => i < 50));
  });

  it('its weights turn the order: with leads alone, the thinnest loss is first', () => {
    const d = seededDrawer(8, { wires: 6, lengths: 4, supplies: 4, controls: 8 }, true);
    const run = judgeAll({ ...d, weights: { reserve: 0, load: 0, dial: 0, strength: 0, leads: 1 } });
    let step = run.next();
    while (!step.done) step = run.next();
    const best = ranked(step.value.working, step.value.drawn.drawer.weights)[0]!;
    expect(best.w.parts.leads).toBe(Math.max(...step.value.working.map((w) => w.parts.leads)));
    expect(best.score).toBe(best.w.parts.leads);
  });

  it('says what is still to be bought, and nothing where it costs nothing', () => {
    const m = match(
      drawer({
        wires: [
          { name: 'short end', wire: { alloy: 'nicr-80', diameterMm: 0.405 }, metres: 0.5, pricePerM: 2 },
        ],
        supplies: [
          {
            name: 'Wished',
            supply: { kind: 'bench', volts: 32, maxAmps: 6 },
            controls: [{ kind: 'volts' }],
            have: false,
            price: 60,
          },
        ],
        lengthsMm: [800],
      }),
    );
    expect(m.pairs[0]!.buy).toEqual([
      { what: 'wire', name: 'short end', metres: expect.closeTo(0.3, 9), cost: expect.closeTo(0.6, 9) },
      { what: 'supply', name: 'Wished', metres: null, cost: 60 },
    ]);
    expect(match(drawer()).pairs[0]).not.toHaveProperty('buy');
  });

  it('a clip is slid to where the wire is hot enough, never off the wire or into the foam', () => {
    const m = match(
      drawer({ supplies: [{ name: 'Brick', supply: brick, controls: [{ kind: 'clip' }] }], lengthsMm: [2000] }),
    );
    const clip = [...m.pairs, ...m.refused][0]!.control.setting!;
    expect(clip).toBeGreaterThanOrEqual(640);
    expect(clip).toBeLessThanOrEqual(2000);
  });

  it('refuses PVC, mains and a wire shorter than the foam with that reason', () => {
    const one = (parts: Partial<DrawerInput>) => match(drawer(parts)).refused[0]!;
    const job = { frame: { kind: 'bow' }, cut: { feedMmS: 2.5 } } as const;
    expect(one({ job: { ...job, foam: { kind: 'pvc', densityKgM3: 60, widthMm: 640 } } }).code).toBe(
      'foam-refused',
    );
    expect(one({ lengthsMm: [500] }).code).toBe('foam-wider-than-wire');
    const mains = { kind: 'other', volts: 230, maxAmps: 10, current: 'ac', isolated: false } as const;
    expect(one({ supplies: [{ name: 'wall', supply: mains, controls: [{ kind: 'phase' }] }] }).code).toBe(
      'mains-direct',
    );
  });

  it('grows a bow up to twice the least length, and not a table', () => {
    expect(lengthsOf(drawer())).toEqual([760, 835, 950, 1140, 1330, 1520]);
    const job = drawer().job;
    expect(lengthsOf({ ...drawer(), job: { ...job, frame: { ...job.frame, kind: 'table' } } })).toEqual([760]);
  });

  it('refuses more pairings than it can judge, naming how many', () => {
    const wires = Array.from(
      { length: 400 },
      () => ({ name: 'w', wire: { alloy: 'nicr-80', diameterMm: 0.4 }, metres: 1 }) as const,
    );
    const controls = Array.from({ length: 60 }, () => ({ kind: 'volts' }) as const);
    const parsed = drawerSchema.safeParse({
      ...drawer(),
      wires,
      supplies: [{ name: 's', supply: brick, controls }],
    });
    expect(parsed.success).toBe(false);
    expect(parsed.error!.issues[0]!.message).toContain('144000 pairings');
  });

  it('an empty drawer matches nothing', () => {
    expect(match(drawer({ wires: [] }))).toMatchObject({ pairs: [], refused: [] });
    expect(match(drawer({ supplies: [] }))).toMatchObject({ pairs: [], refused: [] });
  });
});
