import type { Rig } from '@/core/documents/rig';
import { coldOhm } from '@/core/engine/firstHeat/plan';
import { ohmPerMetre, setUp } from '@/core/engine/setup';
import { OperatingPointSolver } from '@/core/engine/states';
import { evaluate } from '@/core/engine/evaluate';
import { timeConstant } from '@/core/engine/times';
import { seeded } from '../sound/standIn';
import type { BenchFault, MeterPort, MeterReading } from './port';

/** How many practice benches there are. Each is the same every time, and each hides something, or nothing. */
export const PRACTICE_BENCHES = 8;
const HIDES: readonly BenchFault[] = ['nothing', 'thicker', 'contact', 'thinner', 'folds-back', 'slipped', 'averages', 'nothing']; // prettier-ignore
/** Scatter of one reading. */
const NOISE = 0.006;
const SETTLE_S = 1.5;

/** What bench `n` (1 to 8) hides on this rig: a fault that its control and supply cannot have gives way to a thicker wire. */
export function faultOf(n: number, rig: Rig): BenchFault {
  const fault = HIDES[(n - 1) % HIDES.length]!;
  if (fault === 'averages' && rig.control.kind !== 'pwm') return 'thinner';
  if (fault === 'folds-back' && (rig.control.kind === 'amps' || rig.supply.kind === 'battery'))
    return 'thicker';
  return fault;
}

/** The rig as it truly stands on a practice bench. */
export function truthOf(rig: Rig, fault: BenchFault): Rig {
  const gauge = (by: number): Rig => ({
    ...rig,
    wire: { ...rig.wire, diameterMm: rig.wire.diameterMm * by, measuredOhm: null },
  });
  if (fault === 'thicker') return gauge(92 ** (2 / 39));
  if (fault === 'thinner') return gauge(92 ** (-2 / 39));
  if (fault === 'contact') {
    const contactOhm = rig.leads.contactOhm + 0.28 * coldOhm(setUp(rig));
    return { ...rig, leads: { ...rig.leads, contactOhm } };
  }
  if (fault === 'slipped') {
    const lengthMm = rig.wire.lengthMm * 0.83;
    const { control } = rig;
    return {
      ...rig,
      wire: { ...rig.wire, lengthMm, measuredOhm: rig.wire.measuredOhm && rig.wire.measuredOhm * 0.83 },
      control: control.kind === 'clip' ? { ...control, setting: control.setting! * 0.83 } : control,
    };
  }
  return rig;
}

/** A practice bench: this rig with a hidden fault, its wire warming by its own time constant, its meter scattering a little. */
export function practiceBench(rig: Rig, n: number, now: () => number = () => Date.now() / 1000): MeterPort {
  const fault = faultOf(n, rig);
  const truth = truthOf(rig, fault);
  const random = seeded(n * 7919);
  const noise = () => 1 + NOISE * 2 * (random() + random() - 1);
  const full = new OperatingPointSolver(setUp(rig)).idle().amps;
  const limit = fault === 'folds-back' ? 0.62 * full : Infinity;
  let setting: number | null = rig.control.kind === 'none' ? null : 0;
  let since = now();
  const read = (): MeterReading => {
    const stands = { ...truth, control: { ...truth.control, setting } };
    const s = setUp(stands);
    const idle = new OperatingPointSolver(s, Math.min(s.drive.limitAmps, limit)).idle();
    const tau = timeConstant(evaluate(stands)) ?? SETTLE_S;
    const share = 1 - Math.exp(-(now() - since) / tau);
    const airC = s.room.airC + (idle.airC - s.room.airC) * share;
    const ohm = ohmPerMetre(s, airC) * s.length;
    const amps = Math.min(s.drive.limitAmps, limit, s.drive.volts / (s.drive.restOhm + ohm));
    const by = fault === 'averages' ? Math.sqrt(setting ?? 1) : 1;
    return {
      amps: Number((amps * by * noise()).toPrecision(3)),
      volts: Number((amps * ohm * by * noise()).toPrecision(3)),
    };
  };
  return {
    set: (to) => {
      setting = fault === 'slipped' && rig.control.kind === 'clip' && to !== null ? to * 0.83 : to;
      since = now();
    },
    read: async () => (setting === 0 ? { amps: 0, volts: 0 } : read()),
    hidden: () => fault,
  };
}
