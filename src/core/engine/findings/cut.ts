import { CUTTERS } from '../../documents/cutters';
import { KNIFE_EDGE } from '../evaluate';
import { EDGE, advisedFeed } from '../window';
import { ampsForFastest, lengthForFastest, settingForFastest } from '../need';
import type { Setup } from '../setup';
import type { Draft, Finder, Patch } from './draft';
import { both, coolDial, dialForFastest, dialForIdle, feedPatch, longer, shorterFor } from './patches';
import type { Evaluation } from '../evaluation';

/** The foam and the cut: refused foams, heat and feed against the clean window. */
export const cutFindings: Finder = (e) => [foam(e), ...(e.off || !e.s.melt ? [] : window(e))];

function foam(e: Evaluation): Draft | null {
  const { foam } = e.s;
  if (foam.verdict === 'cut') return null;
  const values = { foam: foam.id, reason: foam.reason };
  return foam.verdict === 'refuse'
    ? { code: 'foam-refused', level: 'stop', values }
    : { code: 'foam-caution', level: 'note', values };
}

/** Feed that a bench takes for a start where nothing says how fast, m/s: an inch in six seconds. */
const PLAIN_FEED = 0.004;

function window(e: Evaluation): (Draft | null)[] {
  const { s, window: w, feed } = e;
  if (!w.fastest || w.slowest === null) {
    return [
      {
        code: 'wire-too-cold',
        level: 'fix',
        values: { wireC: e.idle.cutAirC, flowC: s.melt!.flowC, draughtMS: s.room.draught },
        tries: () => warmer(e),
        most: 2,
      },
    ];
  }
  if (feed === null) return [];
  return [fast(e, feed), meltBack(e, feed), fume(e, feed), tooHigh(e), wide(e), entry(e)];
}

/** Slower paces to try where the heat for the feed asked is out of reach, as shares of it; the feed is then let go. */
const SLOWER = [0.6, 0.35, 0.2];

/** Whether the supply gives the amps that a max feed (m/s) takes; behind a buck converter it gives fewer than the wire has. */
function fed(s: Setup, fastest: number): boolean {
  const { maxAmps, kind } = s.drive;
  const wanted = ampsForFastest(s, fastest);
  return wanted !== null && (maxAmps === null || kind === 'buck' || wanted.amps <= KNIFE_EDGE * maxAmps);
}

/** More heat, by the dial or by a shorter wire; then for a slower cut. */
function* warmer({ s, feed }: Evaluation): Iterable<Patch | null> {
  const fastest = (feed ?? PLAIN_FEED) / s.reserve;
  // What does not reach the slowest pace reaches none.
  if (!fed(s, SLOWER[SLOWER.length - 1]! * fastest)) return;
  const letGo = s.rig.cut.feedMmS === null ? {} : { cut: { feedMmS: null } };
  const paces = [1, ...SLOWER].filter((share) => fed(s, share * fastest));
  const least = paces[paces.length - 1]!;
  if (settingForFastest(s, least * fastest) !== null)
    for (const share of paces) yield both(dialForFastest(s, share * fastest, 'up'), share < 1 ? letGo : {});
  if ((lengthForFastest(s, least * fastest) ?? 0) > s.width)
    for (const share of paces) yield both(shorterFor(s, share * fastest), share < 1 ? letGo : {});
}

function fast(e: Evaluation, feed: number): Draft | null {
  const { s, window: w } = e;
  const v = w.fastest!.feed;
  if (!(feed > EDGE * v)) return null;
  const values = { feedMmS: feed * 1000, fastestFeedMmS: v * 1000, reserve: feed / v };
  function* tries() {
    yield dialForFastest(s, feed / s.reserve, 'up');
    yield dialForFastest(s, feed / 0.85, 'up');
    yield feedPatch(advisedFeed(w, s.reserve), 'down');
    yield feedPatch(0.85 * v, 'down');
  }
  return feed > v
    ? { code: 'feed-too-fast', level: 'fix', values, tries, most: 2 }
    : { code: 'feed-near-limit', level: 'note', values, tries };
}

/** Less heat or a faster cut, for one that is slower than `slow` m/s allows. */
function* quicker(e: Evaluation, slow: number): Iterable<Patch | null> {
  const { window: w, s } = e;
  const letGo = { cut: { feedMmS: null } };
  // A feed of one's own is kept by less heat; the advised one follows the heat.
  if (s.feed !== null) yield dialForFastest(s, s.feed / s.reserve, 'down');
  // The window stays where it is: a feed that is still under its bound mends nothing.
  const advised = advisedFeed(w, s.reserve);
  if (advised !== null && advised * 1.1 > slow) yield feedPatch(advised, 'up');
  yield both(coolDial(e), letGo);
  yield both(dialForIdle(s, 0.9 * s.melt!.fumeC), letGo);
  for (const factor of [1.2, 1.4]) yield both(longer(s, factor), letGo);
}

function meltBack(e: Evaluation, feed: number): Draft | null {
  const slow = e.window.meltBack!.feed;
  if (!(feed < slow)) return null;
  return {
    code: 'melt-back',
    level: 'fix',
    values: { feedMmS: feed * 1000, slowestFeedMmS: slow * 1000, kerfMm: e.cut ? e.cut.width * 1000 : null },
    tries: () => quicker(e, slow),
  };
}

function fume(e: Evaluation, feed: number): Draft | null {
  const slow = e.window.fume?.feed;
  if (slow === undefined || !(feed < slow)) return null;
  return {
    code: 'fume-limit',
    level: 'fix',
    values: {
      feedMmS: feed * 1000,
      slowestFeedMmS: slow * 1000,
      foamC: e.cut?.foamC ?? null,
      fumeC: e.s.melt!.fumeC,
    },
    tries: () => quicker(e, slow),
  };
}

function tooHigh(e: Evaluation): Draft | null {
  const { fastest, slowest } = e.window;
  if (!(0.7 * fastest!.feed < slowest!)) return null;
  return {
    code: 'heat-too-high',
    level: 'fix',
    values: {
      fastestFeedMmS: fastest!.feed * 1000,
      slowestFeedMmS: slowest! * 1000,
      led: CUTTERS[e.s.rig.frame.kind].led,
    },
    *tries() {
      const cooler = coolDial(e);
      yield cooler;
      yield both(cooler, { cut: { feedMmS: null } });
      yield longer(e.s, 1.2);
      yield longer(e.s, 1.5);
    },
  };
}

function wide(e: Evaluation): Draft | null {
  const { s, cut } = e;
  if (!cut || !(cut.width > s.diameter + 0.001)) return null;
  return {
    code: 'wide-slot',
    level: 'note',
    values: { kerfMm: cut.width * 1000, diameterMm: s.diameter * 1000 },
    *tries() {
      yield dialForFastest(s, e.feed! / s.reserve, 'down');
      yield feedPatch((cut.feed * cut.width) / (s.diameter + 0.0009), 'up');
    },
  };
}

function entry(e: Evaluation): Draft | null {
  const fumeC = e.s.melt!.fumeC;
  if (!(e.idle.airC > fumeC)) return null;
  return {
    code: 'smokes-at-entry',
    level: 'note',
    values: { wireC: e.idle.airC, fumeC },
    *tries() {
      const under = dialForIdle(e.s, 0.97 * fumeC);
      yield under;
      yield both(under, { cut: { feedMmS: null } });
      yield longer(e.s, 1.3);
    },
  };
}
