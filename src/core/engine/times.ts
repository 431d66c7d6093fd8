import { gauss6 } from '../numeric/gauss';
import { rootIncreasing } from '../numeric/root';
import { ripple } from '../physics/circuit/pulses';
import { fluxAcrossSlot } from '../physics/foam/flux';
import { heatForSlot, slotWidth } from '../physics/foam/melt';
import { lossToAir } from '../physics/heat/loss';
import { hottest } from '../physics/heat/temperature';
import { approachSeconds } from '../physics/time/approach';
import { heatCapacityPerMetre, heatMade, ohmAt, ohmPerMetre, type Setup } from './setup';
import { dutyOf } from './load';
import { slotHeat } from './slotHeat';
import type { CutState } from './cutState';
import type { Evaluation } from './evaluation';

/** Times of a rig: seconds to warm, to cool, to settle after a small change; and the feed's distance to settle, m. */
export interface Times {
  readonly warmUp: number;
  readonly coolDown: number;
  readonly resettle: number;
  /** Null where nothing is cut, or where the wire gains no heat on its way in. */
  readonly settle: number | null;
}

/** Share of the rise at which a wire counts as warm. */
const WARM = 0.95;
/** At this °C a brush of the hand does no harm, a grip does (ISO 13732-1). */
const TOUCH_C = 60;
/** The kerf counts as settled within this share of its steady width. */
const SETTLED = 0.05;

/** Times of an evaluated rig; null with a cold wire. Each is a quadrature, not a stepping in time. */
export function timesOf(e: Evaluation): Times | null {
  const { s, idle } = e;
  const rise = idle.airC - s.room.airC;
  if (!(rise > 1)) return null;
  const capacity = heatCapacityPerMetre(s);
  const made = (t: number) => ampsAt(s, t) ** 2 * ohmPerMetre(s, t);
  const net = (t: number) => made(t) - lossToAir(s.room, t);
  return {
    warmUp: approachSeconds(capacity, net, s.room.airC, s.room.airC + WARM * rise, idle.airC),
    coolDown: approachSeconds(capacity, (t) => -lossToAir(s.room, t), idle.airC, TOUCH_C, s.room.airC),
    resettle: 3 * (timeConstant(e) ?? 0),
    settle: e.cut && settleDistance(s, e.cut, capacity),
  };
}

/** Time constant in s of a small change about the idling temperature; null with a cold wire. */
export function timeConstant(e: Evaluation): number | null {
  const { s, idle } = e;
  if (!(idle.airC - s.room.airC > 1)) return null;
  const h = 0.5;
  // A controller that holds ohms is taken at the pulses it has settled on: what follows is the wire's own.
  const held = s.drive.heldOhm === null ? null : idle.amps * (s.drive.restOhm + ohmAt(s, idle.airC));
  const amps = (t: number) => (held === null ? ampsAt(s, t) : held / (s.drive.restOhm + ohmAt(s, t)));
  const net = (t: number) => amps(t) ** 2 * ohmPerMetre(s, t) - lossToAir(s.room, t);
  const slope = (net(idle.airC - h) - net(idle.airC + h)) / (2 * h);
  return slope > 0 ? heatCapacityPerMetre(s) / slope : null;
}

/** Pulses that keep a wire steady, in a time constant of its own. Common practice, no source. */
const STEADY_PULSES = 10;
/** Least pulses a second that keep the idling wire steady, Hz; null with a cold wire. */
export function leastPulses(e: Evaluation): number | null {
  const tau = timeConstant(e);
  return tau && STEADY_PULSES / tau;
}

/** Swing of the idling wire's temperature from pulse to pulse, K; 0 without pulses. */
export function swingOf({ s, idle }: Evaluation): number {
  return ripple(
    heatMade(s, idle.amps, idle.airC),
    dutyOf(s),
    heatCapacityPerMetre(s),
    s.rig.control.frequencyHz,
  );
}

/** Amps of the idling loop with the whole wire at tempC: what the volts push, no more than what is held (ohms held: full pulses). */
export function ampsAt(s: Setup, tempC: number): number {
  const { volts, restOhm, limitAmps } = s.drive;
  return Math.min(limitAmps, volts / (restOhm + ohmAt(s, tempC)));
}

/**
 * Distance in m that the wire goes at the rig's feed from entering the foam, at its temperature in air, until the kerf is
 * within 5 % of its steady width; the current is the steady cutting current. 0 where still air rules the kerf; null where the
 * wire comes in too cold to melt, or where its heat does not lead it from there to the steady state.
 */
export function settleDistance(s: Setup, cut: CutState, capacity: number, quadrature = gauss6): number | null {
  const m = s.melt!;
  if (cut.capped) return 0;
  if (!(cut.airC > m.flowC)) return null;
  const flux = (t: number, width: number) => fluxAcrossSlot(s.diameter, s.alloy.emissivity, m.flowC, t, width);
  const square = cut.amps * cut.amps;
  const heatAt = slotHeat(s, cut.feed, cut.heat);
  const steady = cut.width * (1 + Math.sign(cut.airC - cut.foamC) * SETTLED);
  const heat = heatForSlot(m, steady, cut.feed);
  const top = hottest({ ...s.still, airC: m.flowC }, heat);
  const stop = rootIncreasing((t) => flux(t, steady) - heat, m.flowC, top, cut.foamC, 1e-4).x;
  const net = (t: number) => square * ohmPerMetre(s, t) - heatAt(t);
  const from = Math.max(cut.airC, m.flowC + 0.1);
  const seconds = approachSeconds(capacity, net, from, stop, cut.foamC, quadrature);
  return seconds >= 0 && seconds < Infinity ? cut.feed * seconds : null;
}

/** Kerf just after the wire enters the foam at its temperature in air, over the steady kerf. */
export function entryOverSteady(s: Setup, cut: CutState): number {
  const m = s.melt!;
  return slotWidth(m, slotHeat(s, cut.feed, cut.heat)(cut.airC), cut.feed) / cut.width;
}
