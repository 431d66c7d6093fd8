import { HIDDEN_FAULTS, type HiddenFault } from '../documents/practice';
import type { Rig } from '../documents/rig';
import { coldOhm } from '../engine/firstHeat/plan';
import { setUp, ohmAt } from '../engine/setup';
import { evaluate } from '../engine/evaluate';
import { seeded } from '../numeric/seeded';
import { OperatingPointSolver } from '../engine/states';

/** How far a hidden bench's foam takes more or less heat than the catalogue says, as a factor: e to this, either way. Ours. */
const TUNED = 0.22;
/** A bad clip, as a share of the cold wire's resistance; where a supply folds back, as a share of the amps it should give. Ours. */
const CONTACT = 0.28;
export const FOLDS = 0.62;
/** Diameter over diameter two American gauges apart (ASTM B258). */
const TWO_GAUGES = 92 ** (2 / 39);

/** A bench whose truth is hidden: the rig as it really stands, its fault, and its foam's tuning factor. */
export interface HiddenBench {
  readonly truth: Rig;
  readonly fault: HiddenFault;
  readonly tuning: number;
}

/** What bench n hides on a rig, the same every time. */
export function hiddenBench(rig: Rig, n: number): HiddenBench {
  const even = seeded(n);
  const faults = faultsFor(rig);
  const fault = faults[Math.floor(even() * faults.length)]!;
  const tuning = rig.foam.tuning * Math.exp(TUNED * (2 * even() - 1));
  return { fault, tuning, truth: { ...withFault(rig, fault), foam: { ...rig.foam, tuning } } };
}

/**
 * Faults that a bench like this rig can have and a meter can show, and with which it still cuts: amps that are held hide a bad clip;
 * with one setting, or with pulses, whose peaks it meets at every
 * setting, a supply that folds back reads like a bad clip.
 */
export function faultsFor(rig: Rig): HiddenFault[] {
  const { kind } = rig.control;
  const held = kind === 'amps' || kind === 'hold-ohm';
  const pulsed = kind === 'pwm' || kind === 'hold-ohm';
  const folds =
    !held && !pulsed && kind !== 'none' && rig.supply.kind !== 'battery' && rig.supply.current !== 'ac';
  return HIDDEN_FAULTS.filter((fault) => {
    if ((fault === 'contact' && held) || (fault === 'folds-back' && !folds)) return false;
    return evaluate(withFault(rig, fault)).window.fastest !== null;
  });
}

/** A rig with a fault in it. */
export function withFault(rig: Rig, fault: HiddenFault): Rig {
  const gauge = (by: number): Rig => ({
    ...rig,
    wire: { ...rig.wire, diameterMm: rig.wire.diameterMm * by, measuredOhm: null },
  });
  if (fault === 'thicker') return gauge(TWO_GAUGES);
  if (fault === 'thinner') return gauge(1 / TWO_GAUGES);
  if (fault === 'contact') {
    const contactOhm = rig.leads.contactOhm + CONTACT * coldOhm(setUp(rig));
    return { ...rig, leads: { ...rig.leads, contactOhm } };
  }
  if (fault === 'folds-back') {
    const maxAmps = FOLDS * new OperatingPointSolver(setUp(rig)).idle().amps;
    return { ...rig, supply: { ...rig.supply, kind: 'bench', maxAmps } };
  }
  return rig;
}

/** What a meter reads on a bench idling at a setting: amps, and volts at the clips. */
export function meterOn(bench: HiddenBench, setting: number | null): { amps: number; volts: number } {
  const s = setUp({ ...bench.truth, control: { ...bench.truth.control, setting } });
  const { amps, airC } = new OperatingPointSolver(s).idle();
  return { amps, volts: amps * ohmAt(s, airC) };
}
