import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { dragPerMetre } from '../foam/drag';
import { eulerLoad, pivotedBow, rectangleInertia, uFrameRate } from './frame';
import { growth } from './growth';
import { cornerWait, lag, storedElasticEnergy } from './lag';
import { pullAt, stretchAt, takeUpAt } from './holder';
import { ballast, dragCentre, hangAt, hookShift, pullFor, shareForPull } from './pulled';
import { pluckHz, pullOfPitch, yieldHz } from './pluck';
import { rubberPull, rubberRate } from './rubber';
import { slackSag } from './slack';
import { SHEAR, springExtension, springRate, springSafeLoad } from './spring';
import { inSeries, wireStiffness } from './stiffness';
import { paceAt, trailingPath, type Point, type Trail } from './trailing';
import { pastGuide } from './weight';

const LBF = 4.4482216152605;
const INCH = 0.0254;
const POUND = 0.45359237;

describe('a plucked wire', () => {
  it('is Mersenne’s string in both systems of units', () => {
    // A plain steel string of 0.010 in at 0.284 lb/in³, 25.5 in long, at 329.6 Hz: T = μ(2Lf)²/386.09 lbf.
    const mu = 0.284 * (Math.PI / 4) * 0.01 ** 2;
    const lbf = (mu * (2 * 25.5 * 329.6) ** 2) / 386.0886;
    const si = pullOfPitch(329.6, (mu * POUND) / INCH, 25.5 * INCH);
    expect(si / LBF).toBeCloseTo(lbf, 4);
    expect(lbf).toBeCloseTo(16.3, 1);
  });
  it('four times the pull is an octave; the way back is exact', () => {
    expect(pluckHz(160, 0.0013, 1.05) / pluckHz(40, 0.0013, 1.05)).toBeCloseTo(2, 12);
    fc.assert(
      fc.property(fc.double({ min: 1, max: 500, noNaN: true }), (pull) => {
        expect(pullOfPitch(pluckHz(pull, 0.0013, 1.05), 0.0013, 1.05) / pull).toBeCloseTo(1, 9);
      }),
    );
  });
  it('yields at one note whatever its diameter', () => {
    const note = (d: number) => pluckHz(400e6 * (Math.PI / 4) * d * d, 7900 * (Math.PI / 4) * d * d, 1);
    expect(note(0.4e-3)).toBeCloseTo(yieldHz(400e6, 7900, 1), 9);
    expect(note(0.9e-3)).toBeCloseTo(note(0.4e-3), 9);
  });
});

describe('a spring', () => {
  it('has the rate of Shigley’s formula: 1 mm wire, 8 mm coil, 20 turns, 964 N/m', () => {
    expect(springRate(1e-3, 8e-3, 20, SHEAR.carbon)).toBeCloseTo(964, 0);
  });
  it('and of his example 10-1: 0.037 in music wire, 0.400 in coil, 10.5 turns, 4.13 lbf/in (from memory)', () => {
    const rate = springRate(0.037 * INCH, 0.4 * INCH, 10.5, (11.85e6 * LBF) / INCH ** 2);
    expect((rate * INCH) / LBF).toBeCloseTo(4.13, 2);
  });
  it('bears less than its wire would without the curve of the coil', () => {
    const plain = (Math.PI * 1e-9 * 0.45 * 2e9) / (8 * 8e-3);
    const safe = springSafeLoad(1e-3, 8e-3, 2e9);
    // Wahl's factor of C = 8 is 1.184 (any text).
    expect(plain / safe).toBeCloseTo(1.184, 3);
  });
  it('stays shut up to its initial tension', () => {
    expect(springExtension(5, 8, 1000)).toBe(0);
    expect(springExtension(18, 8, 1000)).toBeCloseTo(0.01, 12);
  });
  it('in series with a stiff frame is itself, with another half as stiff', () => {
    expect(inSeries(1000, Infinity)).toBe(1000);
    expect(inSeries(1000, 1000)).toBe(500);
    expect(wireStiffness(215e9, 1e-7, 1)).toBeCloseTo(21500, 6);
  });
});

describe('weight, frame, rubber', () => {
  it('one turn round a post at μ 0.3 holds e^1.885 = 6.59 (any statics text)', () => {
    expect(pastGuide(100, 0.3, 2 * Math.PI, 'shortens') / 100).toBeCloseTo(6.586, 3);
    expect(pastGuide(100, 0.3, 2 * Math.PI, 'lengthens') / 100).toBeCloseTo(1 / 6.586, 4);
    expect(pastGuide(100, 0, 9, 'lengthens')).toBe(100);
  });
  it('a U is the sum of its bending, arm by arm, as integrated', () => {
    const [a, bar, armEI, barEI] = [0.3, 1.1, 40, 90];
    let bend = 0;
    const n = 20000;
    for (let i = 0; i < n; i++) {
      const x = ((i + 0.5) / n) * a;
      bend += (2 * ((x * x) / armEI) * a) / n;
    }
    bend += (a * a * bar) / barEI;
    expect(uFrameRate(a, bar, armEI, barEI) * bend).toBeCloseTo(1, 8);
  });
  it('practice 13: equal arms, 15 lbf in the wire, 30 lbf in the bar (133 N)', () => {
    const { tie, bar } = pivotedBow(15 * LBF, 0.25, 0.25);
    expect(tie / LBF).toBeCloseTo(15, 9);
    expect(bar).toBeCloseTo(133.4, 1);
  });
  it('Euler’s column in both systems: a 1 in steel rod of 48 in, 30e6 psi, 6310 lbf', () => {
    const inertia = (Math.PI / 64) * INCH ** 4;
    const load = eulerLoad((30e6 * LBF) / INCH ** 2, inertia, 48 * INCH);
    expect(load / LBF).toBeCloseTo((Math.PI ** 2 * 30e6 * (Math.PI / 64)) / 48 ** 2, 3);
    expect(load / LBF / 6310).toBeCloseTo(1, 2);
    expect(rectangleInertia(0.02, 0.03)).toBeCloseTo(4.5e-8, 12);
  });
  it('rubber pulls nothing at rest, and its rate is the slope of its pull', () => {
    expect(rubberPull(1e-4, 1)).toBe(0);
    const h = 1e-6;
    const slope = (rubberPull(1e-4, 2 + h) - rubberPull(1e-4, 2 - h)) / (2 * h) / 0.05;
    expect(rubberRate(1e-4, 0.05, 2) / slope).toBeCloseTo(1, 6);
  });
});

describe('growth, slack, lag', () => {
  it('practice 7: 0.42 m of nickel-chromium grows 2.7–4 mm at 450–670 °C', () => {
    expect(growth(15e-6, 430, 0.42) * 1000).toBeGreaterThan(2.7);
    expect(growth(15e-6, 650, 0.42) * 1000).toBeLessThan(4.1);
  });
  it('a slack wire hangs as its longer arc does', () => {
    const strain = 2e-4;
    const sag = slackSag(1.2, strain);
    // Length of a shallow parabola of that sag over 1.2 m, by small pieces.
    let length = 0;
    const n = 20000;
    for (let i = 0; i < n; i++) {
      const slope = ((4 * sag) / 1.2) * (1 - (2 * (i + 0.5)) / n);
      length += (Math.hypot(1, slope) * 1.2) / n;
    }
    expect(length / (1.2 * (1 + strain))).toBeCloseTo(1, 7);
    expect(slackSag(1.2, -1)).toBe(0);
  });
  it('lags less on templates than free, and less the tighter', () => {
    expect(lag(0.5, 0.6, 1, 60, true)).toBeCloseTo((0.5 * 0.36) / 480, 12);
    expect(lag(0.5, 0.6, 1, 60, false)).toBeGreaterThan(lag(0.5, 0.6, 1, 60, true));
    expect(lag(0.5, 1, 1, 60, false)).toBeCloseTo(lag(0.5, 1, 1, 60, true), 12);
    expect(cornerWait(0.002, 0.004, true, 0.002)).toBeCloseTo(0.75, 12);
    expect(cornerWait(0.006, 0.003, false, 0.002)).toBeCloseTo(3, 12);
    expect(cornerWait(0.006, 0.003, true, 0.002)).toBe(2);
    expect(cornerWait(0.0003, 0.01, true, 0.002)).toBe(0.5);
    expect(cornerWait(0.00019, 0.003, true, 0.002)).toBe(0);
    expect(cornerWait(0.00004, 0.003, false, 0)).toBe(0);
  });
  it('on a break nearly all of it is in the spring', () => {
    const { holder, wire } = storedElasticEnergy(67, 1500, wireStiffness(193e9, 3.17e-7, 1.3));
    expect(holder / (holder + wire)).toBeGreaterThan(0.95);
  });
});

describe('the path of the middle', () => {
  const fastest = 0.006;
  const trail = (r: number, lagM: number): Trail => ({
    stress10: 400e3,
    diameter: 0.5e-3,
    fastest,
    stiffness: dragPerMetre(400e3, 0.5e-3, r) / lagM,
  });
  const steps = (feed: number, f: number) => f / 200 / feed;

  it('keeps the pace whose drag balances the lag', () => {
    for (const r of [0.5, 0.7, 0.9, 1.3])
      expect(paceAt(trail(r, 0.002), 0.002) / (r * fastest)).toBeCloseTo(1, 6);
    expect(paceAt(trail(0.9, 0.002), 10)).toBe(100 * fastest);
  });

  it('on a straight it is behind by the lag and off it by nothing', () => {
    const f = 0.002;
    const t = trail(0.9, f);
    const dt = steps(0.9 * fastest, f);
    const ends = Array.from({ length: 2000 }, (_, i): Point => ({ x: i * 0.9 * fastest * dt, y: 0 }));
    const middle = trailingPath(t, ends, dt, f);
    expect(Math.max(...middle.map((p) => Math.abs(p.y)))).toBe(0);
    expect((ends.at(-1)!.x - middle.at(-1)!.x) / f).toBeCloseTo(1, 2);
  });

  /** How much of a right angle's corner is cut off, over the lag, with the ends waiting `wait` lags' time at it. */
  const cornerCut = (r: number, wait: number) => {
    const f = 0.002;
    const feed = r * fastest;
    const dt = steps(feed, f);
    const go = feed * dt;
    const ends: Point[] = [];
    for (let x = -20 * f; x < 0; x += go) ends.push({ x, y: 0 });
    for (let s = 0; s < wait * f; s += go) ends.push({ x: 0, y: 0 });
    for (let y = 0; y < 20 * f; y += go) ends.push({ x: 0, y });
    const near = trailingPath(trail(r, f), ends, dt, f).map((p) => Math.hypot(p.x, p.y));
    return Math.min(...near) / f;
  };
  it.each([0.5, 0.7, 0.9, 1.3])('a right angle without a wait is cut short by 0.47 of the lag (r %d)', (r) => {
    expect(cornerCut(r, 0)).toBeGreaterThan(0.44);
    expect(cornerCut(r, 0)).toBeLessThan(0.52);
  });
  it.each([0.5, 0.7, 0.9])('after a wait of 1.5 lags by under a twentieth (r %d)', (r) => {
    expect(cornerCut(r, 1.5)).toBeLessThan(0.05);
  });

  it('a circle comes out hollow by f²/(2R)', () => {
    const f = 0.002;
    const radius = 0.08;
    const feed = 0.9 * fastest;
    const dt = steps(feed, f);
    const ends = Array.from({ length: 60000 }, (_, i): Point => {
      const angle = (i * feed * dt) / radius;
      return { x: radius * Math.cos(angle), y: radius * Math.sin(angle) };
    });
    const end = trailingPath(trail(0.9, f), ends, dt, f).at(-1)!;
    const hollow = radius - Math.hypot(end.x, end.y);
    expect(hollow / ((f * f) / (2 * radius))).toBeCloseTo(1, 1);
  });
});

describe('a bow that is pulled or falls', () => {
  const wire = { stress10: 200e3, diameter: 0.5e-3, width: 0.8 };
  it('the feed of a pull is the way back of the pull of a feed', () => {
    for (const r of [0.3, 0.6, 0.9, 1, 1.3, 4])
      expect(shareForPull(wire, pullFor(wire, r))! / r).toBeCloseTo(1, 6);
    expect(shareForPull(wire, 0)).toBe(0);
    expect(shareForPull(wire, -1)).toBe(0);
    // All crushed: σ10·d·b times 1.1 at the most; a greater pull runs away.
    expect(shareForPull(wire, 1.1 * 200e3 * 0.5e-3 * 0.8)).toBeNull();
  });
  it('an even drag is held at its middle, an uneven one nearer the faster face', () => {
    expect(dragCentre(wire, 0.8, 0.8)).toBeCloseTo(0.4, 12);
    expect(dragCentre(wire, 0.7, 0.9)).toBeGreaterThan(0.5);
    expect(dragCentre(wire, 0.7, 0.9) + dragCentre(wire, 0.9, 0.7)).toBeCloseTo(0.8, 9);
  });
  it('nothing turns a falling bow: moments about any point are even', () => {
    const at = hangAt(6, 0, 1.5, 0.05, 4.5)!;
    expect(6 * 0 - 1.5 * 0.05 - 4.5 * at).toBeCloseTo(0, 12);
    expect(hangAt(6, 0.1, 1.5, 0.1, 4.5)).toBeCloseTo(0.1, 12);
    expect(hangAt(6, 0, 1.5, 0, 0)).toBeNull();
  });
  it('a bow that hangs askew tells where its hook belongs', () => {
    // A bow 640 long between the faces, its middle of weight 18 towards the root of the hook and 120 under it, hung up and let go.
    const [span, hook, middle, above] = [640, 330, 312, 120];
    const turn = Math.atan2(hook - middle, above);
    // Heights of both faces, 60 under the middle of weight, once that hangs plumb under the hook.
    const height = (x: number) => 1000 + (x - hook) * Math.sin(turn) - (above + 60) * Math.cos(turn);
    const shift = hookShift(above, height(0), height(span), span);
    expect(height(0)).toBeLessThan(height(span));
    expect(Math.abs(shift / (hook - middle) - 1)).toBeLessThan(0.02);
    expect(hookShift(above, 50, 50, span)).toBe(0);
  });
  it('ballast holds a block against the pull (Coulomb)', () => {
    expect(ballast(3, 0)).toBeCloseTo(10, 9);
    expect(ballast(3, 2, 0.5)).toBe(8);
  });
});

describe('what holds a wire', () => {
  const spring = { rate: 1500, initial: 10, rest: 3e4, rubber: null };
  const band = { rate: Infinity, initial: 0, rest: 3e4, rubber: { area: 4e-5, rest: 0.06, shear: 0.55e6 } };
  it('stretch and pull are each other’s way back', () => {
    for (const h of [spring, band, { ...spring, rate: Infinity }])
      for (const pull of [0.5, 5, 10, 20, 60]) expect(pullAt(h, stretchAt(h, pull)) / pull).toBeCloseTo(1, 6);
    expect(pullAt(spring, 0)).toBe(0);
    expect(pullAt(spring, -1)).toBe(0);
  });
  it('a closed spring moves by frame and wire alone', () => {
    expect(stretchAt(spring, 10)).toBeCloseTo(10 / 3e4, 12);
    expect(takeUpAt(spring, 10)).toBe(0);
    expect(takeUpAt(spring, 25)).toBeCloseTo(0.01, 12);
  });
});
