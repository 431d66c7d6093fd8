import type { LoggedCut } from '../../documents/log';
import { CUTTERS, hasPieces } from '../../documents/cutters';
import { guidedOf } from '../../documents/rigDefaults';
import type { Rig } from '../../documents/rig';
import { evaluate } from '../evaluate';
import { feedOfCut } from '../tune';
import { changeFor, type Change } from './change';
import { weigh, type Weighed } from './weigh';
import type { Cause, Place, Signs } from './signs';
import type { Evaluation } from '../evaluation';

/** Causes of what a cut looks like, each with the change to try. */
export interface Diagnosis {
  readonly signs: Signs;
  readonly causes: readonly (Weighed & { readonly change: Change })[];
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
  const { ends, led } = CUTTERS[rig.frame.kind];
  const pieces = hasPieces(rig.frame);
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
