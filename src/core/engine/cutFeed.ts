import type { LoggedCut } from '../documents/log';
import type { Rig } from '../documents/rig';
import { FEED_SD, SLOT_SD, storedSeconds, timedFeed, type Evidence } from '../physics/tuning/evidence';
import { heldAt } from './need';
import { heatCapacityPerMetre, ohmPerMetre, setUp, type Setup } from './setup';
import { OperatingPointSolver } from './states';
import { windowOf } from './window';

/** A logged cut beside the rig it was made on. */
export interface RigCut {
  readonly rig: Rig;
  readonly cut: LoggedCut;
}

/** The rig of a cut as the tuning judges it: the cut's own setting and width, tuning 1. */
export function rigOfCut({ rig, cut }: RigCut): Rig {
  const setting = rig.control.kind === 'none' ? null : (cut.setting ?? rig.control.setting);
  return {
    ...rig,
    control: { ...rig.control, setting },
    foam: { ...rig.foam, widthMm: cut.widthMm, tuning: 1 },
  };
}

/** Feed of a cut in mm/s as logged: given, or depth over seconds; null where neither is. */
export function feedOfCut(cut: LoggedCut): number | null {
  if (cut.feedMmS !== null) return cut.feedMmS;
  return cut.depthMm !== null && cut.seconds !== null ? cut.depthMm / cut.seconds : null;
}

/**
 * What one cut says of θ and ψ. A limit cut counts by its feed and not by its grade, which would say the same twice.
 * A cut whose model has no window, or that has neither feed, kerf nor grade, says nothing.
 */
export function evidenceOf(rigCut: RigCut): Evidence[] {
  const { cut } = rigCut;
  const s = setupOf(rigCut);
  const w = windowOf(new OperatingPointSolver(s));
  if (!w.fastest || w.slowest === null) return [];
  const fastest = w.fastest.feed * 1000;
  const out: Evidence[] = [];
  const feed = feedOfCut(cut);
  if (cut.limit) {
    const timed = limitFeed(s, cut);
    if (timed) out.push({ kind: 'seen', what: 'feed', theta: Math.log(fastest / timed.feedMmS), sd: timed.sd });
  } else if (cut.grade && feed !== null) {
    out.push({
      kind: 'grade',
      grade: cut.grade,
      c: Math.log(fastest / feed),
      h: Math.log((w.slowest * 1000) / feed),
    });
  }
  if (cut.kerfMm !== null && feed !== null && cut.kerfMm > s.diameter * 1000) {
    const model = new OperatingPointSolver(s).atFeed(feed / 1000);
    if (model)
      out.push({ kind: 'seen', what: 'slot', theta: Math.log((model.width * 1000) / cut.kerfMm), sd: SLOT_SD });
  }
  return out;
}

function setupOf(rigCut: RigCut): Setup {
  const s = setUp(rigOfCut(rigCut));
  return rigCut.cut.amps === null ? s : heldAt(s, rigCut.cut.amps);
}

function limitFeed(s: Setup, cut: LoggedCut): { feedMmS: number; sd: number } | null {
  if (cut.feedMmS !== null) return { feedMmS: cut.feedMmS, sd: FEED_SD };
  const marks = cut.marks ?? [];
  const [a, b] = [marks[marks.length - 2], marks[marks.length - 1]];
  if (a && b) return timedFeed({ depthMm: b.mm - a.mm, seconds: b.s - a.s, storedS: 0, byHand: true });
  if (cut.depthMm === null || cut.seconds === null) return null;
  return timedFeed({
    depthMm: cut.depthMm,
    seconds: cut.seconds,
    storedS: cut.timedFrom === 'in-foam' ? 0 : storedOf(s),
    byHand: true,
  });
}

/** Feed in mm/s to show a cut at: of a limit cut the steady one, its stored heat taken out; null where none is known. */
export function steadyFeed(rigCut: RigCut): number | null {
  if (!rigCut.cut.limit) return feedOfCut(rigCut.cut);
  return limitFeed(setupOf(rigCut), rigCut.cut)?.feedMmS ?? null;
}

/** Seconds of cutting stored in the idling wire of a setup. */
export function storedOf(s: Setup): number {
  const idle = new OperatingPointSolver(s).idle();
  const heat = idle.amps * idle.amps * ohmPerMetre(s, idle.airC);
  const perKelvin = heatCapacityPerMetre(s);
  return s.melt && heat > 0 ? storedSeconds(perKelvin, idle.airC, s.melt.flowC, heat) : 0;
}
