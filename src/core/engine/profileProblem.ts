import { fluxAcrossSlot } from '../physics/foam/flux';
import { lossToAir } from '../physics/heat/loss';
import type { AlongProblem } from '../physics/time/along';
import { coolEndLength } from '../physics/time/coolEnd';
import { gridOf, type Stretch } from '../physics/time/grid';
import { ohmPerMetre } from './setup';
import { lossSlope } from './airBalance';
import { OperatingPointSolver } from './states';
import type { Evaluation } from './evaluation';

/** Templates that stand at both faces of the foam and chill the wire: thickness in m, their temperature °C. */
export interface Chill {
  readonly thickness: number;
  readonly tempC: number;
}

/** How a profile along the wire is worked out. */
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

/** The equations of a rig's wire at its steady current, and a first guess. */
export function problemOf(e: Evaluation, o: ProfileOptions) {
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
