import { dragPerMetre } from '../physics/foam/drag';
import { batteryMinutes } from '../physics/circuit/batteryMinutes';
import { coolEndLength } from '../physics/time/coolEnd';
import { roomForWire } from '../physics/wire/room';
import { loadOf, type Load } from './load';
import { setUp, type Setup } from './setup';
import { tensionOf } from './tension';
import { lossSlope } from './airBalance';
import { OperatingPointSolver } from './states';
import { windowOf } from './window';
import { CUTTERS } from '../documents/cutters';
import type { Rig } from '../documents/rig';
import type { Evaluation } from './evaluation';

/** A supply within 3 % over its rating is at the knife's edge: its label and the model are no truer than that. Ours. */
export const KNIFE_EDGE = 1.03;

/** Solves one rig: idle, window, working point, load. Pure. */
export function evaluate(rig: Rig): Evaluation {
  const s = setUp(rig);
  const states = new OperatingPointSolver(s);
  const idle = states.idle();
  const window = windowOf(states);
  const feed = s.feed ?? (window.fastest ? s.reserve * window.fastest.feed : null);
  const cut = feed !== null && window.fastest ? states.atFeed(feed) : null;
  const load = loadUnrestrained(s, idle.amps, cut?.amps ?? idle.amps, idle.airC);
  const reserve = feed !== null && window.fastest ? feed / window.fastest.feed : null;
  const hot = idle.airC > s.room.airC + 1;
  const coolEnd = hot ? coolEndLength(s.alloy.conductivity, s.area, lossSlope(s, idle.airC)) : null;
  const off = shutsOff(s) && load.share !== null && load.share > KNIFE_EDGE;
  const drag = reserve === null ? null : dragPerMetre(s.stress10, s.diameter, reserve);
  return {
    s,
    load,
    off,
    idle: {
      amps: idle.amps,
      airC: idle.airC,
      cutAmps: cut?.amps ?? idle.amps,
      cutAirC: cut?.airC ?? idle.airC,
    },
    window,
    cut,
    feed,
    reserve,
    drag,
    coolEnd: CUTTERS[rig.frame.kind].ends ? coolEnd : null,
    battery: batteryOf(s, states, cut?.foamC ?? idle.airC, cut?.airC ?? idle.airC, cut?.amps ?? idle.amps),
    wantedLength:
      coolEnd === null || !CUTTERS[rig.frame.kind].ends
        ? null
        : roomForWire(rig.foam.widthMm / 1000, coolEnd, 0),
    tension: tensionOf({ s, off, idle, cut, drag, feed }),
  };
}

/** The same rig with what holds its wire changed: no current flows by that, so nothing is solved anew. */
export function heldAnew(e: Evaluation, rig: Rig): Evaluation {
  const { off, idle, cut, drag, feed } = e;
  const s = Object.freeze({ ...e.s, rig });
  return { ...e, s, tension: tensionOf({ s, off, idle, cut, drag, feed }) };
}

/** How long a battery lasts at the amps of the mean of full and stop, and what it does full and at the stop. */
function batteryOf(
  s: Setup,
  states: OperatingPointSolver,
  foamC: number,
  airC: number,
  now: number,
): Evaluation['battery'] {
  const { supply, control } = s.rig;
  const b = supply.battery;
  if (!b) return null;
  const at = (charge: number) => setUp({ ...s.rig, supply: { ...supply, battery: { ...b, charge } } });
  const fastest = (charge: number) => {
    const feed = new OperatingPointSolver(at(charge)).atWidth(s.diameter)?.feed;
    return feed === undefined ? null : feed * 1000;
  };
  const mean = at(0.5).drive;
  const ohm = states.cuttingResistance(airC, foamC);
  const wire = mean.volts / (mean.restOhm + ohm);
  const held = s.drive.heldAmps === null ? wire : Math.min(s.drive.heldAmps, wire);
  // Pulses of full amps: a battery gives duty × V/R on the mean, the wire has √duty × V/R.
  const duty =
    control.kind === 'pwm'
      ? Math.sqrt(control.setting ?? 1)
      : control.kind === 'hold-ohm'
        ? Math.min(1, now / wire) ** 2
        : 1;
  const amps =
    control.kind === 'buck' ? (mean.volts * held) / (control.efficiency * mean.openVolts) : held * duty;
  const minutes = amps > 0 ? batteryMinutes(b.chemistry, b.ampHours, b.charge, amps) : null;
  return { minutes, fastestFeedMmS: [fastest(1), fastest(0)] };
}

/** A switching supply shuts off when overloaded; a bench supply limits; the others go on and overheat. */
function shutsOff(s: Setup): boolean {
  const kind = s.rig.supply.kind;
  return kind === 'brick' || kind === 'computer-supply' || kind === 'charger';
}

/** A bench supply at its limit: the load is what the wire would have drawn had it let it. */
function loadUnrestrained(s: Setup, idleAmps: number, cutAmps: number, idleC: number): Load {
  const atLimit = idleAmps >= s.drive.limitAmps || cutAmps >= s.drive.limitAmps;
  if (!atLimit || s.drive.heldAmps !== null) return loadOf(s, idleAmps, cutAmps, idleC);
  const free = new OperatingPointSolver(s, Infinity);
  const idle = free.idle();
  const feed = s.feed ?? s.reserve * (free.atWidth(s.diameter)?.feed ?? 0);
  const cut = feed > 0 ? free.atFeed(feed) : null;
  return loadOf(s, idle.amps, cut?.amps ?? idle.amps, idle.airC);
}
