import { rootIncreasing } from '../numeric/root';
import { SETTING_LIMITS } from '../documents/controlKinds';
import type { Rig } from '../documents/rig';
import { ampsForFastest, heldAt, settingOf, voltsFor } from './need';
import { setUp, type Setup } from './setup';
import { BUCK_DROP } from './drive';
import { OperatingPointSolver } from './states';
import { windowOf } from './window';

/** The clean-cut window over the dial (or, where there is no dial, over the current): feeds in mm/s, NaN where none. */
export interface WindowCurve {
  /** What stands along the bottom: the dial's setting, or amps where the rig has no dial. */
  readonly along: 'setting' | 'amps';
  readonly x: readonly number[];
  readonly fastest: readonly number[];
  readonly meltBack: readonly number[];
  readonly fume: readonly number[];
  /** Kerf at the fume feed, mm; the other two bounds have the wire's width, and that and two millimetres. */
  readonly fumeKerf: readonly number[];
}

const SLOWEST_SHOWN = 0.0003;

/** The most a dial can ask of its supply. */
const TOP: Partial<Record<Rig['control']['kind'], (s: Setup) => number>> = {
  volts: (s) => s.drive.openVolts,
  buck: (s) => s.drive.openVolts - BUCK_DROP,
  amps: (s) => s.drive.maxAmps ?? Infinity,
};

/** Range of the dial that is worth drawing: from a crawl to where nothing cuts clean; null where nothing melts. */
export function curveRange(rig: Rig): [number, number] | null {
  const s = setUp(rig);
  const low = ampsForFastest(s, SLOWEST_SHOWN);
  if (!low) return null;
  const share = (amps: number) => {
    const w = windowOf(new OperatingPointSolver(heldAt(s, amps)));
    return w.fastest && w.slowest !== null ? w.slowest / w.fastest.feed - 1 : -1;
  };
  const high = rootIncreasing(share, low.amps, low.amps * 6, low.amps * 2, low.amps * 1e-3).x;
  if (rig.control.kind === 'none') {
    // No dial: the neighbourhood of the current that flows, not all that a wire could bear.
    const now = new OperatingPointSolver(s).idle().amps;
    const most = now > low.amps ? Math.min(high, 1.8 * now) : high;
    return pad(low.amps, Math.max(most, 1.05 * now), [0, Infinity]);
  }
  if (rig.control.kind === 'clip') {
    const longest = rig.wire.lengthMm;
    return [Math.min(longest, Math.max(rig.foam.widthMm, 0.3 * longest)), longest];
  }
  const ends = SETTING_LIMITS[rig.control.kind];
  if (!ends) return null;
  const a = settingAt(s, low.amps);
  const b = settingAt(s, high);
  const top = TOP[rig.control.kind]?.(s) ?? Infinity;
  const limits: [number, number] = [ends[0], Math.min(ends[1], top)];
  const full = rig.control.kind === 'phase' ? 0 : limits[1];
  const from = a ?? full;
  const to = b ?? full;
  const set = rig.control.setting ?? from;
  return pad(Math.min(from, to, set), Math.max(from, to, set), limits);
}

function settingAt(s: Setup, amps: number): number | null {
  const found = new OperatingPointSolver(heldAt(s, amps)).atWidth(s.diameter);
  return found && settingOf(s.drive, voltsFor(s, amps, found.foamC), amps);
}

function pad(a: number, b: number, [lo, hi]: readonly [number, number]): [number, number] {
  const by = 0.05 * (b - a) || 0.1 * Math.abs(a) || 0.1;
  return [Math.max(lo, a - by), Math.min(hi, b + by)];
}

/** The window at `points` settings, each from its own solve; null where the rig has none. */
export function windowCurve(rig: Rig, points: number): WindowCurve | null {
  const work = windowSteps(rig, points);
  let step = work.next();
  while (!step.done) step = work.next();
  return step.value;
}

/** The same, one setting a step, so that whoever draws may let go between them. */
export function* windowSteps(rig: Rig, points: number): Generator<void, WindowCurve | null> {
  const range = curveRange(rig);
  if (!range) return null;
  const base = setUp(rig);
  const noDial = rig.control.kind === 'none';
  const out = {
    x: [] as number[],
    fastest: [] as number[],
    meltBack: [] as number[],
    fume: [] as number[],
    fumeKerf: [] as number[],
  };
  for (let i = 0; i < points; i++) {
    const x = range[0] + ((range[1] - range[0]) * i) / (points - 1);
    const s = noDial ? heldAt(base, x) : setUp({ ...rig, control: { ...rig.control, setting: x } });
    const w = windowOf(new OperatingPointSolver(s));
    out.x.push(x);
    out.fastest.push(w.fastest ? w.fastest.feed * 1000 : NaN);
    out.meltBack.push(w.meltBack ? w.meltBack.feed * 1000 : NaN);
    out.fume.push(w.fume ? w.fume.feed * 1000 : NaN);
    out.fumeKerf.push(w.fume ? w.fume.width * 1000 : NaN);
    yield;
  }
  return { along: noDial ? 'amps' : 'setting', ...out };
}

/** Settings between which `feed` mm/s lies in the clean window; null where none of the curve's does. */
export function cleanRange(curve: WindowCurve, feed: number): [number, number] | null {
  let lo = NaN;
  let hi = NaN;
  curve.x.forEach((x, i) => {
    const slow = Math.max(curve.meltBack[i]!, curve.fume[i]! > 0 ? curve.fume[i]! : 0);
    if (feed <= curve.fastest[i]! && feed >= slow) {
      if (!(lo === lo)) lo = x;
      hi = x;
    }
  });
  return lo === lo ? [lo, hi] : null;
}
