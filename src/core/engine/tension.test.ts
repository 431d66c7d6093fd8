import { describe, expect, it } from 'vitest';
import { rigSchema, type RigInput } from '../documents/rig';
import { faultsOf } from '../documents/faults';
import { ALLOYS } from '../catalog/alloys';
import { tensileStrength } from '../physics/wire/strength';
import { evaluate } from './evaluate';
import { pullAlong } from './growthAlong';
import { barOf, plainBowRate, springsOf } from './takeUp';
import { solve } from './solve';
import { testRig } from './testRigs';

type Parts = Parameters<typeof testRig>[0];
const blade: Parts = {
  leads: { areaMm2: 1.31, switchA: 10, fuseA: 4 },
  foam: { kind: 'xps', densityKgM3: 33, widthMm: 640 },
  supply: { kind: 'bench', volts: 32, maxAmps: 6 },
  cut: { feedMmS: 2.9 },
};
type Held = NonNullable<Parts>['tension'];
const pull = (tension: Held, more: Parts = {}) => solve(testRig({ ...blade, ...more, tension })).tension;
const AREA = (Math.PI / 4) * 0.455 ** 2; // mm²

describe('a wire that grows', () => {
  const r = solve(testRig(blade));
  const rise = r.idle!.wireC! - 20;

  it('by expansion × rise × length, and no more than the profile says by 3 %', () => {
    expect(r.tension.growthMm).toBeCloseTo(15e-6 * rise * 1050, 9);
  });

  it('unset: 30 % of the hot strength, on a spring that gives it over 25 mm', () => {
    const hotMPa = tensileStrength(ALLOYS['nicr-80'], 0.455e-3, r.idle!.wireC!) / 1e6;
    expect(hotMPa).toBeLessThan(800);
    expect(r.tension.coldN).toBeCloseTo(0.3 * hotMPa * AREA, 6);
    const kWire = (215e3 * AREA) / 1050; // N/mm
    const series = 1 / (25 / r.tension.coldN! + 1 / kWire);
    expect(r.tension.hotN).toBeCloseTo(r.tension.coldN! - r.tension.growthMm! * series, 6);
  });

  it('stress, strength and the larger use', () => {
    const t = pull({ kind: 'spring', setN: 60, springNPerMm: 1.5 });
    expect(t.stressMPa).toBeCloseTo(t.hotN! / AREA, 6);
    const hot = tensileStrength(ALLOYS['nicr-80'], 0.455e-3, r.idle!.wireC!) / 1e6;
    expect(t.strengthMPa).toBeCloseTo(hot, 6);
    expect(t.use).toBeCloseTo(Math.max(t.hotN! / AREA / hot, 60 / AREA / 810), 9);
  });

  it('set hot: the cold pull is what makes it so', () => {
    const hot = pull({ kind: 'spring', setN: 50, setWhen: 'hot', springNPerMm: 1.5 });
    expect(hot.hotN).toBeCloseTo(50, 9);
    const back = pull({ kind: 'spring', setN: hot.coldN!, springNPerMm: 1.5 });
    expect(back.hotN).toBeCloseTo(50, 9);
  });

  it('pulls harder in the foam, which cools its middle', () => {
    const e = evaluate(testRig({ ...blade, tension: { kind: 'spring', setN: 60, springNPerMm: 1.5 } }));
    expect(e.tension.cutN!).toBeGreaterThan(e.tension.hotN!);
    expect(e.tension.cutN!).toBeLessThan(e.tension.coldN);
  });

  it('tightens with a stiffer frame cold, and loses more hot', () => {
    const soft = pull({ kind: 'spring', setN: 60, springNPerMm: 1.5, frameNPerMm: 2 });
    const stiff = pull({ kind: 'spring', setN: 60, springNPerMm: 1.5 });
    expect(soft.hotN!).toBeGreaterThan(stiff.hotN!);
  });
});

describe('along the wire', () => {
  it('its growth is 1–3 % under the lumped one idling, and the pull cutting agrees', () => {
    const e = evaluate(testRig({ ...blade, tension: { kind: 'spring', setN: 55, springNPerMm: 1.5 } }));
    const { idle, cutting } = pullAlong(e);
    const less = 1 - idle!.grown / e.tension.growth!;
    expect(less).toBeGreaterThan(0.005);
    expect(less).toBeLessThan(0.03);
    expect(Math.abs(cutting!.pull / e.tension.cutN! - 1)).toBeLessThan(0.01);
    expect(cutting!.pull).toBeGreaterThan(idle!.pull);
  });
});

describe('each take-up', () => {
  it('a hung weight keeps its tension; a guide takes from it hot and adds to it cold', () => {
    const plain = pull({ kind: 'weight', setN: 50 });
    expect([plain.coldN, plain.hotN]).toEqual([50, 50]);
    const over = pull({ kind: 'weight', setN: 50, guide: { friction: 0.2, wrapDeg: 90 } });
    expect(over.coldN).toBeCloseTo(50 * Math.exp(0.2 * (Math.PI / 2)), 9);
    expect(over.hotN).toBeCloseTo(50 * Math.exp(-0.2 * (Math.PI / 2)), 9);
    // The higher counts for stress.
    expect(over.stressMPa).toBeCloseTo(over.coldN! / AREA, 6);
  });

  it('a springy frame gives by its own rate; without one the rig is refused', () => {
    const t = pull({ kind: 'flex', setN: 40, frameNPerMm: 1.1 });
    const kWire = (215e3 * AREA) / 1050;
    expect(t.hotN).toBeCloseTo(40 - t.growthMm! / (1 / 1.1 + 1 / kWire), 6);
    const refused = rigSchema.safeParse({ ...testRig(blade), tension: { kind: 'flex', setN: 40 } } as RigInput);
    expect(faultsOf(refused.error!).map((f) => f.path)).toEqual(['tension.frameNPerMm']);
  });

  it('a close-wound spring is rigid under its initial tension', () => {
    const t = pull({ kind: 'spring', setN: 30, springNPerMm: 1.5, initialN: 27 });
    const loose = pull({ kind: 'spring', setN: 30, springNPerMm: 1.5 });
    expect(t.hotN!).toBeLessThan(loose.hotN!);
    const kWire = (215e3 * AREA) / 1050;
    // Down to 27 N the spring closes by 2 mm; the rest of the growth finds the wire alone.
    const left = t.growthMm! - (3 / 1.5 + 3 / kWire);
    expect(t.hotN).toBeCloseTo(Math.max(0, 27 - left * kWire), 6);
  });

  it('two springs side by side are twice as stiff, one after another half', () => {
    const one = springsOf({ wireMm: 1, coilMm: 8, turns: 20, initialN: 5, count: 1, joined: 'parallel' });
    const two = springsOf({ wireMm: 1, coilMm: 8, turns: 20, initialN: 5, count: 2, joined: 'parallel' });
    const row = springsOf({ wireMm: 1, coilMm: 8, turns: 20, initialN: 5, count: 2, joined: 'series' });
    expect(one.rate).toBeCloseTo(964, 0); // Shigley's formula, PHYSICS check 6
    expect([two.rate / one.rate, row.rate / one.rate]).toEqual([2, 0.5]);
    expect([two.safeN / one.safeN, row.safeN / one.safeN]).toEqual([2, 1]);
    expect([two.initialN, row.initialN]).toEqual([10, 5]);
    const drawn = pull({ kind: 'spring', setN: 40, springs: { wireMm: 1, coilMm: 8, turns: 20 } });
    const rated = pull({ kind: 'spring', setN: 40, springNPerMm: one.rate / 1000 });
    expect(drawn.hotN).toBeCloseTo(rated.hotN!, 9);
  });

  it('what was measured of a spring beats its drawing', () => {
    const t = {
      kind: 'spring',
      setN: 40,
      springNPerMm: 2,
      springs: { wireMm: 1, coilMm: 8, turns: 20 },
    } as const;
    expect(pull(t).hotN).toBeCloseTo(pull({ kind: 'spring', setN: 40, springNPerMm: 2 }).hotN!, 9);
  });

  it('rubber pulls by its stretch and its own law', () => {
    const rubber = { areaMm2: 40, restMm: 60, stretch: 2 };
    const t = pull({ kind: 'rubber', rubber });
    expect(t.coldN).toBeCloseTo(0.55 * 40 * (2 - 1 / 4), 9);
    const after = 2 - t.growthMm! / 60;
    // The wire hardly gives: the rubber takes all the growth, to within the wire's own stretch.
    expect(Math.abs(t.hotN! / (0.55 * 40 * (after - 1 / after ** 2)) - 1)).toBeLessThan(0.02);
  });

  it('fixed ends go slack, and say by how many millimetres and what to add', () => {
    const r = solve(testRig({ ...blade, tension: { kind: 'fixed', setN: 30 } }));
    expect(r.tension.hotN).toBe(0);
    const kWire = (215e3 * AREA) / 1050;
    const strain = (r.tension.growthMm! - 30 / kWire) / 1050;
    expect(r.tension.slackMm).toBeCloseTo(1050 * Math.sqrt((3 * strain) / 8), 6);
    expect([r.cutting!.lagMm, r.cutting!.cornerWaitS]).toEqual([null, null]);
    const finding = r.findings.find((f) => f.code === 'wire-goes-slack')!;
    expect(finding.fixes.map((f) => (f.patch['tension'] as { kind?: string }).kind)).toContain('spring');
  });

  it('a supply that shut off: cold alone', () => {
    const t = pull(
      { kind: 'spring', setN: 60 },
      { supply: { kind: 'brick', volts: 15, maxAmps: 1 }, control: { kind: 'none', setting: null } },
    );
    expect([t.coldN, t.hotN, t.growthMm, t.slackMm]).toEqual([60, null, null, null]);
    expect(t.pluckHz!).toBeGreaterThan(0);
    expect(t.use).toBeCloseTo(60 / AREA / 810, 9);
  });
});

describe('lag and wait', () => {
  it('of a bow between templates and of a free wire', () => {
    const bow = solve(
      testRig({ ...blade, tension: { kind: 'weight', setN: 30 }, cut: { feedMmS: 5.5 } }),
    ).cutting!;
    expect(bow.lagMm).toBeCloseTo((bow.dragNPerM! * 0.64 ** 2 * 1000) / (8 * 30), 9);
    const table = solve(
      testRig({
        ...blade,
        frame: { kind: 'slicer' },
        tension: { kind: 'weight', setN: 30 },
        cut: { feedMmS: 5.5 },
      }),
    ).cutting!;
    expect(table.lagMm).toBeCloseTo((table.dragNPerM! * 0.64 * (2 * 1.05 - 0.64) * 1000) / (8 * 30), 9);
  });

  it('a corner waits 1.5 lag over feed: half a second to two by hand, 0 where the lag is too small to see', () => {
    const wait = (more: Parts) => solve(testRig({ ...blade, ...more })).cutting!.cornerWaitS;
    const seen = (lagSeenMm: number, more: Parts = {}) => wait({ cut: { feedMmS: 2.9, lagSeenMm }, ...more });
    expect(wait({})).toBe(0);
    expect(seen(0.19)).toBe(0);
    expect(seen(0.3)).toBe(0.5);
    expect(seen(2)).toBeCloseTo((1.5 * 2) / 2.9, 9);
    expect(seen(12)).toBe(2);
    expect(seen(12, { frame: { kind: 'gantry' } })).toBeCloseTo((1.5 * 12) / 2.9, 9);
    expect(wait({ cut: { feedMmS: 2.9, lagSeenMm: 0.04, lagLimitMm: 0.1 } })).toBe(0);
  });

  it('a lag that was seen scales the drag to it', () => {
    const seen = solve(
      testRig({ ...blade, tension: { kind: 'weight', setN: 30 }, cut: { feedMmS: 2.9, lagSeenMm: 1.5 } }),
    ).cutting!;
    expect(seen.lagMm).toBe(1.5);
    expect((seen.dragNPerM! * 0.64 ** 2 * 1000) / (8 * 30)).toBeCloseTo(1.5, 9);
  });
});

describe('the frame', () => {
  it('a plain bow of one section gives as Castigliano says', () => {
    // Pine 20 × 40 mm, arms 300, bar 1100: 1/k = 2a³/(3EI) + a²ℓ/(EI), EI = 9e9·20e-3·40e-3³/12 = 960 N·m².
    const k = plainBowRate({ armMm: 300, barMm: 1100, wide: 20, high: 40, gpa: 9 });
    expect(1 / k).toBeCloseTo((2 * 0.3 ** 3) / (3 * 960) + (0.3 ** 2 * 1.1) / 960, 9);
  });

  it('equal arms, 15 lbf in the wire: 30 lbf in the bar', () => {
    // Common practice, no source; moments about the pivot.
    const arms = { wireArmMm: 200, tieArmMm: 200, barMm: 1000, barI_mm4: 13333 };
    const e = evaluate(testRig({ ...blade, frame: { kind: 'bow', arms } }));
    const lbf = 4.4482216152605;
    const f = barOf(e.s, 15 * lbf)!;
    expect(f.bar / lbf).toBeCloseTo(30, 9);
    expect(f.bar).toBeCloseTo(133.4, 1);
    // Euler for a pine lath 20 × 20 mm a metre long: π²·9000·13333/1000².
    expect(f.bucklesN).toBeCloseTo((Math.PI ** 2 * 9000 * 13333) / 1e6, 6);
  });
});
