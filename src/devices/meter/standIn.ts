import type { Rig } from '@/core/documents/rig';
import { ohmPerMetre, setUp } from '@/core/engine/setup';
import { OperatingPointSolver } from '@/core/engine/states';
import { evaluate } from '@/core/engine/evaluate';
import { timeConstant } from '@/core/engine/times';
import { FOLDS, hiddenBench, withFault } from '@/core/practice/hidden';
import { seeded } from '@/core/numeric/seeded';
import type { BenchFault, MeterPort, MeterReading } from './port';

/** How many practice benches there are. Each is the same every time, and each hides something, or nothing. */
export const PRACTICE_BENCHES = 8;
const HIDES: readonly BenchFault[] = ['nothing', 'thicker', 'contact', 'thinner', 'folds-back', 'slipped', 'averages', 'nothing']; // prettier-ignore
/** Scatter of one reading. */
const NOISE = 0.006;
const SETTLE_S = 1.5;
/** Share of its length that a wire which slipped in its clamp still has. */
const SLIPPED = 0.83;

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
  if (fault === 'averages' || fault === 'folds-back') return rig;
  if (fault !== 'slipped') return withFault(rig, fault);
  const lengthMm = rig.wire.lengthMm * SLIPPED;
  const { control } = rig;
  return {
    ...rig,
    wire: { ...rig.wire, lengthMm, measuredOhm: rig.wire.measuredOhm && rig.wire.measuredOhm * SLIPPED },
    control: control.kind === 'clip' ? { ...control, setting: control.setting! * SLIPPED } : control,
  };
}

/** A practice bench: this rig with a hidden fault, its wire warming by its own time constant, its meter scattering a little. */
export function practiceBench(rig: Rig, n: number, now?: () => number): MeterPort {
  const fault = faultOf(n, rig);
  const full = new OperatingPointSolver(setUp(rig)).idle().amps;
  return meterOf(
    { rig, truth: truthOf(rig, fault), fault, limit: fault === 'folds-back' ? FOLDS * full : Infinity },
    n,
    now,
  );
}

/** The meter of a bench of practice test cuts, whose foam is hidden too. */
export function hiddenMeter(rig: Rig, n: number, now?: () => number): MeterPort {
  const { truth, fault } = hiddenBench(rig, n);
  return meterOf({ rig, truth, fault, limit: Infinity }, n, now);
}

function meterOf(
  { rig, truth, fault, limit }: { rig: Rig; truth: Rig; fault: BenchFault; limit: number },
  seed: number,
  now: () => number = () => Date.now() / 1000,
): MeterPort {
  const random = seeded(seed * 7919);
  const noise = () => 1 + NOISE * 2 * (random() + random() - 1);
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
      setting = fault === 'slipped' && rig.control.kind === 'clip' && to !== null ? to * SLIPPED : to;
      since = now();
    },
    read: async () => (setting === 0 ? { amps: 0, volts: 0 } : read()),
    hidden: () => fault,
  };
}
