import { solveAlong, type AlongProblem, type AlongResult } from '../physics/time/along';
import type { Grid } from '../physics/time/grid';
import { heatCapacityPerMetre, ohmPerMetre } from './setup';
import type { Evaluation } from './evaluation';
import { problemOf, type ProfileOptions } from './profileProblem';

/** Temperature along a wire: m from the first clamp and °C, with the balance of its heat. */
export interface Profile {
  readonly x: Float64Array;
  readonly tempC: Float64Array;
  readonly zones: Grid['zones'];
  readonly converged: boolean;
  /** Heat made in the wire and heat that leaves it (air, foam, templates, clamps), W. */
  readonly madeW: number;
  readonly lostW: number;
  readonly middleC: number;
}

/** Temperature along the wire of an evaluated rig, steady; null where the wire is cold or cuts nothing. */
export function profileOf(e: Evaluation, options: ProfileOptions): Profile | null {
  const set = problemOf(e, options);
  if (!set) return null;
  return written(set.problem, set.amps, e, solveAlong(set.problem, set.guess));
}

function written(p: AlongProblem, amps: number, e: Evaluation, r: AlongResult): Profile {
  const { faces, zones } = p.grid;
  const n = zones.length;
  const x = new Float64Array(n);
  let madeW = 0;
  let lostW = r.toClamps[0] + r.toClamps[1];
  for (let i = 0; i < n; i++) {
    const size = faces[i + 1]! - faces[i]!;
    x[i] = 0.5 * (faces[i]! + faces[i + 1]!);
    madeW += p.source(r.tempC[i]!) * size;
    lostW += p.loss(zones[i]!, r.tempC[i]!) * size;
  }
  return {
    x,
    tempC: r.tempC,
    zones,
    converged: r.converged,
    madeW,
    lostW,
    middleC: r.tempC[n >> 1]!,
  };
}

/** Temperature along the wire at some seconds of its warm-up from the room's air, the control's current at each instant. */
export function warmingProfiles(e: Evaluation, seconds: readonly number[]): Profile[] {
  const set = problemOf(e, { cutting: false });
  if (!set) return [];
  const { s } = e;
  const { grid } = set.problem;
  const { volts, restOhm, limitAmps } = s.drive;
  const capacity = heatCapacityPerMetre(s);
  const n = grid.zones.length;
  let t = new Float64Array(n).fill(s.room.airC);
  let now = 0;
  return seconds.map((until) => {
    const whole = until - now;
    const steps = Math.max(1, Math.ceil(whole / WARM_STEP(until)));
    let last: AlongResult = { tempC: t, toClamps: [0, 0], steps: 0, converged: true };
    let problem = set.problem;
    for (let k = 0; k < steps && whole > 0; k++) {
      let ohm = 0;
      for (let i = 0; i < n; i++) ohm += ohmPerMetre(s, t[i]!) * (grid.faces[i + 1]! - grid.faces[i]!);
      const full = Math.min(limitAmps, volts / (restOhm + ohm));
      const amps = s.drive.heldOhm !== null && ohm >= s.drive.heldOhm ? Math.min(full, e.idle.amps) : full;
      problem = { ...set.problem, source: (c) => amps * amps * ohmPerMetre(s, c) };
      last = solveAlong(problem, t, { capacity, seconds: whole / steps, before: t });
      t = Float64Array.from(last.tempC);
    }
    now = until;
    return written(problem, set.amps, e, { ...last, tempC: Float64Array.from(t) });
  });
}

/** Seconds of a step: fine at the start, where the wire warms fastest. */
const WARM_STEP = (until: number) => Math.max(0.02, until / 40);
