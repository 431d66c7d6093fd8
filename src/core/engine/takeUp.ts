import type { PlainBow, Springs } from '../documents/takeUp';
import { wireStiffness, inSeries } from '../physics/tension/stiffness';
import { springRate, springSafeLoad, SHEAR } from '../physics/tension/spring';
import { rubberPull } from '../physics/tension/rubber';
import { eulerLoad, pivotedBow, rectangleInertia, uFrameRate } from '../physics/tension/frame';
import { storedElasticEnergy } from '../physics/tension/lag';
import type { Holder } from '../physics/tension/holder';
import { tensileStrength } from '../physics/wire/strength';
import type { Setup } from './setup';

/** Stretch at a tension of the take-up alone, and of all that holds the wire; the shear moduli of spring steels, Pa. */
export { stretchAt, takeUpAt } from '../physics/tension/holder';
export { SHEAR } from '../physics/tension/spring';

/** Second moment in mm⁴ of a bar's section the way it buckles, over its thin side: wide × thin³/12, mm. */
export const barInertiaMm4 = (wideMm: number, thinMm: number): number =>
  Number(rectangleInertia(wideMm / 1000, thinMm / 1000).toPrecision(6)) * 1e12;

/** Share of the hot wire's strength that it is taken to be set to where nobody said how tight. Common practice, no source. */
export const DEFAULT_PRELOAD_FRACTION = 0.3;
/** Stretch over which a spring nobody measured gives its pull, m. Ours. */
export const PLAIN_STRETCH = 0.025;
/** Hard-drawn spring wire, S = A/δ^m MPa (Shigley table 10-4, A227): the weakest a shop's spring is wound of. */
const SPRING_WIRE = { a: 1783, m: 0.19 };

const NO_GUIDE = Object.freeze({ friction: 0, wrap: 0 });

/** How a rig's wire is held, resolved into SI. */
export interface TakeUp {
  readonly holder: Holder;
  /** Pull as set, N: by hand, or what is assumed. */
  readonly setN: number;
  /** Most the spring bears for good, N; null where not known. */
  readonly safeN: number | null;
  /** What a weight's cord goes over: friction and wrap in rad; none without one. */
  readonly guide: { readonly friction: number; readonly wrap: number };
  /** Whether the rate was measured, follows from a drawing, or is assumed. */
  readonly rateFrom: 'measured' | 'drawing' | 'assumed';
}

/** Rate N/m, initial tension N and safe load N of springs from their drawing, several joined. Carbon steel, hard drawn. */
export function springsOf(d: Springs): { rate: number; initialN: number; safeN: number } {
  const wire = d.wireMm / 1000;
  const coil = d.coilMm / 1000;
  const one = springRate(wire, coil, d.turns, SHEAR.carbon);
  const tensile = (SPRING_WIRE.a / d.wireMm ** SPRING_WIRE.m) * 1e6;
  const safe = springSafeLoad(wire, coil, tensile);
  const side = d.joined === 'parallel';
  return {
    rate: side ? one * d.count : one / d.count,
    initialN: side ? d.initialN * d.count : d.initialN,
    safeN: side ? safe * d.count : safe,
  };
}

/** Resolves how a rig's wire is held, hot at `hotC` (null: not known, its strength at 20 °C stands for it). Pure. */
export function takeUpOf(s: Setup, hotC: number | null): TakeUp {
  const t = s.rig.tension;
  const drawn = t.kind === 'spring' && t.springs ? springsOf(t.springs) : null;
  const rubber = t.kind === 'rubber' && t.rubber ? t.rubber : null;
  const setN =
    t.setN ??
    (rubber
      ? pullOfRubber(rubber)
      : DEFAULT_PRELOAD_FRACTION * tensileStrength(s.alloy, s.strand, hotC ?? 20) * s.area);
  const gives = t.kind === 'spring' || t.kind === 'rubber';
  const rate = !gives
    ? Infinity
    : t.springNPerMm !== null
      ? t.springNPerMm * 1000
      : (drawn?.rate ?? Math.max(setN, 1e-6) / PLAIN_STRETCH);
  const frame = t.frameNPerMm === null ? Infinity : t.frameNPerMm * 1000;
  const wire = wireStiffness(s.alloy.youngs, s.area, s.rig.wire.lengthMm / 1000);
  return {
    holder: {
      rate,
      initial: gives ? (t.initialN ?? drawn?.initialN ?? 0) : 0,
      rest: inSeries(frame, wire),
      rubber:
        rubber && t.springNPerMm === null
          ? { area: rubber.areaMm2 * 1e-6, rest: rubber.restMm / 1000, shear: rubber.shearMPa * 1e6 }
          : null,
    },
    setN,
    safeN: t.springMaxN ?? drawn?.safeN ?? null,
    guide:
      t.kind === 'weight' && t.guide
        ? { friction: t.guide.friction, wrap: (t.guide.wrapDeg * Math.PI) / 180 }
        : NO_GUIDE,
    rateFrom:
      t.springNPerMm !== null || t.kind === 'flex'
        ? 'measured'
        : drawn || rubber || t.kind === 'weight' || t.kind === 'fixed'
          ? 'drawing'
          : 'assumed',
  };
}

function pullOfRubber(r: { areaMm2: number; stretch: number; shearMPa: number }): number {
  return rubberPull(r.areaMm2 * 1e-6, r.stretch, r.shearMPa * 1e6);
}

/** Forces of a bow of pivoted arms at a pull, N, and what buckles its bar; null where the rig names none. */
export function barOf(s: Setup, pull: number): { tie: number; bar: number; bucklesN: number } | null {
  const a = s.rig.frame.arms;
  if (!a) return null;
  return {
    ...pivotedBow(pull, a.wireArmMm, a.tieArmMm),
    bucklesN: eulerLoad(a.barGPa * 1e9, a.barI_mm4 * 1e-12, a.barMm / 1000),
  };
}

/** Rate at the tips of a plain bow of one section, N/m: a U of two arms and a bar. */
export function plainBowRate(b: PlainBow): number {
  const ei = b.gpa * 1e9 * rectangleInertia(b.wide / 1000, b.high / 1000);
  return uFrameRate(b.armMm / 1000, b.barMm / 1000, ei, ei);
}

/** Energy that a break lets go at the rig's greater pull, J: in the take-up, and in the wire itself. */
export function letGoOf(e: { s: Setup; tension: { mostN: number; takeUp: TakeUp } }) {
  const wire = wireStiffness(e.s.alloy.youngs, e.s.area, e.s.rig.wire.lengthMm / 1000);
  return storedElasticEnergy(e.tension.mostN, e.tension.takeUp.holder.rate, wire);
}
