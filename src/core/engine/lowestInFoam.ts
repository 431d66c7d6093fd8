import { lowestRoot } from '../numeric/root';
import { lossToAir } from '../physics/heat/loss';
import { hottestAt } from './airBalance';
import { ohmPerMetre, type Setup } from './setup';

/** Step in K of the search, and the width at which it stops. */
const STEP = 20;
const TOL = 1e-6;

/** What the search asks of the loop it stands in. */
export interface Loop {
  readonly limitAmps: number;
  /** °C over which no balance of the volts can lie. */
  readonly topC: number;
  readonly airAt: (amps: number) => number;
  readonly cuttingResistance: (airC: number, foamC: number) => number;
}

/**
 * The loop with its wire in a kerf to which it gives `heatOf(T)` W/m, solved in the temperature T of the wire there, from
 * T_flow up, because that gives amps and volts without ambiguity: I = √(max(q, Q_still)/R′). A wire whose resistance rises
 * steeply can balance at several; the lowest continues the branch of the max feed, where the kerf is narrowest. Null where
 * the wire is too cold, or nothing drives it.
 */
export function lowestInFoam(s: Setup, heatOf: (foamC: number) => number, loop: Loop) {
  const { volts, heldOhm, restOhm } = s.drive;
  if (!s.melt || !(volts > 0) || !(loop.limitAmps > 0)) return null;
  const { flowC } = s.melt;
  const at = (foamC: number) => {
    const heat = heatOf(foamC);
    const still = lossToAir(s.still, foamC);
    const amps = Math.sqrt(Math.max(heat, still) / ohmPerMetre(s, foamC));
    const airC = s.still === s.room && still >= heat ? foamC : loop.airAt(amps);
    return { amps, airC, foamC, heat, capped: still >= heat };
  };
  const find = (f: (t: number) => number, topC: number) => {
    // Past its last table point an alloy's resistance rises no more: one balance is left there.
    const hottest = Math.max(topC, flowC + 1);
    const kink = Math.min(hottest, Math.max(flowC, s.alloy.ct.x[s.alloy.ct.x.length - 1]!));
    const foamC = lowestRoot(f, flowC, kink, STEP, TOL) ?? lowestRoot(f, kink, hottest, hottest, TOL);
    return foamC === null ? null : at(foamC);
  };
  const over = (t: number) => {
    const { amps, airC } = at(t);
    return amps * (restOhm + loop.cuttingResistance(airC, t)) - volts;
  };
  if (over(flowC) >= 0 || at(flowC).amps >= loop.limitAmps) return null;
  // What is held is tried first: a source of held amps may have any volts, and no end to its search.
  const limited =
    loop.limitAmps < Infinity ? find((t) => at(t).amps - loop.limitAmps, hottestAt(s, loop.limitAmps)) : null;
  const state = limited && over(limited.foamC) <= 0 ? limited : find(over, loop.topC);
  if (state && heldOhm !== null && loop.cuttingResistance(state.airC, state.foamC) > heldOhm)
    return find((t) => loop.cuttingResistance(at(t).airC, t) - heldOhm, loop.topC);
  return state;
}
