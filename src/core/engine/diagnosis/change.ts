import { HAND_WAIT } from '../../physics/tension/lag';
import { evaluate } from '../evaluate';
import type { Evaluation } from '../evaluation';
import type { Patch } from '../findings/draft';
import { coolDial, dialForFastest, dialForIdle, feedPatch } from '../findings/patches';
import { merge } from '../merge';
import { pullBand } from '../tensionBand';
import { timesOf } from '../times';
import { advisedFeed } from '../window';
import type { Cause } from './signs';

/** The one change to try: a patch of the rig where it is one, and the numbers its words want. */
export interface Change {
  readonly patch: Patch | null;
  /** Seconds, mm or newtons that the words name; null where the change has no size. */
  readonly size: number | null;
}

/** Foam in waste before the piece where the kerf is not settled yet, mm. Common practice, no source. */
const HALF_INCH = 12;
/** How far the wire runs on past the tail, mm. Common practice, no source. */
const RUN_OUT = 20;

/** Max feed of a rig with a patch, m/s; 0 where it cuts nothing. A steep alloy's dial may go the other way than it is turned. */
const maxFeed = (e: Evaluation, patch: Patch): number =>
  evaluate(merge(e.s.rig, patch)).window.fastest?.feed ?? 0;

/** The change to try against a cause, on a rig as it was evaluated. */
export function changeFor(cause: Cause, e: Evaluation): Change {
  const { s, window: w } = e;
  const only = (size: number | null): Change => ({ patch: null, size });
  const fastest = w.fastest?.feed ?? null;
  const now = fastest ?? 0;
  if (cause === 'too-fast') return { patch: feedPatch(advisedFeed(w, s.reserve), 'down'), size: null };
  if (cause === 'too-slow') {
    const middle = fastest && w.slowest ? Math.max(Math.sqrt(fastest * w.slowest), s.reserve * fastest) : null;
    return { patch: feedPatch(middle, 'near'), size: null };
  }
  if (cause === 'too-hot') {
    const under = s.melt ? dialForIdle(s, 0.95 * s.melt.fumeC) : null;
    const cooler = e.idle.airC > (s.melt?.fumeC ?? Infinity) ? under : (coolDial(e) ?? under);
    return { patch: cooler && maxFeed(e, cooler) < now ? cooler : null, size: null };
  }
  if (cause === 'too-cold') {
    const feed = e.feed ?? s.feed ?? 0.004;
    const hotter = dialForFastest(s, feed / s.reserve, 'up');
    return { patch: hotter && maxFeed(e, hotter) > now ? hotter : null, size: null };
  }
  if (cause === 'slack-wire' || cause === 'lag') {
    const band = pullBand(e);
    const setN =
      band?.open && band.lowN !== null ? Number((0.5 * (band.lowN + band.highN)).toPrecision(2)) : null;
    return setN !== null && setN > e.tension.takeUp.setN
      ? { patch: { tension: { setN } }, size: setN }
      : { patch: feedPatch(fastest && 0.6 * Math.min(fastest, e.feed ?? fastest), 'down'), size: null };
  }
  // A hollow at a corner is a lag that was seen: the shortest wait where the model sees none.
  if (cause === 'corner-rushed') return only(Math.max(HAND_WAIT[0], e.tension.wait ?? 0));
  if (cause === 'corner-overstayed') return only(e.tension.wait);
  if (cause === 'stored-heat') return only(Math.max(HALF_INCH, ((timesOf(e)?.settle ?? 0) * 1000) / 2));
  if (cause === 'stood-at-exit') return only(RUN_OUT);
  if (cause === 'cool-ends') {
    const lengthMm = e.wantedLength === null ? null : Math.ceil((e.wantedLength * 1000) / 10) * 10;
    const measured = s.rig.wire.measuredOhm !== null || s.drive.kind === 'clip';
    return { patch: lengthMm && !measured ? { wire: { lengthMm } } : null, size: lengthMm };
  }
  return only(null);
}
