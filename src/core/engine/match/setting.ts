import { tidy } from '../findings/draft';
import { dialStep, fullSetting, hotterLower } from '../dial';
import { lengthForFastest, settingOf } from '../need';
import type { Setup } from '../setup';
import { setUp } from '../setup';
import type { CandidateSet, Pairing, WireNeed } from './pairing';
import type { Rig } from '../../documents/rig';

/** A setting, and whether the dial reaches what the job asks for. */
export interface FoundSetting {
  readonly setting: number | null;
  /** The dial at its most gives too little. */
  readonly short: boolean;
}

/** A pairing with its setting found: what both the screen and the whole solve start from. */
export interface Prepared extends FoundSetting {
  readonly need: WireNeed | null;
  readonly rig: Rig;
  /** The rig in SI, at its setting. */
  readonly s: Setup;
}

/** Finds the setting of a pairing. */
export function prepare(d: CandidateSet, p: Pairing): Prepared {
  const need = d.need(p);
  const blank = d.rig(p, null);
  const first = setUp(blank);
  const found = findSetting(first, need);
  if (found.setting === null) return { ...found, need, rig: blank, s: first };
  const rig = { ...blank, control: { ...blank.control, setting: found.setting } };
  return { ...found, need, rig, s: setUp(rig) };
}

/** Volts that a wire's need asks of the source. */
export const wantedVolts = (s: Setup, need: WireNeed): number => need.amps * (s.drive.restOhm + need.hotOhm);

/** Figures of a setting that a hand can set. */
const DIGITS = 4;

/**
 * The setting at which a wire's max feed is what the job asks for, towards more heat by the rounding to four figures
 * or to the dial's next step; the dial's most where that is too little. From the wire's need, without a search.
 * `s`: the rig with any setting.
 */
export function findSetting(s: Setup, need: WireNeed | null): FoundSetting {
  const { kind } = s.drive;
  const full = fullSetting(s);
  if (kind === 'none' || !need) return { setting: kind === 'none' ? null : full, short: false };
  if (kind === 'clip') return { setting: clipAt(s), short: false };
  const found = settingOf(s.drive, wantedVolts(s, need), need.amps);
  if (found === null) return { setting: full, short: true };
  const step = dialStep(s);
  const lower = hotterLower(kind);
  const stepped =
    step === null ? tidy(found, DIGITS, lower ? 'down' : 'up') : step * ceilOf(found / step, lower);
  const most = kind === 'hold-ohm' ? Infinity : full!;
  return { setting: lower ? Math.max(most, stepped) : Math.min(most, stepped), short: false };
}

/** The next whole number, with room for the last digit of a division. */
function ceilOf(n: number, down: boolean): number {
  return down ? Math.floor(n + 1e-9) : Math.ceil(n - 1e-9);
}

/** Heated length of a sliding clip, mm: as found, no less than the foam is wide, no more than the wire hangs. */
function clipAt(s: Setup): number {
  const { wire, foam } = s.rig;
  const found = lengthForFastest(s, s.feed! / s.reserve);
  const mm = found === null ? 0 : tidy(found * 1000, DIGITS, 'down');
  return Math.min(wire.lengthMm, Math.max(1, foam.widthMm, mm));
}
