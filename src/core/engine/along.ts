import type { Rig } from '../documents/rig';
import { evaluate } from './evaluate';
import { histories, type History } from './history';
import { profileOf, warmingProfiles, type Profile } from './profile';
import { type Chill } from './profileProblem';
import { sessionOf, type Session } from './session';
import { compareControlModes, type Advised } from './steady';
import { timesOf } from './times';

/** One line of temperature along the wire: mm from the first clamp and °C. */
export interface AlongLine {
  readonly xMm: readonly number[];
  readonly tempC: readonly number[];
  readonly converged: boolean;
}

/** All that the page of heat along and over time shows of a rig. */
export interface AlongReport {
  readonly idle: AlongLine | null;
  readonly cutting: AlongLine | null;
  /** The wire at some seconds of its warm-up. */
  readonly warming: readonly { readonly seconds: number; readonly line: AlongLine }[];
  readonly foamMm: readonly [number, number];
  readonly flowC: number | null;
  /** Strip of foam beside a template that the wire does not melt, mm; null without one. */
  readonly coldStripMm: number | null;
  readonly histories: readonly History[];
  readonly advised: Advised | null;
  readonly session: Session | null;
}

/** Moments of the warm-up that are kept, as shares of the time to 95 %. */
const MOMENTS = [0.05, 0.1, 0.15, 0.2, 0.3, 0.4, 0.5, 0.6, 0.7, 0.8, 0.9, 1, 1.25, 1.5, 2];

const lineOf = (p: Profile): AlongLine => ({
  xMm: Array.from(p.x, (x) => x * 1000),
  tempC: Array.from(p.tempC),
  converged: p.converged,
});

/** Heat along the wire and over time of a rig, with templates that chill it where they are given. */
export function alongReport(rig: Rig, chill: Chill | null): AlongReport {
  const e = evaluate(rig);
  const idle = e.off ? null : profileOf(e, { cutting: false });
  const cutting = e.off ? null : profileOf(e, { cutting: true, chill });
  const times = e.off ? null : timesOf(e);
  const seconds = times ? MOMENTS.map((m) => m * times.warmUp) : [];
  const side = (e.s.length - e.s.width) / 2;
  const flowC = e.s.melt?.flowC ?? null;
  return {
    idle: idle && lineOf(idle),
    cutting: cutting && lineOf(cutting),
    warming: warmingProfiles(e, seconds).map((p, i) => ({ seconds: seconds[i]!, line: lineOf(p) })),
    foamMm: [side * 1000, (side + e.s.width) * 1000],
    flowC,
    coldStripMm: chill && cutting && flowC !== null ? coldStrip(cutting, side, flowC) : null,
    histories: histories(rig),
    advised: compareControlModes(rig),
    session: sessionOf(rig),
  };
}

function coldStrip(p: Profile, face: number, flowC: number): number | null {
  const i = p.x.findIndex((x, k) => x > face && p.tempC[k]! > flowC);
  return i < 0 ? null : (p.x[i]! - face) * 1000;
}
