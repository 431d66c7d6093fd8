import { setUp, ohmAt, type Setup } from '../setup';
import { OperatingPointSolver } from '../states';
import type { Draft, Finder, Patch } from './draft';
import { dialForFastest, dialForIdle, longer, shorterFor } from './patches';
import { steep } from '../steep';
import type { Evaluation } from '../evaluation';

/** A dial is not set, nor a supply true, to closer than this share. Ours. */
const SLIP = 0.95;
/** Least share of the max feed that such a slip may leave. Ours. */
const LEAST_SHARE = 0.5;
/** K over T_flow that a wire in air must keep through such a slip, and that it must have to start a cut at all. Ours. */
const SLIP_SPARE = 15;
const START_SPARE = 10;
/** First dull red in the dark (Draper 1847), red in a dim room, °C; past the second no foam asks for it. */
const GLOW = 525;
const RED = 650;
/**
 * A wire in air so far over T_flow that gives its kerf so many times 2πkΔT does not come near the edge by such a slip, and
 * is not solved twice; a held resistance may, and an alloy that folds. Over 30 000 swept rigs no other at the edge had as much;
 * a test keeps it.
 */
const FAR_K = 60;
const FAR_HEAT = 1.2;

/** Heat that hangs by a hair, that cannot begin a cut, and a wire that glows. */
export const robustFindings: Finder = (e) =>
  e.off || !e.s.melt || !e.window.fastest ? [] : [start(e) ?? marginal(e), glows(e)];

function* hotter(e: Evaluation, airC: number): Iterable<Patch | null> {
  const { s } = e;
  yield dialForIdle(s, airC, 'up');
  for (const more of [1.5, 2.5]) yield dialForFastest(s, more * e.window.fastest!.feed, 'up');
  for (const more of [1.3, 2]) yield shorterFor(s, more * e.window.fastest!.feed);
  for (const share of [0.93, 0.85, 0.75]) yield longer(s, share);
}

function start(e: Evaluation): Draft | null {
  const { flowC } = e.s.melt!;
  const wireC = e.idle.airC;
  if (!(wireC < flowC + START_SPARE)) return null;
  return {
    code: 'cannot-start',
    level: 'fix',
    values: { wireC, flowC, draughtMS: e.s.room.draught },
    tries: () => hotter(e, flowC + 2.5 * SLIP_SPARE),
  };
}

function marginal(e: Evaluation): Draft | null {
  const m = e.s.melt!;
  const far =
    e.s.drive.kind !== 'hold-ohm' &&
    !steep(e.s.alloy) &&
    e.idle.airC > m.flowC + FAR_K &&
    e.window.fastest!.heat > FAR_HEAT * m.unitHeat;
  return far ? null : atTheEdge(e);
}

/** Whether a slip of the dial leaves too little: solves the rig so. Of an evaluation with a max feed. */
export function atTheEdge(e: Evaluation): Draft | null {
  const { s } = e;
  const m = s.melt!;
  const now = e.window.fastest!;
  const states = new OperatingPointSolver(slipped(s));
  const wireC = states.idle().airC;
  const feed = states.atWidth(s.diameter)?.feed ?? 0;
  if (feed >= LEAST_SHARE * now.feed && wireC >= m.flowC + SLIP_SPARE) return null;
  return {
    code: 'heat-marginal',
    level: 'fix',
    values: { maxFeedMmS: now.feed * 1000, slippedFeedMmS: feed * 1000, wireC, flowC: m.flowC },
    tries: () => hotter(e, m.flowC + 4 * SLIP_SPARE),
  };
}

/**
 * The rig with its dial (or, where there is none, its volts) at 95 %, towards less heat: a clip so much further out, a firing
 * angle of so much less rms, an ohm setting so much nearer the cold wire's.
 */
function slipped(s: Setup): Setup {
  const { control } = s.rig;
  const set = (setting: number) => setUp({ ...s.rig, control: { ...control, setting } });
  const { kind, setting } = s.drive;
  if (setting !== null && (kind === 'volts' || kind === 'amps' || kind === 'pwm' || kind === 'scale'))
    return set(SLIP * Math.min(setting, kind === 'volts' ? s.drive.openVolts : Infinity));
  if (setting !== null && kind === 'hold-ohm') {
    const cold = ohmAt(s, s.room.airC);
    return set(cold + SLIP * (setting - cold));
  }
  if (setting !== null && kind === 'clip')
    return { ...s, length: s.length / SLIP, room: { ...s.room, length: s.length / SLIP } };
  return { ...s, drive: { ...s.drive, volts: SLIP * s.drive.volts } };
}

function glows(e: Evaluation): Draft | null {
  const wireC = Math.max(e.idle.airC, e.idle.cutAirC);
  if (!(wireC > GLOW) || wireC > e.s.alloy.limitC) return null;
  return {
    code: 'glows',
    level: wireC > RED ? 'fix' : 'note',
    values: { wireC, redC: GLOW },
    *tries() {
      const cooler = dialForIdle(e.s, 0.9 * GLOW, 'down');
      yield cooler;
      yield cooler && { ...cooler, cut: { feedMmS: null } };
      for (const factor of [1.2, 1.45]) yield longer(e.s, factor);
    },
  };
}
