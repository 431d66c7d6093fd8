import type { Rig } from '../documents/rig';
import { rootIncreasing } from '../numeric/root';
import { evaluate } from './evaluate';
import { fullSetting, hotterLower } from './dial';
import { stopOf } from './drafts';
import { tidy, type Draft, type Patch } from './findings/draft';
import { merge } from './merge';
import { lengthForFastest, settingForFastest } from './need';
import { setUp, type Setup } from './setup';
import { OperatingPointSolver } from './states';
import { advisedFeed } from './window';

/** What can be let go and found while all else is held. */
export const LOOSE = ['gauge', 'length', 'setting', 'feed', 'reserve'] as const;
export type Loose = (typeof LOOSE)[number];

/** Why nothing is found. */
export type NotFound =
  'no-feed' | 'no-dial' | 'no-window' | 'out-of-reach' | 'no-matter' | 'measured' | 'stopped';

/** A value found: in the document's own unit, and the patch that takes it. */
export type Found =
  | { readonly ok: true; readonly value: number; readonly patch: Patch }
  | {
      readonly ok: false;
      readonly why: NotFound;
      readonly value: number | null;
      /** What would stop the rig with the value found. */
      readonly stop?: Draft;
    };

/** Feeds that the document takes, mm/s. */
const [SLOWEST, FASTEST] = [0.01, 1000];

const none = (why: NotFound, value: number | null = null): Found => ({ ok: false, why, value });

/**
 * Finds one value of a rig while the others are held: the feed that keeps the reserve; the reserve that the feed leaves; the
 * setting, length or gauge at which the max feed is feed / reserve.
 * A value on which a finding would stop the rig is not given.
 */
export function findIt(rig: Rig, what: Loose): Found {
  const found = findValue(rig, what);
  if (!found.ok) return found;
  const stop = stopOf(evaluate(merge(rig, found.patch)));
  return stop ? { ok: false, why: 'stopped', value: found.value, stop } : found;
}

function findValue(rig: Rig, what: Loose): Found {
  if (what === 'feed') return findFeed(rig);
  if (rig.cut.feedMmS === null) return none('no-feed');
  if (what === 'reserve') return findReserve(rig);
  const s = setUp(rig);
  const fastest = s.feed! / s.reserve;
  if (what === 'setting') return findSetting(s, fastest);
  if (what === 'length') return findLength(s, fastest);
  return findGauge(rig, s, fastest);
}

function findFeed(rig: Rig): Found {
  const e = evaluate(rig);
  const feed = e.off ? null : advisedFeed(e.window, e.s.reserve);
  if (feed === null) return none('no-window');
  const value = tidy(feed * 1000, 2, 'down');
  return value >= SLOWEST && value <= FASTEST
    ? { ok: true, value, patch: { cut: { feedMmS: value } } }
    : none('out-of-reach', value);
}

function findReserve(rig: Rig): Found {
  const e = evaluate(rig);
  if (e.off || e.reserve === null) return none('no-window');
  const value = tidy(e.reserve, 3, 'near');
  return value >= 0.3 && value <= 0.9
    ? { ok: true, value, patch: { cut: { reserve: value } } }
    : none('out-of-reach', value);
}

function findSetting(s: Setup, fastest: number): Found {
  const { kind } = s.drive;
  if (kind === 'none') return none('no-dial');
  if (kind === 'clip') {
    const length = lengthForFastest(s, fastest);
    const mm = length === null ? null : tidy(length * 1000, 3, 'down');
    return mm !== null && mm <= s.rig.wire.lengthMm && mm >= s.rig.foam.widthMm
      ? { ok: true, value: mm, patch: { control: { setting: mm } } }
      : none('out-of-reach', mm);
  }
  const exact = settingForFastest(s, fastest);
  if (exact === null) return none('out-of-reach');
  const rounded = tidy(exact, 3, hotterLower(kind) ? 'down' : 'up');
  const full = fullSetting(s)!;
  const value = hotterLower(kind)
    ? Math.max(full, rounded)
    : kind === 'hold-ohm'
      ? rounded
      : Math.min(full, rounded);
  return { ok: true, value, patch: { control: { setting: value } } };
}

function findLength(s: Setup, fastest: number): Found {
  if (s.rig.wire.measuredOhm !== null) return none('measured');
  if (s.drive.heldAmps !== null) return none('no-matter');
  if (s.drive.kind === 'clip') return findSetting(s, fastest);
  const exact = lengthForFastest(s, fastest);
  if (exact === null) return none('no-window');
  const value = Math.floor(exact * 1000);
  return value >= s.rig.foam.widthMm && value <= 20000
    ? { ok: true, value, patch: { wire: { lengthMm: value } } }
    : none('out-of-reach', value);
}

const THIN = 0.08e-3;
const THICK = 2.5e-3;
const SCAN = 60;

/** The strand's diameter nearest the present one at which the max feed comes out; from a scan, then a root. */
function findGauge(rig: Rig, s: Setup, fastest: number): Found {
  if (rig.wire.measuredOhm !== null) return none('measured');
  const over = (metres: number) => {
    const there = setUp({ ...rig, wire: { ...rig.wire, diameterMm: metres * 1000 } });
    return (new OperatingPointSolver(there).atWidth(there.diameter)?.feed ?? 0) - fastest;
  };
  const at = (i: number) => THIN * (THICK / THIN) ** (i / SCAN);
  let best: number | null = null;
  let before = over(at(0));
  for (let i = 1; i <= SCAN; i++) {
    const now = over(at(i));
    if (before > 0 !== now > 0) {
      const sign = now > before ? 1 : -1;
      const x = rootIncreasing((d) => sign * over(d), at(i - 1), at(i), Math.sqrt(at(i - 1) * at(i)), 1e-7).x;
      if (best === null || Math.abs(Math.log(x / s.strand)) < Math.abs(Math.log(best / s.strand))) best = x;
    }
    before = now;
  }
  if (best === null) return none('out-of-reach');
  const value = tidy(best * 1000, 3, 'near');
  return { ok: true, value, patch: { wire: { diameterMm: value } } };
}
