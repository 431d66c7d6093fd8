import { rungeKutta, stepBuffers } from '../numeric/step';
import { slotWidth } from '../physics/foam/melt';
import { lossToAir } from '../physics/heat/loss';
import { evaluate } from './evaluate';
import { heatCapacityPerMetre, ohmPerMetre, ohmAt, type Setup } from './setup';
import { slotHeat } from './slotHeat';
import { timesOf } from './times';
import type { Evaluation } from './evaluation';

/** How the current is held while the wire warms and goes into the foam. */
export type Hold = 'as-it-is' | 'volts' | 'amps' | 'ohms';

/** A wire from cold through its warm-up into the foam: one value a moment. */
export interface History {
  readonly hold: Hold;
  /** Seconds; the wire enters the foam at `entryS`. */
  readonly t: readonly number[];
  readonly entryS: number;
  /** °C of the wire outside and inside the foam (before entry the same). */
  readonly airC: readonly number[];
  readonly foamC: readonly number[];
  /** Kerf, mm, NaN before entry. */
  readonly slotMm: readonly number[];
  readonly amps: readonly number[];
}

/** Points of a history that are kept for a chart. */
const KEPT = 240;
/** Steps of the integration a time constant. */
const FINE = 60;
/** Share of duty that a loop's error of one per cent of ohms moves, over what would hold it: how brisk the loop is. Ours. */
const BRISK = 5;
/** The controller looks this often in the time that full pulses take to the heat that is held. */
const LOOKS = 15;
const MOST_STEPS = 20000;

/**
 * The wire as two lumps in one circuit, outside and inside the foam: ρ_w·A·cp·dT/dt = I²R′ − Q_air, and I²R′ − q in the kerf
 * (no hotter than still air would leave it). Each way of holding is set to the same idling heat as the rig's, so that what
 * differs is what it does when the foam cools the wire. Stepped by Runge–Kutta; ohms are held by a loop of proportion and
 * integral on the duty of full pulses, looking fifteen times in the time that full pulses take. Null where the rig does not cut.
 */
export function historyOf(e: Evaluation, hold: Hold): History | null {
  const times = timesOf(e);
  if (!times || !e.cut || e.feed === null || e.off) return null;
  const { s } = e;
  const cut = e.cut;
  const capacity = heatCapacityPerMetre(s);
  const tau = Math.max(0.05, times.resettle / 3);
  const entryS = 1.6 * Math.max(times.warmUp, tau);
  const endS = entryS + Math.max(6 * tau, (times.settle ?? 0) * (2 / cut.feed), 4);
  const control = controller(e, hold, tau);
  const fine = Math.min(tau / FINE, (endS - entryS) / KEPT, control.every / 2);
  const step = Math.max(fine, endS / MOST_STEPS);
  const steps = Math.ceil(endS / step);
  const inFoam = slotHeat(s, cut.feed, cut.heat);
  const share = s.width / s.length;
  const y = Float64Array.of(s.room.airC, s.room.airC);
  const work = stepBuffers(2);
  const out = {
    t: [] as number[],
    airC: [] as number[],
    foamC: [] as number[],
    slotMm: [] as number[],
    amps: [] as number[],
  };
  const every = Math.max(1, Math.floor(steps / KEPT));
  const ohmOf = (v: Float64Array) =>
    (ohmPerMetre(s, v[0]!) * (1 - share) + ohmPerMetre(s, v[1]!) * share) * s.length;
  const rates = (cutting: boolean) => (_: number, v: Float64Array, dv: Float64Array) => {
    const amps = control.amps(ohmOf(v));
    const square = amps * amps;
    const foam = cutting
      ? Math.max(inFoam(v[1]!), v[1]! > cut.foamC && cut.capped ? lossToAir(s.still, v[1]!) : 0)
      : lossToAir(s.room, v[1]!);
    dv[0] = (square * ohmPerMetre(s, v[0]!) - lossToAir(s.room, v[0]!)) / capacity;
    dv[1] = (square * ohmPerMetre(s, v[1]!) - foam) / capacity;
  };
  const [airy, foamy] = [rates(false), rates(true)];
  for (let k = 0; k <= steps; k++) {
    const t = k * step;
    const cutting = t >= entryS;
    control.look(t, ohmOf(y));
    if (k % every === 0) {
      out.t.push(t);
      out.airC.push(y[0]!);
      out.foamC.push(y[1]!);
      out.amps.push(control.amps(ohmOf(y)));
      out.slotMm.push(cutting ? slotWidth(s.melt!, inFoam(y[1]!), cut.feed) * 1000 : NaN);
    }
    rungeKutta(cutting ? foamy : airy, t, y, step, work);
  }
  return { hold, entryS, ...out };
}

/** What gives the amps for some ohms of the wire; `look` lets a loop see them and move its duty. */
interface Controller {
  amps(ohm: number): number;
  look(t: number, ohm: number): void;
  /** Seconds from look to look; Infinity where nothing looks. */
  readonly every: number;
}

function controller(e: Evaluation, hold: Hold, tau: number): Controller {
  const { s, idle } = e;
  const { drive } = s;
  const idleOhm = ohmAt(s, idle.airC);
  const still = { look: () => undefined, every: Infinity };
  if (hold === 'amps' || (hold === 'as-it-is' && drive.heldAmps !== null && idle.amps >= drive.heldAmps))
    return { ...still, amps: () => idle.amps };
  if (hold === 'volts') return { ...still, amps: (ohm) => (idle.amps * idleOhm) / ohm };
  if (hold === 'as-it-is' && drive.heldOhm === null)
    return { ...still, amps: (ohm) => Math.min(drive.limitAmps, drive.volts / (drive.restOhm + ohm)) };
  return holdOhms(s, idleOhm, idle.amps, tau);
}

/** A loop on the duty of full pulses: proportion and integral of the ohms' error, held between nothing and all. */
function holdOhms(s: Setup, ohm: number, ampsThere: number, tau: number): Controller {
  const { drive } = s;
  const full = (r: number) => drive.openVolts / (drive.restOhm + r);
  const duty0 = Math.min(1, (ampsThere / full(ohm)) ** 2);
  const coldOhm = ohmAt(s, s.room.airC);
  // The ohms' rise over the room for a duty's rise from nothing: what one per cent of duty brings.
  const gain = Math.max(1e-4, (ohm / coldOhm - 1) / duty0);
  const proportion = BRISK / gain;
  let duty = 1;
  let integral = duty0;
  let next = 0;
  const every = (tau * duty0) / LOOKS;
  return {
    every,
    amps: (r) => Math.min(drive.limitAmps, Math.sqrt(duty) * full(r)),
    look(t, r) {
      while (t >= next) {
        const error = (ohm - r) / coldOhm;
        const asked = integral + proportion * error;
        duty = Math.min(1, Math.max(0, asked));
        // The integral waits until the loop is near: wound up on the way there it would overshoot.
        if (Math.abs(proportion * error) < 0.5 * duty0) integral += (proportion * error * every) / tau;
        next += every;
      }
    },
  };
}

/** Histories of a rig under each way of holding, and as it is. */
export function histories(rig: Parameters<typeof evaluate>[0]): History[] {
  const e = evaluate(rig);
  return (['as-it-is', 'volts', 'amps', 'ohms'] as const).flatMap((hold) => historyOf(e, hold) ?? []);
}
