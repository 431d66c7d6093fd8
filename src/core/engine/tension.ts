import { cornerWait, lag } from '../physics/tension/lag';
import { growth } from '../physics/tension/growth';
import { pullAt, stretchAt } from '../physics/tension/holder';
import { pluckHz } from '../physics/tension/pluck';
import { pastGuide } from '../physics/tension/weight';
import { slackSag } from '../physics/tension/slack';
import { tensileStrength } from '../physics/wire/strength';
import { CUTTERS } from '../documents/cutters';
import { guidedOf, timedByHand } from '../documents/rigDefaults';
import { takeUpOf, type TakeUp } from './takeUp';
import type { Tension } from './tensionState';
import type { Evaluation } from './evaluation';

/**
 * Largest lag that is reckoned, as a share of the foam's width: the shallow string ends there. What would trail further is
 * dragged through solid foam and snags.
 */
export const MOST_LAG = 0.25;

/** What of an evaluation the pull follows from. */
interface Hot {
  readonly s: Evaluation['s'];
  readonly off: boolean;
  readonly idle: { readonly airC: number };
  readonly cut: Evaluation['cut'];
  readonly drag: number | null;
  readonly feed: number | null;
}

/** What a rig's wire pulls; everything but the temperatures is worked out here. Pure. */
export function tensionOf(e: Hot): Tension {
  const { s } = e;
  const takeUp = takeUpOf(s, e.off ? null : e.idle.airC);
  const hung = s.rig.wire.lengthMm / 1000;
  const grown = e.off ? null : growth(s.alloy.expansion, e.idle.airC - s.room.airC, s.length);
  const grownCut = e.off || !e.cut ? null : cutGrowth(e, e.cut.airC, e.cut.foamC);
  const pulls = s.rig.tension.kind === 'weight' ? hungWeight(takeUp, e.off) : held(takeUp, s, grown, grownCut);
  const { coldN, hotN, hotMostN, cutN } = pulls;
  const cold = coldN / s.area / tensileStrength(s.alloy, s.strand, s.room.airC);
  const strength = e.off ? null : tensileStrength(s.alloy, s.strand, e.idle.airC);
  const stress = hotMostN === null ? null : hotMostN / s.area;
  const use = Math.max(cold, stress !== null ? stress / strength! : 0);
  const slackStretch = hotN === 0 && grown !== null ? grown - stretchAt(takeUp.holder, coldN) : 0;
  return {
    takeUp,
    mostN: Math.max(coldN, hotN ?? 0),
    coldN,
    hotN,
    cutN,
    growth: grown,
    growthCut: grownCut,
    stress,
    strength,
    use,
    yieldUse: use / s.alloy.yieldFraction,
    pluckHz: pluckHz(coldN, s.area * s.alloy.density, hung),
    slack: hotN === null ? null : slackSag(hung, Math.max(0, slackStretch) / hung),
    ...lagOf(e, cutN ?? hotN),
  };
}

/** How much longer the wire is than cold while it cuts, m: its ends at airC, its middle at foamC. */
function cutGrowth({ s }: Pick<Evaluation, 's'>, airC: number, foamC: number): number {
  return (
    growth(s.alloy.expansion, airC - s.room.airC, s.length - s.width) +
    growth(s.alloy.expansion, foamC - s.room.airC, s.width)
  );
}

interface Pulls {
  coldN: number;
  hotN: number | null;
  /** The most the hot wire may bear: a weight's guide adds to it as the wire shortens. */
  hotMostN: number | null;
  cutN: number | null;
}

function hungWeight({ setN, guide }: TakeUp, off: boolean): Pulls {
  const most = pastGuide(setN, guide.friction, guide.wrap, 'shortens');
  const least = pastGuide(setN, guide.friction, guide.wrap, 'lengthens');
  return off
    ? { coldN: most, hotN: null, hotMostN: null, cutN: null }
    : { coldN: most, hotN: least, hotMostN: most, cutN: least };
}

/** Stretch of wire, frame and take-up together when cold, m: as set, or as set hot and then let cool. */
function coldStretch(u: TakeUp, s: Evaluation['s'], grown: number | null): number {
  const set = stretchAt(u.holder, u.setN);
  return s.rig.tension.setWhen === 'hot' ? set + (grown ?? 0) : set;
}

/** Pull in N of an evaluated rig's wire that has grown by so many m since cold; of a hung weight the lower of its two. */
export function pullWhenGrown(e: Pick<Evaluation, 's' | 'tension'>, grown: number): number {
  const { takeUp, growth: idle } = e.tension;
  if (e.s.rig.tension.kind === 'weight') return hungWeight(takeUp, false).cutN!;
  return pullAt(takeUp.holder, coldStretch(takeUp, e.s, idle) - grown);
}

function held(u: TakeUp, s: Evaluation['s'], grown: number | null, grownCut: number | null): Pulls {
  const cold = coldStretch(u, s, grown);
  const hotN = grown === null ? null : pullAt(u.holder, cold - grown);
  return {
    coldN: s.rig.tension.setWhen === 'hot' ? pullAt(u.holder, cold) : u.setN,
    hotN,
    hotMostN: hotN,
    cutN: grownCut === null ? null : pullAt(u.holder, cold - grownCut),
  };
}

function lagOf(e: Hot, cutN: number | null): Pick<Tension, 'drag' | 'lag' | 'wait'> {
  const { s, drag, feed } = e;
  const { cut, frame } = s.rig;
  if (drag === null || feed === null || e.off || !CUTTERS[frame.kind].takeUp)
    return { drag, lag: null, wait: null };
  if (cutN === null || !(cutN > 0)) return { drag, lag: null, wait: null };
  const oneNewton = lag(1, s.width, s.length, cutN, guidedOf(s.rig));
  const seen = cut.lagSeenMm === null ? null : cut.lagSeenMm / 1000;
  const f = seen ?? Math.min(MOST_LAG * s.width, drag * oneNewton);
  const wait = cornerWait(f, feed, timedByHand(s.rig), cut.lagLimitMm / 1000);
  return { drag: seen === null ? drag : seen / oneNewton, lag: f, wait };
}
