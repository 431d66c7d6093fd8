import { rootIncreasing } from '../../numeric/root';
import { lossToAir } from '../../physics/heat/loss';
import { heldAt, lengthForFastest, settingForFastest, settingOf, voltsFor } from '../need';
import { ohmPerMetre, ohmAt, type Setup } from '../setup';
import { OperatingPointSolver } from '../states';
import { windowOf } from '../window';
import { tidy, type Patch } from './draft';
import type { Evaluation } from '../evaluation';

/** Patch that sets the dial; null where the control has none or the setting cannot be reached. */
export function dial(s: Setup, setting: number | null, way: 'down' | 'up' | 'near'): Patch | null {
  if (setting === null || !(setting > 0)) return null;
  const to = s.drive.kind === 'phase' && way !== 'near' ? (way === 'down' ? 'up' : 'down') : way;
  const value = tidy(setting, 3, to);
  return value === s.rig.control.setting ? null : { control: { setting: value } };
}

/** The dial turned down until the amps are `ease` times what they are, by the ohms it has; null where there is none, or pulses. */
export function easedDial(s: Setup, ease: number): Patch | null {
  const { kind, setting, openVolts, volts } = s.drive;
  if (setting === null || !(ease < 1)) return null;
  if (kind === 'volts') return dial(s, Math.min(setting, openVolts) * ease, 'down');
  if (kind === 'amps' || kind === 'scale') return dial(s, setting * ease, 'down');
  if (kind === 'buck') return dial(s, setting * Math.sqrt(ease), 'down');
  if (kind === 'phase') return dial(s, settingOf(s.drive, volts * ease, 0), 'down');
  return null;
}

/** Dial at which the wire idles at `wireC`. */
export function dialForIdle(s: Setup, wireC: number, way: 'down' | 'up' = 'down'): Patch | null {
  if (!(wireC > s.room.airC)) return null;
  const amps = Math.sqrt(lossToAir(s.room, wireC) / ohmPerMetre(s, wireC));
  return dial(s, settingOf(s.drive, amps * (s.drive.restOhm + ohmAt(s, wireC)), amps), way);
}

/** Dial at which the max feed is `fastest` m/s. */
export function dialForFastest(s: Setup, fastest: number, way: 'down' | 'up'): Patch | null {
  return fastest > 0 ? dial(s, settingForFastest(s, fastest), way) : null;
}

/** Share of the max feed at which the min clean feed should lie where the heat was too high. */
const COOL_SHARE = 0.6;

const COOL = new WeakMap<Evaluation, Patch | null>();

/** The dial at which the min clean feed is 0.6 of the fastest; found on the current, which both grow with, once a rig. */
export function coolDial(e: Evaluation): Patch | null {
  if (!COOL.has(e)) COOL.set(e, findCool(e));
  return COOL.get(e)!;
}

function findCool(e: Evaluation): Patch | null {
  const { s } = e;
  const now = e.window.fastest?.amps;
  if (!now) return null;
  const share = (amps: number) => {
    const w = windowOf(new OperatingPointSolver(heldAt(s, amps)));
    return w.fastest && w.slowest !== null ? w.slowest / w.fastest.feed - COOL_SHARE : -COOL_SHARE;
  };
  const amps = rootIncreasing(share, 0.2 * now, now, 0.8 * now, 2e-3 * now).x;
  const found = new OperatingPointSolver(heldAt(s, amps)).atWidth(s.diameter);
  return found && dial(s, settingOf(s.drive, voltsFor(s, amps, found.foamC), amps), 'down');
}

/** Longer (or, by a factor under 1, shorter) wire, in whole 5 mm; null where it would pass the longest legal wire or the foam. */
export function longer(s: Setup, factor: number): Patch | null {
  if (s.drive.kind === 'clip') return clip(s, factor);
  const mm = Math.ceil((s.rig.wire.lengthMm * factor) / 5) * 5;
  if (factor < 1 && mm < (s.width + LEAST_ROOM) * 1000) return null;
  return mm <= 20000 && Number.isFinite(mm) && s.rig.wire.measuredOhm === null
    ? { wire: { lengthMm: mm } }
    : null;
}

/** Wire so short that the max feed is `fastest` m/s; null where it would leave the foam no room. */
export function shorterFor(s: Setup, fastest: number): Patch | null {
  const length = lengthForFastest(s, fastest);
  if (length === null || !(length < s.length) || !(length > s.width + LEAST_ROOM)) return null;
  return longer(s, (Math.floor(length * 200) / 200 - 1e-9) / s.length);
}
/** Under this the unheated ends of both sides reach into the foam whatever the wire, m. */
const LEAST_ROOM = 0.03;

/** A sliding clip gives more length only as far as the wire goes. */
function clip(s: Setup, factor: number): Patch | null {
  const mm = Math.ceil((s.length * 1000 * factor) / 5) * 5;
  return mm <= s.rig.wire.lengthMm && (factor >= 1 || mm >= (s.width + LEAST_ROOM) * 1000)
    ? { control: { setting: mm } }
    : null;
}

/** The feed as set, in mm/s. */
export function feedPatch(feed: number | null, way: 'down' | 'up' | 'near'): Patch | null {
  if (feed === null || !(feed > 0)) return null;
  const mmS = tidy(feed * 1000, 2, way);
  return mmS >= 0.01 && mmS <= 1000 ? { cut: { feedMmS: mmS } } : null;
}

/** Several patches as one; null where one of them is. */
export function both(a: Patch | null, b: Patch | null): Patch | null {
  return a && b && { ...a, ...b };
}
