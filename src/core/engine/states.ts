import { rootIncreasing } from '../numeric/root';
import { feedForSlot, slotWidth } from '../physics/foam/melt';
import { fluxAcrossSlot, radiationAcrossSlot } from '../physics/foam/flux';
import { airAt } from '../physics/heat/air';
import { KELVIN_0, lossToAir } from '../physics/heat/loss';
import { lowestBalance } from '../physics/heat/temperature';
import { cuttingResistance, ohmPerMetre, type Setup } from './setup';
import { balanceAt, hottestAt } from './airBalance';
import { lowestInFoam } from './lowestInFoam';
import { balanceTogether, type Coupled } from './coupled';
import { balanceInAir } from './inAir';
import type { CutState } from './cutState';
import { ohmHeldAt } from './ohmHeld';
import { slotHeat } from './slotHeat';
import { steep } from './steep';

/** Share of the amps by which a found balance may miss before it counts as none. */
const CLOSE = 1e-3;

/** Wire in the foam at some current. */
interface InFoam {
  foamC: number;
  heat: number;
  capped: boolean;
}

/**
 * The states of one rig. The loop is solved in one unknown, the wire's temperature outside the foam: it gives the amps
 * at once, √(Q_air/R′), so no search stands inside another but the small one for the wire in its kerf. Searches start
 * from the last answer, so an object serves one rig and is thrown away. Amounts in SI.
 */
export class OperatingPointSolver {
  private airGuess = 300;
  private airSlope = 0;
  private foamGuess = 250;
  private foamSlope = 0;
  private idleC: number | null = null;
  private atLimitC: number | null = null;
  private readonly ohmOf = (airC: number, foamC: number) => this.cuttingResistance(airC, foamC);
  private readonly top: number;
  /** Nothing is held: the volts drive the wire, up to the limit. */
  private readonly free: boolean;

  constructor(
    readonly s: Setup,
    private readonly limitAmps = s.drive.limitAmps,
  ) {
    const { drive } = s;
    this.free = drive.heldAmps === null && drive.heldOhm === null && drive.volts > 0 && limitAmps > 0;
    const least = (s.rho20 / s.area) * s.length;
    this.top = hottestAt(s, drive.volts / (drive.restOhm + least));
  }

  /** °C of the wire in the room's air at a current. */
  airAt(amps: number): number {
    this.airGuess = balanceAt(this.s, this.s.room, amps, this.airGuess);
    return this.airGuess;
  }

  /** °C of the wire in still air at a current: the most it can reach in its kerf. */
  capAt(amps: number): number {
    return balanceAt(this.s, this.s.still, amps, this.airGuess);
  }

  /** The wire all in air. */
  idle(): { amps: number; airC: number } {
    const { amps, airC } = this.driven((airC) => airC);
    this.idleC = airC;
    // A wire that hardly warms has its amps from its cold resistance: the search for its heat ends too early to tell.
    const held = this.s.drive.heldOhm !== null || amps >= this.limitAmps;
    const pushed = this.s.drive.volts / (this.s.drive.restOhm + this.cuttingResistance(airC, airC));
    return { amps: held ? Math.min(amps, pushed) : pushed, airC };
  }

  /** The wire in a kerf of a given width (m); null where it is too cold to melt the foam. */
  atWidth(width: number): CutState | null {
    if (steep(this.s.alloy)) return this.atWidthBracketed(width);
    const found = this.cut(
      (amps, airC) => this.foamAtWidth(amps, airC, width),
      () => width,
      (heat) => feedForSlot(this.s.melt!, heat, width),
    );
    return found === 'astray' ? this.atWidthBracketed(width) : found;
  }

  /** The wire cutting at a given feed (m/s); null where it is too cold. */
  atFeed(feed: number): CutState | null {
    if (steep(this.s.alloy)) return this.atFeedBracketed(feed);
    const found = this.cut(
      (amps, airC) => this.foamAtFeed(amps, airC, feed),
      (heat) => slotWidth(this.s.melt!, heat, feed),
      () => feed,
    );
    return found === 'astray' ? this.atFeedBracketed(feed) : found;
  }

  /** `atWidth` the plain way, which every alloy bears. */
  atWidthBracketed(width: number): CutState | null {
    if (!this.s.melt) return null;
    const feedOf = (heat: number) => feedForSlot(this.s.melt!, heat, width);
    return this.lowest(
      (t) => this.flux(t, width),
      () => width,
      feedOf,
    );
  }

  /** `atFeed` the plain way, which every alloy bears. */
  atFeedBracketed(feed: number): CutState | null {
    if (!this.s.melt) return null;
    const widthOf = (heat: number) => slotWidth(this.s.melt!, heat, feed);
    return this.lowest(slotHeat(this.s, feed, 1, 1e-9), widthOf, () => feed);
  }

  /** The lowest balance of the loop with a wire that gives its kerf `heatOf(T)`. */
  private lowest(
    heatOf: (foamC: number) => number,
    widthOf: (heat: number) => number,
    feedOf: (heat: number) => number,
  ): CutState | null {
    const state = lowestInFoam(this.s, heatOf, {
      limitAmps: this.limitAmps,
      topC: this.top,
      airAt: (amps) => this.airAt(amps),
      cuttingResistance: (airC, foamC) => this.cuttingResistance(airC, foamC),
    });
    return state && this.closed(state.amps, state.airC, state, widthOf(state.heat), feedOf(state.heat));
  }

  /**
   * A state whose amps close the circuit to the last bit, where they are not held under what the volts push: a search ends
   * within a hair of the balance, and what is shown must add up. Null where it is no balance.
   */
  private closed(amps: number, airC: number, foam: InFoam, width: number, feed: number): CutState | null {
    const { volts, restOhm, heldOhm } = this.s.drive;
    const { foamC, heat, capped } = foam;
    const ohm = this.cuttingResistance(airC, foamC);
    const pushed = volts / (restOhm + ohm);
    const held =
      (amps >= this.limitAmps * (1 - 1e-9) && amps <= pushed) ||
      (heldOhm !== null && amps <= pushed && Math.abs(ohm - heldOhm) <= CLOSE * heldOhm);
    if (!held && !(Math.abs(amps - pushed) <= CLOSE * pushed)) return null;
    return { amps: held ? amps : pushed, airC, foamC, heat, width, feed, capped };
  }

  /** Cutting so slowly that the wire in the foam reaches the fume limit; null where still air keeps it under. */
  atFume(): CutState | null {
    const { s } = this;
    const m = s.melt;
    if (!m || !(m.fumeC > m.flowC)) return null;
    // In a still room a wire that idles under the fume limit cannot pass it in its kerf: no alloy's resistance falls
    // below that heat, so with its middle at the limit it would carry less than idling.
    if (s.still === s.room && this.idleC !== null && this.idleC <= m.fumeC) return null;
    const { amps, airC } = this.driven(() => m.fumeC);
    const heat = amps * amps * ohmPerMetre(s, m.fumeC);
    if (!(heat > lossToAir(s.still, m.fumeC))) return null;
    const gapHeat = heat - radiationAcrossSlot(s.diameter, s.alloy.emissivity, m.flowC, m.fumeC);
    const k = airAt(0.5 * (m.fumeC + m.flowC) + KELVIN_0, { k: 0, nu: 0, alpha: 0 }).k;
    const width =
      gapHeat > 0 ? s.diameter * Math.exp((2 * Math.PI * k * (m.fumeC - m.flowC)) / gapHeat) : Infinity;
    return this.closed(amps, airC, { foamC: m.fumeC, heat, capped: false }, width, feedForSlot(m, heat, width));
  }

  /** Ohms of the whole wire with its ends in air and its middle in foam. */
  cuttingResistance(airC: number, foamC: number): number {
    return cuttingResistance(this.s, airC, foamC);
  }

  /**
   * Amps and °C in air of the loop whose wire in the foam is at `foamOf(airC, amps)`: what the volts push, or the amps
   * held where the volts could push more.
   */
  private loop(foamOf: (airC: number, amps: number) => number): { amps: number; airC: number } {
    const { s } = this;
    const { volts, restOhm } = s.drive;
    if (!(volts > 0) || this.limitAmps === 0) return { amps: 0, airC: s.room.airC };
    if (s.drive.heldAmps !== null) {
      const held = this.limitAmps;
      const airC = this.limitC();
      if (held * (restOhm + this.cuttingResistance(airC, foamOf(airC, held))) <= volts)
        return { amps: held, airC };
    }
    const ampsAt = (airC: number) => Math.sqrt(lossToAir(s.room, airC) / ohmPerMetre(s, airC));
    const f = (airC: number) => {
      const amps = ampsAt(airC);
      return amps * (restOhm + this.cuttingResistance(airC, foamOf(airC, amps))) - volts;
    };
    const root = lowestBalance(s.room, s.alloy, f, this.top, this.airGuess, this.airSlope);
    let airC = root.x;
    this.airSlope = root.slope;
    if (s.drive.heldOhm !== null)
      airC = ohmHeldAt(s.room.airC, s.drive.heldOhm, airC, (t) =>
        this.cuttingResistance(t, foamOf(t, ampsAt(t))),
      );
    const amps = ampsAt(airC);
    this.airGuess = airC;
    if (amps <= this.limitAmps) return { amps, airC };
    return { amps: this.limitAmps, airC: this.limitC() };
  }

  /** The loop whose wire in the foam has a temperature that follows from the one in air alone. */
  private driven(foamOf: (airC: number) => number): { amps: number; airC: number } {
    const { s } = this;
    const ohmOf = (airC: number) => this.cuttingResistance(airC, foamOf(airC));
    const airC = this.free && !steep(s.alloy) ? balanceInAir(s, ohmOf, this.airGuess, this.top) : null;
    if (airC === null) return this.loop(foamOf);
    const amps = s.drive.volts / (s.drive.restOhm + ohmOf(airC));
    this.airGuess = airC;
    return amps <= this.limitAmps ? { amps, airC } : { amps: this.limitAmps, airC: this.limitC() };
  }

  /** The wire cutting: both balances at once where the volts drive it, one inside the other where that finds none. */
  private cut(
    inFoam: (amps: number, airC: number) => InFoam | null,
    widthOf: (heat: number) => number,
    feedOf: (heat: number) => number,
  ): CutState | 'astray' | null {
    if (!this.s.melt) return null;
    const free = this.together(widthOf);
    if (free && free.amps <= this.limitAmps)
      return this.closed(free.amps, free.airC, free, free.width, feedOf(free.heat)) ?? 'astray';
    const { amps, airC } = free
      ? { amps: this.limitAmps, airC: this.limitC() }
      : this.loop((air, i) => inFoam(i, air)?.foamC ?? air);
    const foam = inFoam(amps, airC);
    return foam && (this.closed(amps, airC, foam, widthOf(foam.heat), feedOf(foam.heat)) ?? 'astray');
  }

  /** Both balances at once; null where the search ends on none, or where the kerf leaves the wire no hotter than still air. */
  private together(widthOf: (heat: number) => number): Coupled | null {
    if (!this.free) return null;
    const found = balanceTogether(this.s, this.ohmOf, widthOf, this.airGuess, this.top);
    if (!found) return null;
    this.airGuess = found.airC;
    const cap = this.capFor(found.amps, found.airC);
    return cap !== null && found.foamC < cap ? found : null;
  }

  /** °C in air of the wire at the most amps that are let through. */
  private limitC(): number {
    return (this.atLimitC ??= this.airAt(this.limitAmps));
  }

  private foamAtWidth(amps: number, airC: number, width: number): InFoam | null {
    const square = amps * amps;
    const cap = this.capFor(amps, airC);
    if (cap === null) return null;
    const f = (t: number) => this.flux(t, width) - square * ohmPerMetre(this.s, t);
    if (f(cap) <= 0) return { foamC: cap, heat: this.flux(cap, width), capped: true };
    const foamC = this.foamRoot(f, cap);
    return { foamC, heat: square * ohmPerMetre(this.s, foamC), capped: false };
  }

  private foamAtFeed(amps: number, airC: number, feed: number): InFoam | null {
    const { s } = this;
    const m = s.melt!;
    const square = amps * amps;
    const cap = this.capFor(amps, airC);
    if (cap === null) return null;
    const heatAt = (t: number) => square * ohmPerMetre(s, t);
    const f = (t: number) => this.flux(t, slotWidth(m, heatAt(t), feed)) - heatAt(t);
    if (f(cap) <= 0) {
      const most = this.flux(cap, 0);
      const g = (q: number) => q - this.flux(cap, slotWidth(m, q, feed));
      const heat = rootIncreasing(g, 0, most, Math.min(0.9 * most, heatAt(cap)), most * 1e-8).x;
      return { foamC: cap, heat, capped: true };
    }
    const foamC = this.foamRoot(f, cap);
    return { foamC, heat: heatAt(foamC), capped: false };
  }

  /** The most the wire can reach in its kerf; null where that does not melt the foam. */
  private capFor(amps: number, airC: number): number | null {
    const { s } = this;
    const cap = s.still === s.room ? airC : this.capAt(amps);
    return cap > s.melt!.flowC ? cap : null;
  }

  private foamRoot(f: (t: number) => number, cap: number): number {
    const root = rootIncreasing(f, this.s.melt!.flowC, cap, this.foamGuess, 5e-4, this.foamSlope);
    this.foamGuess = root.x;
    this.foamSlope = root.slope;
    return this.foamGuess;
  }

  private flux(tempC: number, width: number): number {
    const { s } = this;
    return fluxAcrossSlot(s.diameter, s.alloy.emissivity, s.melt!.flowC, tempC, width);
  }
}
