import { interpolateLinear } from '../../numeric/table';
import { ohmAt, type Setup } from '../setup';
import { tidy, type Draft } from './draft';
import type { Evaluation } from '../evaluation';

/** Least rise of an alloy's resistance over 100 K that a controller can hold by. */
export const LEAST_RISE = 0.01;

/** Least rise of the factor Ct over any 100 K between the room and `hotC`: a controller passes all of them on its way. */
export function leastRise(s: Setup, hotC: number): number {
  let least = Infinity;
  for (let t = s.room.airC; t <= Math.max(s.room.airC, hotC - 100); t += 20)
    least = Math.min(least, interpolateLinear(s.alloy.ct, t + 100) / interpolateLinear(s.alloy.ct, t) - 1);
  return least;
}

/** A control whose setting hardly changes the heat. */
export function flat(e: Evaluation): Draft | null {
  const { s } = e;
  if (s.drive.heldOhm === null) return null;
  const rise = leastRise(s, e.idle.airC);
  if (!(rise < LEAST_RISE)) return null;
  const volts = e.idle.amps * (s.drive.restOhm + ohmAt(s, e.idle.airC));
  const held = { control: { kind: 'volts', setting: tidy(volts, 3, 'up') } };
  return {
    code: 'hold-ohm-flat',
    level: 'fix',
    values: { alloy: s.alloy.name, rise },
    tries: () => (s.rig.supply.kind === 'bench' && volts > 0 ? [held] : []),
  };
}
