import type { Rig } from '../documents/rig';
import { evaluate } from './evaluate';
import { leastRise, LEAST_RISE } from './findings/flat';
import { setUp, type Setup } from './setup';
import { OperatingPointSolver } from './states';
import { interpolateLinear } from '../numeric/table';
import type { Evaluation } from './evaluation';

/** Ways of holding the heat that a maker can choose from. */
export const WAYS = ['volts', 'amps', 'ohms'] as const;
export type Way = (typeof WAYS)[number];

/** What a disturbance does to the max feed: a share, +0.1 is a tenth faster. */
export interface Drift {
  /** Wire a tenth longer. */
  readonly longer: number;
  /** Source volts a tenth lower: a battery half empty, a long lead. */
  readonly sag: number;
  /** A draught of 0.5 m/s. */
  readonly draught: number;
  /** Foam half as wide. */
  readonly narrower: number;
}

export interface WayReport {
  readonly way: Way;
  readonly drift: Drift;
  /** The largest of them. */
  readonly worst: number;
}

export interface Advised {
  readonly ways: readonly WayReport[];
  /** Kelvin of the wire's mean that one per cent of ohms stands for; null where the alloy is too flat to hold by. */
  readonly kelvinAPercent: number | null;
  readonly rise: number;
  readonly best: Way;
}

/**
 * What each way of holding makes of four disturbances on this rig, all set to its present heat: each is solved anew. Ohms
 * held count only where the alloy's resistance rises enough. Null where the rig cuts nothing.
 */
export function compareControlModes(rig: Rig): Advised | null {
  const e = evaluate(rig);
  if (!e.window.fastest || e.off) return null;
  const base = e.window.fastest.feed;
  const ways = WAYS.map((way): WayReport => {
    const of = (change: (r: Rig) => Rig, sag = 1) => fastestHeld(e, way, change(rig), sag) / base - 1;
    const drift: Drift = {
      longer: of((r) => ({ ...r, wire: longer(r, 1.1) })),
      sag: of((r) => r, 0.9),
      draught: of((r) => ({ ...r, room: { ...r.room, draughtMS: Math.max(0.5, r.room.draughtMS) } })),
      narrower: of((r) => ({ ...r, foam: { ...r.foam, widthMm: Math.max(1, r.foam.widthMm / 2) } })),
    };
    return { way, drift, worst: Math.max(...Object.values(drift).map(Math.abs)) };
  });
  const rise = leastRise(e.s, e.idle.airC);
  const flat = rise < LEAST_RISE;
  const usable = ways.filter((w) => w.way !== 'ohms' || !flat);
  const best = usable.reduce((a, b) => (b.worst < a.worst - 1e-9 ? b : a));
  return { ways, kelvinAPercent: flat ? null : kelvinOf(e), rise, best: best.way };
}

function longer(rig: Rig, factor: number): Rig['wire'] {
  const ohm = rig.wire.measuredOhm;
  return {
    ...rig.wire,
    lengthMm: Math.min(20000, rig.wire.lengthMm * factor),
    measuredOhm: ohm === null ? null : ohm * factor,
  };
}

/** Max feed of a changed rig, with the volts, amps or ohms held at which the rig as it is has its own. */
function fastestHeld(e: Evaluation, way: Way, changed: Rig, sag: number): number {
  const { amps, airC, foamC } = e.window.fastest!;
  const s = setUp(changed);
  const ohm = new OperatingPointSolver(e.s).cuttingResistance(airC, foamC);
  const { restOhm } = e.s.drive;
  const source = amps * (restOhm + ohm);
  const plain = { ...s.drive, heldAmps: null, heldOhm: null, limitAmps: Infinity, restOhm };
  const held: Record<Way, Setup['drive']> = {
    volts: { ...plain, volts: source * sag },
    amps: { ...plain, volts: 1e6, heldAmps: amps, limitAmps: amps },
    // The controller was set to some ohms, and knows nothing of a longer wire.
    ohms: { ...plain, volts: 4 * source * sag, heldOhm: ohm },
  };
  return new OperatingPointSolver({ ...s, drive: held[way] }).atWidth(s.diameter)?.feed ?? 0;
}

function kelvinOf(e: Evaluation): number {
  const { ct } = e.s.alloy;
  const t = e.idle.airC;
  const slope = (interpolateLinear(ct, t + 5) - interpolateLinear(ct, t - 5)) / 10;
  return (0.01 * interpolateLinear(ct, t)) / slope;
}
