import { rootIncreasing } from '../../numeric/root';
import { CUTTERS } from '../../documents/cutters';
import { dragPerMetre } from '../../physics/foam/drag';
import { stretchAt, pullAt } from '../../physics/tension/holder';
import { barOf } from '../takeUp';
import { MOST_LAG } from '../tension';
import { tidy, type Draft, type Finder, type Patch } from './draft';
import { feedPatch } from './patches';
import type { Evaluation } from '../evaluation';

/** Shares of strength over which the stress is high and too high, and of yield over which the wire takes a set (PHYSICS.md section 6). */
export const STRESS = { high: 0.5, over: 0.8, yield: 0.9 } as const;
/** Share of what buckles a bar that it may be pressed with. Common practice, no source: a factor of two. */
export const BUCKLING = 0.5;
/** Share of a limit that a fix aims at. */
const EASE = 0.94;
/** Share of the hot strength to which a slack wire is brought. Ours. */
const TAUT = 0.12;

/** How the wire is held: stress, set, slack, the spring's own limits, the lag of the middle, the frame's bar. */
export const tensionFindings: Finder = (e) =>
  CUTTERS[e.s.rig.frame.kind].takeUp
    ? [stress(e), set(e), pastSafe(e), bar(e), ...(e.off ? [] : [slack(e), short(e), lag(e)])]
    : [];

/** The pull as set, times a factor. */
function* easier(e: Evaluation, factors: readonly number[]): Iterable<Patch | null> {
  for (const f of factors) yield pullPatch(e.tension.takeUp.setN * f, 'down');
}

/** Patch that sets the pull; null where it is none. */
function pullPatch(newtons: number, way: 'down' | 'up'): Patch | null {
  return newtons > 0 && Number.isFinite(newtons) ? { tension: { setN: tidy(newtons, 2, way) } } : null;
}

function stress(e: Evaluation): Draft | null {
  const { use, coldN, hotN, strength } = e.tension;
  if (!(use > STRESS.high)) return null;
  // What rests on an assumed pull asks for the pull first: it stops nothing.
  const assumed = assumedPull(e);
  const over = use > STRESS.over && !assumed;
  return {
    code: over ? 'wire-overstressed' : 'wire-stress-high',
    level: over ? 'stop' : 'fix',
    values: {
      use,
      assumed: assumed ? 1 : 0,
      coldN,
      hotN,
      strengthMPa: strength === null ? null : strength / 1e6,
      wireC: e.off ? null : e.idle.airC,
    },
    tries: () => easier(e, [(EASE * STRESS.high) / use, (0.8 * STRESS.high) / use, (0.5 * STRESS.high) / use]),
  };
}

/** Whether nobody said how tight the wire is. */
function assumedPull(e: Evaluation): boolean {
  const { setN, rubber } = e.s.rig.tension;
  return setN === null && !rubber;
}

function set(e: Evaluation): Draft | null {
  const { yieldUse, use } = e.tension;
  if (!(yieldUse > STRESS.yield) || (use > STRESS.over && !assumedPull(e))) return null;
  const ease = (EASE * STRESS.yield) / yieldUse;
  return {
    code: 'takes-a-set',
    level: 'note',
    values: { yieldUse },
    tries: () => easier(e, [ease, 0.8 * ease]),
  };
}

function pastSafe(e: Evaluation): Draft | null {
  const { takeUp, mostN: most } = e.tension;
  if (e.s.rig.tension.kind !== 'spring' || takeUp.safeN === null || !(most > takeUp.safeN)) return null;
  const ease = (EASE * takeUp.safeN) / most;
  return {
    code: 'spring-past-safe-load',
    level: 'fix',
    values: { pullN: most, safeN: takeUp.safeN },
    tries: () => easier(e, [ease, 0.8 * ease]),
  };
}

function bar(e: Evaluation): Draft | null {
  const forces = barOf(e.s, e.tension.mostN);
  if (!forces || !(forces.bar > BUCKLING * forces.bucklesN)) return null;
  const ease = (EASE * BUCKLING * forces.bucklesN) / forces.bar;
  return {
    code: 'bar-near-buckling',
    level: 'fix',
    values: { barN: forces.bar, bucklesN: forces.bucklesN, share: forces.bar / forces.bucklesN },
    tries: () => easier(e, [ease, 0.8 * ease]),
  };
}

function slack(e: Evaluation): Draft | null {
  const { hotN, coldN, growth, strength, takeUp, slack: hangs } = e.tension;
  if (hotN === null || hotN > 0) return null;
  const { tension } = e.s.rig;
  return {
    code: 'wire-goes-slack',
    level: 'fix',
    values: { slackMm: hangs! * 1000, growthMm: growth! * 1000, coldN },
    *tries() {
      const hot = TAUT * strength! * e.s.area;
      yield pullPatch(pullAt(takeUp.holder, stretchAt(takeUp.holder, hot) + growth!), 'up');
      if (tension.kind !== 'spring')
        yield {
          tension: { kind: 'spring', springNPerMm: null, setN: tidy(Math.max(hot, takeUp.setN), 2, 'up') },
        };
      yield pullPatch(takeUp.setN * 2, 'up');
    },
    most: 2,
  };
}

function short(e: Evaluation): Draft | null {
  const { growth } = e.tension;
  const { travelMm } = e.s.rig.tension;
  if (travelMm === null || growth === null || !(growth * 1000 > travelMm)) return null;
  return { code: 'take-up-short', level: 'fix', values: { growthMm: growth * 1000, travelMm } };
}

function lag(e: Evaluation): Draft | null {
  const { s, feed } = e;
  const t = e.tension;
  const { lagLimitMm, lagSeenMm } = s.rig.cut;
  if (t.lag === null || !(t.lag * 1000 > lagLimitMm)) return null;
  const share = (EASE * lagLimitMm) / (t.lag * 1000);
  return {
    code: 'lag-high',
    level: 'fix',
    values: {
      lagMm: t.lag * 1000,
      limitMm: lagLimitMm,
      cutN: t.cutN,
      assumed: assumedPull(e) ? 1 : 0,
      reserve: e.reserve,
      snags: lagSeenMm === null && t.lag >= MOST_LAG * s.width * (1 - 1e-9) ? 1 : 0,
    },
    *tries() {
      // A lag that was seen is a fact of the pull and feed it was seen at; a feed past the fastest is mended as such.
      if (lagSeenMm !== null || e.reserve! > 1) return;
      const { holder, setN } = t.takeUp;
      const wanted = t.cutN! / share;
      if (s.rig.tension.kind === 'weight') yield pullPatch(setN / share, 'up');
      else {
        const grown = s.rig.tension.setWhen === 'hot' ? t.growthCut! - t.growth! : t.growthCut!;
        yield pullPatch(pullAt(holder, Math.max(0, stretchAt(holder, wanted) + grown)), 'up');
      }
      yield feedPatch(slowerFor(e, t.drag! * share) * (feed! / e.reserve!), 'down');
    },
  };
}

/** Share of the max feed at which the drag is `drag` N/m; it rises all the way. */
function slowerFor(e: Evaluation, drag: number): number {
  const f = (share: number) => dragPerMetre(e.s.stress10, e.s.diameter, share) - drag;
  return rootIncreasing(f, 0.05, e.reserve!, 0.8 * e.reserve!, 1e-10).x;
}
