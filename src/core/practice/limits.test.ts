import { describe, expect, it } from 'vitest';
import { expIntegral } from '../numeric/expIntegral';
import { evaluate } from '../engine/evaluate';
import { sweptRig } from '../engine/sweepRigs';
import { testRig } from '../engine/testRigs';
import { timesOf } from '../engine/times';
import { kerfInTime, standingGrowth, standingWidth } from '../physics/foam/standing';
import type { Pt } from '../numeric/polyline';
import type { Course } from './course';
import { heatCapacityPerMetre } from '../engine/setup';
import { intoFoam } from './heat';
import { PracticeRun } from './run';
import { practiceWire, type PracticeWire } from './wire';

const THICK = { wire: { alloy: 'ss-304', diameterMm: 0.635 } } as const;

/** A straight line through so many mm of foam. */
function straight(mm: number, feed: number): Course {
  const line: Pt[] = [
    [-5, 10],
    [mm + 5, 10],
  ];
  const face = { x0: 0, x1: mm, y0: 0, y1: 20 };
  return { near: line, far: line, faces: { near: face, far: face }, marks: [], together: true, feed };
}

/** Leads a straight line at an even feed for some seconds in the foam. */
function ledFor(wire: PracticeWire, feed: number, seconds: number, dt = 0.005): PracticeRun {
  const run = new PracticeRun(wire, straight(feed * seconds + 20, feed), { dt });
  let arc = 0;
  for (let t = 0; t < seconds + 5 / feed; t += dt) {
    arc += feed * dt;
    run.step({ near: arc, far: arc });
  }
  return run;
}

describe('steady feeds are those of the reading', () => {
  const rigs = Array.from({ length: 160 }, (_, i) => sweptRig(i + 1)).flatMap((rig) => {
    const wire = practiceWire({ ...rig, cut: { ...rig.cut, lagSeenMm: null } });
    if (!wire) return [];
    const { e } = wire;
    // What the reading stops, drags or races is not led steadily.
    const bears = e.tension.use < 0.8 && (e.tension.lag ?? 0) < 0.15 * e.s.width && e.reserve! < 1;
    return bears && (timesOf(e)?.settle ?? 0) > 0 && e.feed! > 2e-4 && e.feed! < 0.1 ? [{ rig, wire }] : [];
  });
  it('enough rigs of all kinds are swept', () => {
    expect(rigs.length).toBeGreaterThan(15);
    expect(new Set(rigs.map((r) => r.rig.frame.kind)).size).toBeGreaterThan(4);
    expect(new Set(rigs.map((r) => r.rig.control.kind)).size).toBeGreaterThan(4);
  });
  it.each(rigs.map((r) => [r.rig.name, r.wire] as const))('%s', (_, wire) => {
    const { e } = wire;
    const seconds = Math.min(600, Math.max(30, (25 * timesOf(e)!.settle!) / e.feed!));
    const run = ledFor(wire, e.feed! * 1000, seconds);
    const { spots, lag, amps } = run.moment();
    const off = (is: number, of: number) => Math.abs(is / of - 1);
    expect(off(spots.middle.kerf, e.cut!.width * 1000)).toBeLessThan(0.01);
    expect(off(spots.middle.wireC - e.s.room.airC, e.cut!.foamC - e.s.room.airC)).toBeLessThan(0.01);
    expect(off(amps, e.cut!.amps)).toBeLessThan(0.01);
    if ((e.tension.lag ?? 0) > 1e-5) expect(off(lag, e.tension.lag! * 1000)).toBeLessThan(0.01);
  });
});

describe('lag near the max feed', () => {
  it.each([0.7, 0.8, 0.9])('at a feed ratio of %f it is the reading’s within 1 %%', (r) => {
    const rig = testRig({ cut: { reserve: r } });
    const wire = practiceWire(rig)!;
    const { tension, feed } = wire.e;
    const { lag } = ledFor(wire, feed! * 1000, 60).moment();
    expect(Math.abs(lag / (tension.lag! * 1000) - 1)).toBeLessThan(0.01);
  });
});

describe('standing still', () => {
  it('at an even heat the kerf grows as a continuous line source melts (Carslaw & Jaeger §10.4), from nothing and from a kerf', () => {
    const { e } = practiceWire(testRig())!;
    const m = e.s.melt!;
    const q = e.cut!.heat;
    const growth = standingGrowth(m, q);
    for (const seconds of [0.5, 2, 5]) {
      let w = 0;
      for (let t = 0; t < seconds - 1e-9; t += 0.005) w = kerfInTime(w, Infinity, growth, 0, 0.005);
      expect(w / standingWidth(m, q, seconds)).toBeCloseTo(1, 6);
      // The relation itself, not our root of it.
      expect(expIntegral((w * w) / (16 * m.diffusivity * seconds)) * (q / (2 * m.unitHeat))).toBeCloseTo(1, 4);
    }
  });
  it('on the bench it grows so at first and falls behind as the wire stands free: PHYSICS calls it an upper estimate', () => {
    const wire = practiceWire(testRig())!;
    const { e } = wire;
    const feed = e.feed! * 1000;
    const run = ledFor(wire, feed, 30);
    const before = run.moment();
    const arc = before.near.arc;
    const from = before.spots.near.kerf;
    // The hand comes to rest first.
    for (let i = 0; i < 200; i++) run.step({ near: arc, far: arc });
    const rest = run.moment().spots.near.kerf;
    for (let i = 0; i < 100; i++) run.step({ near: arc, far: arc });
    const grown = run.moment().spots.near.kerf;
    const upper = (seconds: number, w: number) =>
      Math.sqrt(w * w + (standingWidth(e.s.melt!, e.cut!.heat, 1) * 1000) ** 2 * seconds);
    expect(rest).toBeGreaterThan(from);
    expect(grown).toBeLessThanOrEqual(upper(0.5, rest));
    expect(grown).toBeGreaterThan(rest + 0.3 * (upper(0.5, rest) - rest));
  });
});

describe('after the entry the kerf comes within 5 % of its steady width where the reading says', () => {
  it.each([
    ['thin nickel-chromium', testRig({ control: { kind: 'amps', setting: 2.3 } })],
    ['thick stainless', testRig({ ...THICK, control: { kind: 'amps', setting: 4.4 } })],
  ] as const)('%s', (_, rig) => {
    // The reading has the kerf follow its heat at once; here it narrows over its own width besides.
    const wire = practiceWire(rig)!;
    const { e } = wire;
    const settle = timesOf(e)!.settle! * 1000;
    const feed = e.feed! * 1000;
    const run = new PracticeRun(wire, straight(8 * settle + 50, feed));
    let arc = 0;
    let at = 0;
    const steady = e.cut!.width * 1000;
    while (arc < 6 * settle) {
      arc += feed * run.dt;
      run.step({ near: arc, far: arc });
      const { near } = run.moment().spots;
      if (near.inFoam && Math.abs(near.kerf / steady - 1) > 0.05) at = near.at[0];
    }
    expect(Math.abs(at - settle)).toBeLessThan(0.05 * settle + steady / 3);
  });
});

describe('warming up in air', () => {
  it('reaches 95 % of its rise in the reading’s warm-up time', () => {
    for (const rig of [testRig(), testRig({ ...THICK, control: { setting: 14 } })]) {
      const wire = practiceWire(rig)!;
      const run = new PracticeRun(wire, straight(100, 5), { warm: false });
      const { airC } = wire.e.s.room;
      while (run.moment().airC < airC + 0.95 * (wire.e.idle.airC - airC)) run.step({ near: 0, far: 0 });
      expect(run.moment().t / wire.warmUpS).toBeCloseTo(1, 1);
    }
  });
  it('heat is kept: what flows in, less what goes out, warms the wire', () => {
    const wire = practiceWire(testRig())!;
    const { s } = wire.e;
    const run = ledFor(wire, 4, 20);
    const a = run.moment();
    const q = intoFoam(s, { wireC: a.spots.near.wireC, kerf: a.spots.near.kerf / 1000 });
    run.step({ near: a.near.arc + 0.02, far: a.near.arc + 0.02 });
    const b = run.moment();
    const stored = (heatCapacityPerMetre(s) * (b.spots.near.wireC - a.spots.near.wireC)) / run.dt;
    const made = b.amps ** 2 * (evaluate(wire.e.s.rig).s.rho20 / s.area);
    // Resistance at 20 °C stands for the hot one here: Ni-Cr rises by a few per cent.
    expect(Math.abs(made - q - stored) / made).toBeLessThan(0.06);
  });
});
