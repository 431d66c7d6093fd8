import { phaseAngle, phaseShare } from '../../physics/circuit/phase';
import type { Rig } from '../../documents/rig';
import { timesOf } from '../times';
import { evaluate } from '../evaluate';
import { ohmPerMetre, setUp, ohmAt, type Setup } from '../setup';
import { OperatingPointSolver } from '../states';

/** What a wire and its meter should do at one setting. Volts and amps rms; ranges are two sd each way. */
export interface HeatExpected {
  readonly setting: number | null;
  readonly amps: number;
  readonly ampsBand: readonly [number, number];
  /** Volts at the clips, and where the supply's display reads, before the leads. */
  readonly clipVolts: number;
  readonly displayVolts: number;
  readonly voltsBand: readonly [number, number];
  /** What a meter that averages pulses reads instead; null where the current is steady. */
  readonly averagedAmps: number | null;
  readonly airC: number;
  readonly growthMm: number;
  readonly warmUpS: number | null;
  /** The supply shuts itself off at this setting. */
  readonly off: boolean;
}

/** Shares of the working heat at which to stop and read. Ours: the first hardly warms the wire. */
const SHARES = [0.25, 0.5, 0.75, 1];
/** Sd of ohms a metre as bought, of a cheap meter and of a dial, as shares. Common practice, no source. */
export const AS_BOUGHT = 0.05;
export const MEASURED = 0.01;
export const METER = 0.02;
/** Sd of ln amps for a temperature: PHYSICS section 10. */
const HEAT_SD = 0.1;

/** A rig at another setting. */
export const atSetting = (rig: Rig, setting: number | null): Rig => ({
  ...rig,
  control: { ...rig.control, setting },
});

/**
 * Settings from the lowest to the rig's own at which its first heat is read: a quarter, a half and three quarters of its
 * amps, then all of them. A rig without a control has its one setting.
 */
export function heatSettings(rig: Rig): (number | null)[] {
  const { kind, setting } = rig.control;
  if (kind === 'none' || setting === null) return [null];
  const cold = coldOhm(setUp(rig));
  const at = (share: number): number => {
    switch (kind) {
      case 'pwm':
        return setting * share * share;
      case 'phase':
        return phaseAngle(share * phaseShare(setting));
      // The longer the wire between the clips the cooler it stays; the whole wire is the least it can do.
      case 'clip':
        return Math.min(rig.wire.lengthMm, setting / share);
      case 'hold-ohm':
        return cold + (setting - cold) * share;
      default:
        return setting * share;
    }
  };
  const settings = SHARES.map((s) => (s === 1 ? setting : rounded(at(s))));
  return settings.filter((s, i) => settings.indexOf(s) === i && legal(rig, s));
}

const rounded = (x: number): number => Number(x.toPrecision(2));

function legal(rig: Rig, setting: number): boolean {
  if (rig.control.kind === 'hold-ohm') return setting >= rig.control.setting! * 0.2;
  return rig.control.kind !== 'clip' || setting <= rig.wire.lengthMm;
}

/** Ohms of the heated length cold. */
export function coldOhm(s: Setup): number {
  return ohmAt(s, s.room.airC);
}

/** How far ln ohms of the hot wire moves where its temperature is out by what the model may be out: small but on steep alloys. */
export function ohmShift(s: Setup, amps: number, airC: number): number {
  if (!(amps > 0)) return 0;
  const rise = airC - s.room.airC;
  // Amps for a temperature out by 10 % is the rise out by about 15 %: Q rises as the 1.3th power and amps as its root.
  const off = (2 * HEAT_SD * rise) / 1.3;
  const low = Math.max(s.room.airC, airC - off);
  return Math.abs(Math.log(ohmPerMetre(s, airC + off) / ohmPerMetre(s, low))) / 2;
}

/** Sd of ln of what a meter reads of amps at some volts, for this rig: ohms as bought or measured, meter, dial, heat. */
export function readingSd(s: Setup, amps: number, airC: number): number {
  const ohms = s.rig.wire.measuredOhm === null ? AS_BOUGHT : MEASURED;
  return Math.hypot(ohms, METER, METER, ohmShift(s, amps, airC));
}

/** What to expect at each setting of a first heat. Pure. */
export function heatPlan(rig: Rig, settings: readonly (number | null)[] = heatSettings(rig)): HeatExpected[] {
  return settings.map((setting) => {
    const e = evaluate(atSetting(rig, setting));
    const { s } = e;
    const { amps, airC } = new OperatingPointSolver(s).idle();
    const ohm = ohmAt(s, airC);
    const sd = 2 * readingSd(s, amps, airC);
    const held = s.drive.heldAmps !== null || amps >= s.drive.limitAmps;
    const narrow = 2 * METER;
    const span = (x: number, by: number): readonly [number, number] => [x * Math.exp(-by), x * Math.exp(by)];
    const duty = rig.control.kind === 'pwm' ? (setting ?? 1) : null;
    return {
      setting,
      amps,
      ampsBand: span(amps, held ? narrow : sd),
      clipVolts: amps * ohm,
      displayVolts: amps * (ohm + s.drive.leadOhm),
      voltsBand: span(amps * ohm, held ? sd : narrow),
      averagedAmps: duty === null ? null : amps * Math.sqrt(duty),
      airC,
      growthMm: (e.tension.growth ?? 0) * 1000,
      warmUpS: e.off ? null : (timesOf(e)?.warmUp ?? null),
      off: e.off,
    };
  });
}
