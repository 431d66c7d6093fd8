import type { Rig } from '../documents/rig';
import { evaluate } from './evaluate';
import { setUp } from './setup';
import { OperatingPointSolver } from './states';

/** A battery through a session at one setting: minutes from now, its charge, max feed mm/s (NaN: too weak), volts. */
export interface Session {
  readonly minutes: readonly number[];
  readonly charge: readonly number[];
  readonly fastest: readonly number[];
  readonly volts: readonly number[];
  /** Minutes at which the max feed falls to the rig's own feed; null where it never does. */
  readonly tooWeakAt: number | null;
}

const POINTS = 41;

/**
 * How a battery fades: its charge steps down evenly; each step takes the longer the fewer amps it draws, all of them together
 * the minutes of the reading. Null for other supplies and for a wire that draws nothing.
 */
export function sessionOf(rig: Rig): Session | null {
  const e = evaluate(rig);
  const b = rig.supply.battery;
  if (!b || !e.battery || e.battery.minutes === null) return null;
  const charge = Array.from({ length: POINTS }, (_, i) => b.charge * (1 - i / (POINTS - 1)));
  const states = charge.map((c) => {
    const s = setUp({ ...rig, supply: { ...rig.supply, battery: { ...b, charge: c } } });
    const at = new OperatingPointSolver(s);
    const fastest = at.atWidth(s.diameter);
    const amps = at.idle().amps;
    return {
      fastest: fastest ? fastest.feed * 1000 : NaN,
      amps,
      volts: s.drive.openVolts - amps * s.drive.internalOhm,
    };
  });
  const spans = states.slice(1).map((now, i) => 2 / Math.max(1e-6, now.amps + states[i]!.amps));
  const whole = spans.reduce((a, c) => a + c, 0);
  const minutes = [0];
  for (const span of spans) minutes.push(minutes[minutes.length - 1]! + (e.battery.minutes * span) / whole);
  const feed = e.feed === null ? 0 : e.feed * 1000;
  const weak = states.findIndex((st) => !(st.fastest >= feed));
  return {
    minutes,
    charge,
    fastest: states.map((st) => st.fastest),
    volts: states.map((st) => st.volts),
    tooWeakAt: weak < 0 || rig.cut.feedMmS === null ? null : minutes[weak]!,
  };
}
