import type { DialMark } from '../documents/control';
import type { Rig } from '../documents/rig';
import { rootIncreasing } from '../numeric/root';
import { risingBy } from '../numeric/monotone';
import { heldAt, settingOf } from './need';
import { ohmAt, setUp, type Setup } from './setup';
import { OperatingPointSolver } from './states';

/** A dial's marks against its settings, both rising or the settings falling; straight between. */
export interface MarkCurve {
  readonly marks: readonly number[];
  readonly settings: readonly number[];
}

/**
 * The curve of a dial without a meter, from marks read beside volts at the clips or amps with the wire idling: each reading
 * is turned into a setting by the model, the settings made monotone. Null with fewer than two different marks, for one mark
 * gives no curve. Source: PHYSICS section 7.
 */
export function markCurve(rig: Rig): MarkCurve | null {
  const s = setUp(rig);
  const read = (rig.control.marks ?? [])
    .flatMap((m) => {
      const setting = settingAtMark(s, m);
      return setting === null ? [] : [{ mark: m.mark, setting }];
    })
    .sort((a, b) => a.mark - b.mark);
  const marks = [...new Set(read.map((r) => r.mark))];
  if (marks.length < 2) return null;
  const mean = marks.map((mark) => {
    const at = read.filter((r) => r.mark === mark);
    return at.reduce((sum, r) => sum + r.setting, 0) / at.length;
  });
  const falls = mean[mean.length - 1]! < mean[0]!;
  const settings = falls ? risingBy(mean.map((v) => -v)).map((v) => -v) : risingBy(mean);
  return { marks, settings };
}

function settingAtMark(s: Setup, m: DialMark): number | null {
  const amps = m.amps ?? ampsOfVolts(s, m.volts!);
  const airC = new OperatingPointSolver(heldAt(s, amps)).airAt(amps);
  return settingOf(s.drive, amps * (s.drive.restOhm + ohmAt(s, airC)), amps);
}

/** Amps of the idling wire with some volts at its clips. */
function ampsOfVolts(s: Setup, volts: number): number {
  const cold = volts / ohmAt(s, s.room.airC);
  const f = (amps: number) => amps * ohmAt(s, new OperatingPointSolver(heldAt(s, amps)).airAt(amps)) - volts;
  return rootIncreasing(f, 0, 1.2 * cold, 0.9 * cold, 1e-5).x;
}

/** The mark of a setting; null outside the marks that were read. */
export function markOf(curve: MarkCurve, setting: number): number | null {
  return between(curve.settings, curve.marks, setting);
}

/** The setting of a mark; null outside the marks that were read. */
export function settingOfMark(curve: MarkCurve, mark: number): number | null {
  return between(curve.marks, curve.settings, mark);
}

/** y at x, straight between points whose x run one way; null outside. Where x stands still the first y counts. */
function between(xs: readonly number[], ys: readonly number[], x: number): number | null {
  for (let i = 1; i < xs.length; i++) {
    const a = xs[i - 1]!;
    const b = xs[i]!;
    if ((x - a) * (x - b) > 0) continue;
    if (a === b) return ys[i - 1]!;
    return ys[i - 1]! + ((x - a) / (b - a)) * (ys[i]! - ys[i - 1]!);
  }
  return null;
}
