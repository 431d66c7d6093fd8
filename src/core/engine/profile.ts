import { fluxAcrossSlot } from '../physics/foam/flux';
import { lossToAir } from '../physics/heat/loss';
import { solveAlong, type AlongProblem, type AlongResult } from '../physics/time/along';
import { coolEndLength } from '../physics/time/coolEnd';
import { gridOf, type Grid, type Stretch } from '../physics/time/grid';
import { heatCapacityPerMetre, ohmPerMetre } from './setup';
import { lossSlope } from './airBalance';
import { OperatingPointSolver } from './states';
import type { Evaluation } from './evaluation';

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

/** Templates that stand at both faces of the foam and chill the wire: thickness in m, their temperature °C. */
export interface Chill {
  readonly thickness: number;
  readonly tempC: number;
}

export interface ProfileOptions {
  /** Idling in air, or cutting at the rig's feed with its settled kerf. */
  readonly cutting: boolean;
  readonly chill?: Chill | null;
  /** 2 halves every cell. */
  readonly refine?: number;
}

/** Heat that metal takes from the wire that lies on it, W/(m·K): far more than air or foam. Ours. */
const CONTACT = 40;
/** How steeply the slot's shelter is held at the cap, W/(m·K). */
const CAP_STIFF = 1e3;

/** Temperature along the wire of an evaluated rig, steady; null where the wire is cold or cuts nothing. */
export function profileOf(e: Evaluation, options: ProfileOptions): Profile | null {
  const set = problemOf(e, options);
  if (!set) return null;
  return written(set.problem, set.amps, e, solveAlong(set.problem, set.guess));
}

/** The equations of a rig's wire at its steady current, and a first guess. */
function problemOf(e: Evaluation, o: ProfileOptions) {
  const { s } = e;
  if (o.cutting && !e.cut) return null;
  const amps = o.cutting ? e.cut!.amps : e.idle.amps;
  const airC = o.cutting ? e.cut!.airC : e.idle.airC;
  if (!(airC - s.room.airC > 1)) return null;
  const inFoam = o.cutting ? slotLoss(e, amps) : null;
  const kA = s.alloy.conductivity * s.area;
  const airReach = coolEndLength(s.alloy.conductivity, s.area, lossSlope(s, airC));
  const grid = gridOf(stretchesOf(e, o, airReach, inFoam), o.refine);
  const clampC = s.rig.wire.clampC ?? s.room.airC;
  const problem: AlongProblem = {
    grid,
    kA,
    ends: [clampC, clampC],
    source: (t) => amps * amps * ohmPerMetre(s, t),
    loss: (zone, t) =>
      zone === 'air'
        ? // Below the air's own temperature (a cold clamp) the wire takes heat in by the same slope.
          t < s.room.airC
          ? 0
          : lossToAir(s.room, t)
        : zone === 'template'
          ? CONTACT * (t - o.chill!.tempC)
          : inFoam!(t),
  };
  const foamC = e.cut?.foamC ?? airC;
  const guess = Float64Array.from(grid.zones, (zone, i) => {
    const x = 0.5 * (grid.faces[i]! + grid.faces[i + 1]!);
    const end = Math.min(x, s.length - x);
    const far = zone === 'foam' ? foamC : zone === 'template' ? o.chill!.tempC : airC;
    return far - (far - clampC) * Math.exp(-end / airReach);
  });
  return { problem, amps, guess };
}

/** Loss in the settled kerf, W/m: nothing below T_flow, and no wire hotter than still air would leave it. */
function slotLoss(e: Evaluation, amps: number): (t: number) => number {
  const { s } = e;
  const cut = e.cut!;
  const flowC = s.melt!.flowC;
  const capC = new OperatingPointSolver(s).capAt(amps);
  const flux = (t: number) => fluxAcrossSlot(s.diameter, s.alloy.emissivity, flowC, t, cut.width);
  return (t) => (t <= capC ? flux(t) : flux(capC) + CAP_STIFF * (t - capC));
}

function stretchesOf(
  e: Evaluation,
  o: ProfileOptions,
  airReach: number,
  inFoam: ((t: number) => number) | null,
): Stretch[] {
  const { s } = e;
  const air = (length: number): Stretch => ({ zone: 'air', length, reach: airReach });
  if (!inFoam) return [air(s.length)];
  const foamC = e.cut!.foamC;
  const slope = (inFoam(foamC) - inFoam(foamC - 1)) / 1;
  const foamReach = slope > 0 ? coolEndLength(s.alloy.conductivity, s.area, slope) : airReach;
  const foam: Stretch = { zone: 'foam', length: s.width, reach: Math.min(foamReach, airReach) };
  const side = (s.length - s.width) / 2;
  const thick = Math.min(o.chill?.thickness ?? 0, Math.max(0, side - 1e-4));
  const template: Stretch | null =
    thick > 0
      ? { zone: 'template', length: thick, reach: coolEndLength(s.alloy.conductivity, s.area, CONTACT) }
      : null;
  const free = side - thick;
  const outside = free > 1e-6 ? [air(free)] : [];
  const between = template ? [template] : [];
  return [...outside, ...between, foam, ...between, ...outside];
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
