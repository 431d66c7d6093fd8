import { HAND_WAIT } from '../../physics/tension/lag';
import type { LoggedCut } from '../../documents/log';
import { CUTTERS } from '../../documents/cutters';
import { guidedOf } from '../../documents/rigDefaults';
import type { Rig } from '../../documents/rig';
import { evaluate } from '../evaluate';
import { coolDial, dialForFastest, dialForIdle, feedPatch } from '../findings/patches';
import type { Patch } from '../findings/draft';
import { pullBand } from '../tensionBand';
import { feedOfCut } from '../tune';
import { advisedFeed } from '../window';
import { timesOf } from '../times';
import { weigh, type Weighed } from './rules';
import type { Cause, Place, Signs } from './signs';
import type { Evaluation } from '../evaluation';

/** Causes of what a cut looks like, each with the change to try. */
export interface Diagnosis {
  readonly signs: Signs;
  readonly causes: readonly (Weighed & { readonly change: Change })[];
}

/** The one change to try: a patch of the rig where it is one, and the numbers its words want. */
export interface Change {
  readonly patch: Patch | null;
  /** Seconds, mm or newtons that the words name; null where the change has no size. */
  readonly size: number | null;
}

/** What the maker adds to a cut that a log does not hold. */
export interface Told {
  readonly where: Place | null;
  readonly metalTemplates: boolean;
}

/** Causes that only a cut along templates has, and those that only a hand has. */
const BY_TEMPLATES: ReadonlySet<Cause> = new Set(['ends-uneven', 'template-rough', 'template-chills']);
const BY_HANDS: ReadonlySet<Cause> = new Set(['stopped']);
/** How many causes are told. */
const TOLD = 4;

/** Causes of a logged cut on its (tuned) rig, the likeliest first. Pure. */
export function diagnose(rig: Rig, cut: LoggedCut, told: Told): Diagnosis {
  const setting = rig.control.kind === 'none' ? null : (cut.setting ?? rig.control.setting);
  const feed = feedOfCut(cut);
  const e = evaluate({
    ...rig,
    control: { ...rig.control, setting },
    foam: { ...rig.foam, widthMm: cut.widthMm },
    cut: { ...rig.cut, feedMmS: feed ?? rig.cut.feedMmS },
  });
  const signs = signsOf(e, cut, told);
  const { pieces, ends, led } = CUTTERS[rig.frame.kind];
  const foreign = (cause: Cause) =>
    (!pieces && BY_TEMPLATES.has(cause)) ||
    (!ends && cause === 'cool-ends') ||
    (led === 'motors' && BY_HANDS.has(cause));
  const causes = weigh(signs)
    .filter((w) => !foreign(w.cause))
    .slice(0, TOLD)
    .map((w) => ({ ...w, change: changeFor(w.cause, e) }));
  return { signs, causes };
}

function signsOf(e: Evaluation, cut: LoggedCut, told: Told): Signs {
  const { s, window: w, feed } = e;
  const { foam, cut: limits } = s.rig;
  return {
    seen: cut.seen,
    where: told.where,
    ofFastest: e.reserve,
    ofSlowest: w.slowest !== null && feed !== null && w.slowest > 0 ? feed / w.slowest : null,
    overFumeK: e.cut && s.melt ? e.cut.foamC - s.melt.fumeC : null,
    ofLagLimit: e.tension.lag === null ? null : (e.tension.lag * 1000) / limits.lagLimitMm,
    hotN: e.tension.hotN,
    ofRoom: e.wantedLength === null ? null : s.length / e.wantedLength,
    draughtMS: s.room.draught,
    fade: fadeOf(e),
    guided: guidedOf(s.rig),
    foam:
      foam.kind === 'eps' || foam.kind === 'epp'
        ? 'bead'
        : foam.kind === 'xps'
          ? 'extruded'
          : foam.kind === 'epe'
            ? 'rewelds'
            : 'other',
    metalTemplates: told.metalTemplates,
  };
}

function fadeOf(e: Evaluation): number | null {
  if (!e.battery) return null;
  const [full, stop] = e.battery.fastestFeedMmS;
  return full ? (stop ?? 0) / full : null;
}

/** Foam in waste before the piece where the kerf is not settled yet, mm. Common practice, no source. */
const HALF_INCH = 12;
/** How far the wire runs on past the tail, mm. Common practice, no source. */
const RUN_OUT = 20;

function changeFor(cause: Cause, e: Evaluation): Change {
  const { s, window: w } = e;
  const only = (size: number | null): Change => ({ patch: null, size });
  const fastest = w.fastest?.feed ?? null;
  if (cause === 'too-fast') return { patch: feedPatch(advisedFeed(w, s.reserve), 'down'), size: null };
  if (cause === 'too-slow') {
    const middle = fastest && w.slowest ? Math.max(Math.sqrt(fastest * w.slowest), s.reserve * fastest) : null;
    return { patch: feedPatch(middle, 'near'), size: null };
  }
  if (cause === 'too-hot') {
    const under = s.melt ? dialForIdle(s, 0.95 * s.melt.fumeC) : null;
    return { patch: e.idle.airC > (s.melt?.fumeC ?? Infinity) ? under : (coolDial(e) ?? under), size: null };
  }
  if (cause === 'too-cold') {
    const feed = e.feed ?? s.feed ?? 0.004;
    return { patch: dialForFastest(s, feed / s.reserve, 'up'), size: null };
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
