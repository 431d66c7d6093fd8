import type { Drill, HiddenFault, Loss, LossCode, PracticeScore } from '../documents/practice';
import type { FrameKind, Rig } from '../documents/rig';
import type { Sense } from '../practice/senses';
import type { Unfit } from '../practice/wire';
import { METRIC_SAY, type Say } from './say';

export const DRILL_NAMES: Record<Drill, string> = {
  feed: 'Hold a feed',
  push: 'Push the foam',
  groove: 'Draw a groove',
  corner: 'Corner and wait',
  taper: 'Taper, both ends',
  core: 'A whole core',
  unknown: 'Unknown bench',
};

/** Figures that a drill's goal speaks of: mm/s and s. */
export interface Goal {
  readonly feedMmS: number;
  readonly minMmS: number;
  readonly maxMmS: number;
  readonly waitS: number;
  readonly shortMmS: number;
}

/** What a drill asks for, in one or two sentences. */
export function drillGoal(drill: Drill, g: Goal, say: Say, frame: FrameKind = 'bow'): string {
  const feed = say(g.feedMmS, 'feed');
  const window = `Clean from ${say(g.minMmS, 'feed')} to ${say(g.maxMmS, 'feed')}.`;
  switch (drill) {
    case 'feed':
      return `Lead the wire straight through at an even ${feed}. ${window}`;
    case 'push':
      return frame === 'slicer'
        ? `Push the foam under the wire at an even ${feed}. ${window}`
        : `Push the foam along the fence past the wire at an even ${feed}. ${window}`;
    case 'groove':
      return `Draw the loop along the groove at an even ${feed}. ${window}`;
    case 'corner':
      return g.waitS > 0
        ? `Lead at ${feed}, stand ${say(g.waitS, 'time')} at each corner until the middle has caught up, then turn. ${window}`
        : `Lead at ${feed} around both corners. This wire’s lag is too small to wait for. ${window}`;
    case 'taper':
      return `Bring both ends to each station together: the near end at ${feed}, the far one at ${say(g.shortMmS, 'feed')}. ${window}`;
    case 'core':
      return `Keep each end in its ring: it goes from station to station as the call does. ${window}`;
    case 'unknown':
      return 'Its fault and its foam’s heat are hidden. Find both, and the max feed, with the meter and as few test cuts as you can.';
  }
}

/** Why a rig's wire cannot be led as it stands, and what to do about it. */
export const UNFIT_WORDS: Readonly<Record<Unfit, string>> = {
  cold: 'This wire cuts nothing at its setting: there is nothing to practise on yet. Give it heat.',
  'no-window':
    'Hardly a feed of this wire is clean at its setting: each one melts or drags. Turn the heat down.',
  overstressed: 'This wire is pulled past what it bears hot: it would break. Let its tension down.',
  quick: 'This wire is so hot that no hand leads it as fast as it wants. Turn the heat down.',
};

/** Why a cutter that hands do not lead has no drills of leading; null where they do. */
export function ledOtherwise(frame: FrameKind): string | null {
  if (frame === 'gantry') return 'Motors lead these towers: what is practised is finding a bench out.';
  if (frame === 'pulled-bow' || frame === 'drop-bow')
    return 'Its weight leads it: what is practised is finding a bench out.';
  return null;
}

/** What is heard, smelt and seen at a moment. */
export const SENSE_WORDS: Record<Sense, { readonly name: string; readonly what: string }> = {
  idle: { name: 'In air', what: 'The wire hums; it waits outside the foam.' },
  cold: { name: 'Cold', what: 'No hiss, no smell: the wire bows against solid foam.' },
  clean: { name: 'Clean', what: 'A soft even hiss, hardly a smell, fine hairs behind the wire.' },
  edge: { name: 'On the edge', what: 'The hiss crackles as beads catch; the middle begins to hang back.' },
  drags: { name: 'Drags', what: 'It squeaks and tears; the wire bows and pushes on solid foam.' },
  snagged: { name: 'Snagged', what: 'Silence: the foam holds the wire, and your hands with it. Ease off.' },
  melts: { name: 'Melts', what: 'A slow wet sizzle and a sweet smell; the kerf opens wide and glossy.' },
  smokes: {
    name: 'Smokes',
    what: 'It spits; acrid smoke rises from the kerf. At a bench: open air, and less heat.',
  },
  stands: { name: 'Stands', what: 'The hiss dies down; the kerf grows where the wire stands.' },
};

export const FAULT_NAMES: Record<HiddenFault, string> = {
  nothing: 'Nothing, all as drawn',
  thicker: 'Wire two gauges thicker',
  thinner: 'Wire two gauges thinner',
  contact: 'Bad contact at a clip',
  'folds-back': 'Supply folds back',
};

const ends = (frame: FrameKind) => (frame === 'table' || frame === 'slicer' ? 'Push' : 'Lead');

/** A score with its texts, in metric, as it leaves the program. */
export function toldScore(score: PracticeScore, rig: Pick<Rig, 'frame'>) {
  const losses = score.losses.map((l) => ({ ...l, ...lossWords(l, rig.frame.kind, METRIC_SAY) }));
  return { ...score, losses };
}

/** Why points were lost, and what to change. */
export function lossWords(loss: Loss, frame: FrameKind, say: Say): { reason: string; change: string } {
  const v = loss.values;
  const feed = (k: string) => say(v[k] ?? 0, 'feed');
  const size = (k: string) => say(v[k] ?? 0, 'slot');
  const time = (k: string) => say(v[k] ?? 0, 'time');
  const share = (k: string) => `${Math.round((v[k] ?? 0) * 100)}\u00a0%`;
  const lead = ends(frame);
  const words: Record<LossCode, () => { reason: string; change: string }> = {
    fast: () => ({
      reason: `Faster than the wire melts for ${time('seconds')}, up to ${feed('feedMmS')} where ${feed('maxMmS')} is the most${(v['snags'] ?? 0) > 0 ? `; it snagged ${v['snags'] === 1 ? 'once' : `${v['snags']} times`}` : ''}. The middle hung back up to ${size('lagMm')}.`,
      change: `${lead} at ${feed('goalMmS')}. When the wire bows, ease off before it tears.`,
    }),
    slow: () => ({
      reason: `Slower than the min clean feed of ${feed('minMmS')} for ${time('seconds')}: the kerf melts wide.`,
      change: `${lead} faster, near ${feed('goalMmS')}, or turn the heat down.`,
    }),
    'off-feed': () => ({
      reason: `At ${feed('feedMmS')} on the average the kerf lies ${size('meanMm')} a side off what is allowed for, ${size('mostMm')} at the most.`,
      change: `Keep to ${feed('goalMmS')}: an even pace counts for more than a quick one.`,
    }),
    'corner-short': () => ({
      reason: `Corner ${v['corner']} came out ${size('cutOffMm')} round in the middle: you stood ${time('stoodS')}, the middle wanted ${time('waitS')}.`,
      change: 'Stand at the corner until the middle has caught up, then turn.',
    }),
    'corner-long': () => ({
      reason: `Corner ${v['corner']} is melted ${size('meltedMm')} further a side: you stood ${time('stoodS')} where ${time('waitS')} is enough.`,
      change: 'Go on as soon as the middle has caught up: standing melts.',
    }),
    step: () => ({
      reason: `The ends were ${size('meanMm')} out of step on the average, ${size('mostMm')} at the most.`,
      change: 'Look from station to station: both ends pass the same number at the same moment.',
    }),
    cold: () => ({
      reason: `The wire went in cold: ${share('share')} of its heat was missing. It warms up in ${time('warmUpS')}.`,
      change: 'Wait outside the foam until the heat stands still.',
    }),
    still: () => ({
      reason: `It stood on the line for ${time('seconds')}: each stop melts a groove.`,
      change: 'Never stop on a line; come in from waste and run out to the end.',
    }),
    undone: () => ({
      reason: `${share('share')} of the cut was not made.`,
      change: 'Run out on the far side before you let go.',
    }),
    cuts: () => ({
      reason: `${v['cuts']} test cuts; ${v['free']} are enough.`,
      change:
        'Each cut should halve what is open: between the quickest that came out clean and the first that dragged.',
    }),
    'wrong-fault': () => ({
      reason: 'The fault was another.',
      change:
        'Read amps and volts at several settings before cutting: too few amps with too few volts at the clips is a contact; with all volts, a wire.',
    }),
    limit: () => ({
      reason:
        v['maxMmS'] === undefined
          ? 'This wire cuts nothing.'
          : `The max feed is ${feed('maxMmS')}; you said ${feed('saidMmS')}.`,
      change: 'One cut just over the limit and one just under it tell the most.',
    }),
  };
  return words[loss.code]();
}
