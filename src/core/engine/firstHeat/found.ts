import type { HeatStep } from '../../documents/event';
import type { Rig } from '../../documents/rig';
import { rootIncreasing } from '../../numeric/root';
import { interpolateLinear } from '../../numeric/table';
import { lossToAir } from '../../physics/heat/loss';
import { hottest } from '../../physics/heat/temperature';
import { setUp, type Setup } from '../setup';
import { atSetting, METER } from './plan';

/** Cold ohms of the whole wire as metered hot, with the sd of their logarithm, and how many readings. */
export interface OhmsFound {
  readonly ohm: number;
  readonly sd: number;
  readonly used: number;
}

/** Volts on the wire itself and its heat. */
function onWire(s: Setup, step: HeatStep, voltsAt: 'display' | 'clips') {
  if (step.amps === null || step.volts === null) return null;
  const volts = voltsAt === 'clips' ? step.volts : step.volts - step.amps * s.drive.leadOhm;
  return volts > 0 ? { ohm: volts / step.amps, heat: (volts * step.amps) / s.length } : null;
}

/** °C at which a wire in the room's air loses `heat` W/m. */
function airAtHeat(s: Setup, heat: number): number {
  const top = hottest(s.room, heat);
  return rootIncreasing((t) => lossToAir(s.room, t) - heat, s.room.airC, top, 0.5 * (s.room.airC + top), 1e-3)
    .x;
}

/**
 * Ohms of the cold wire from volts and amps read while it was hot: V/I less the leads, divided by the alloy's factor at the
 * temperature that V·I makes. Null where no step has both.
 */
export function ohmsFound(
  rig: Rig,
  steps: readonly HeatStep[],
  voltsAt: 'display' | 'clips',
): OhmsFound | null {
  const logs = steps.flatMap((step) => {
    const s = setUp(atSetting(rig, step.setting));
    const on = onWire(s, step, voltsAt);
    if (!on) return [];
    const factor =
      interpolateLinear(s.alloy.ct, airAtHeat(s, on.heat)) / interpolateLinear(s.alloy.ct, s.room.airC);
    return [Math.log((on.ohm / factor) * (rig.wire.lengthMm / 1000 / s.length))];
  });
  if (logs.length === 0) return null;
  const mean = logs.reduce((a, b) => a + b, 0) / logs.length;
  const sd = Math.hypot(METER, (Math.SQRT2 * METER) / Math.sqrt(logs.length));
  return { ohm: Number(Math.exp(mean).toPrecision(3)), sd, used: logs.length };
}

/** The least rise of ohms from room to hot that tells a temperature. Ours. */
const TELLS = 0.1;

/** How much more heat this wire loses than the model, its ln and sd, and the draught that would do it (null: less than still). */
export interface LossFound {
  readonly logFactor: number;
  readonly sd: number;
  readonly draughtMS: number | null;
}

/**
 * Loss of the wire against the model, on alloys whose ohms rise when hot: V/I over the ohms measured cold gives the wire's
 * temperature, V·I what it loses there. Null on a flat alloy, without cold ohms, or where no reading was hot enough.
 */
export function lossFound(
  rig: Rig,
  steps: readonly HeatStep[],
  voltsAt: 'display' | 'clips',
): LossFound | null {
  if (rig.wire.measuredOhm === null) return null;
  const found = steps.flatMap((step) => {
    const s = setUp(atSetting(rig, step.setting));
    const on = onWire(s, step, voltsAt);
    if (!on) return [];
    const cold = (rig.wire.measuredOhm! * s.length) / (rig.wire.lengthMm / 1000);
    const want = (on.ohm / cold) * interpolateLinear(s.alloy.ct, s.room.airC);
    const { x, y } = s.alloy.ct;
    if (want < interpolateLinear(s.alloy.ct, s.room.airC) + TELLS || want > Math.max(...y)) return [];
    const f = (t: number) => interpolateLinear(s.alloy.ct, t) - want;
    const hot = rootIncreasing(f, s.room.airC, x[x.length - 1]!, 300, 1e-3).x;
    const slope = (interpolateLinear(s.alloy.ct, hot + 1) - interpolateLinear(s.alloy.ct, hot - 1)) / 2;
    if (!(slope > 0)) return [];
    const byTemp = (Math.log(lossToAir(s.room, hot + 1)) - Math.log(lossToAir(s.room, hot - 1))) / 2;
    const sd = Math.hypot(Math.SQRT2 * METER, ((want * Math.SQRT2 * METER) / slope) * byTemp);
    return [{ log: Math.log(on.heat / lossToAir(s.room, hot)), sd, hot, heat: on.heat, s }];
  });
  if (found.length === 0) return null;
  const weight = found.reduce((a, f) => a + 1 / f.sd ** 2, 0);
  const logFactor = found.reduce((a, f) => a + f.log / f.sd ** 2, 0) / weight;
  const last = found[found.length - 1]!;
  // One meter misreads all its readings alike, so more of them do not shrink that part.
  const sd = Math.max(1 / Math.sqrt(weight), last.sd / Math.SQRT2);
  return { logFactor, sd, draughtMS: draughtFor(found, weight) };
}

/** Draught in m/s at which the model loses, in the weighted mean of the readings, what was found; null where none up to 20 does. */
function draughtFor(
  found: readonly { log: number; sd: number; hot: number; heat: number; s: Setup }[],
  weight: number,
): number | null {
  const at = (draught: number) =>
    found.reduce((a, f) => a + Math.log(lossToAir({ ...f.s.room, draught }, f.hot) / f.heat) / f.sd ** 2, 0) /
    weight;
  const { draught } = found[0]!.s.room;
  if (at(0) > 0 || at(20) < 0) return null;
  return Number(rootIncreasing(at, 0, 20, draught + 0.1, 1e-6).x.toPrecision(2));
}
