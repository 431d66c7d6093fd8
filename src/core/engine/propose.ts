import { FOAMS, type FoamId } from '../catalog/foams';
import type { AlloyId } from '../catalog/alloys';
import type { Control } from '../documents/control';
import { rigSchema, type FrameKind, type Rig } from '../documents/rig';
import type { Supply } from '../documents/supply';
import { awgDiameter } from '../units/awg';
import { evaluate } from './evaluate';
import { CUTTERS } from '../documents/cutters';
import { tensileStrength } from '../physics/wire/strength';
import { drafts } from './drafts';
import { tidy, type Draft } from './findings/draft';
import { ampsForFastest, lengthForFastest, settingForFastest, voltsFor } from './need';
import { setUp, type Setup } from './setup';
import type { Evaluation } from './evaluation';

/** The four questions a new rig starts from. */
export interface Wish {
  readonly name: string;
  readonly frame: FrameKind;
  readonly foam: FoamId;
  readonly widthMm: number;
  /** Null or left out: what is usual of the foam. */
  readonly densityKgM3?: number | null;
  readonly supply: Supply;
  readonly control: Control['kind'];
}

/** A wire that could be hung: from the drawer, or a common gauge. */
export interface WireChoice {
  readonly alloy: AlloyId;
  readonly diameterMm: number;
  readonly strands: 1 | 3 | 7 | 19;
}

/** Common nickel-chromium, even gauges 20–34: what a shop sells when the drawer is empty. */
export const COMMON_WIRES: readonly WireChoice[] = [20, 22, 24, 26, 28, 30, 32, 34].map((gauge) => ({
  alloy: 'nicr-80',
  diameterMm: Number((awgDiameter(gauge) * 1000).toPrecision(4)),
  strands: 1,
}));

/** A feed most hands keep to, mm/s: an inch in six seconds. Common practice, no source. */
const EASY_FEED = 4;
/** Lengths over the room that the foam asks for, and shares of the easy feed to aim at: dense foam is cut slower rather than hotter. */
const LENGTHS = [1, 1.25, 1.6];
const PACES = [1, 0.7, 0.5, 0.3, 0.2];
/** A frame is not built for more wire than this many times the foam's width and its room. Ours. */
const MOST_WIRE = 3;
/** Wire that breaks under this cold, N, is snapped by a careless hand; a stouter one is taken where one works. Ours. */
const SNAPS_N = 45;
/** Findings that any new rig has until the bench is looked at: they do not tell one wire from another. */
const COMMON = new Set([
  'no-switch',
  'no-fuse',
  'control-limit-unknown',
  'supply-limit-unknown',
  'not-isolated',
]);
/** Stiff wire for shaped loops: what holds its shape hot. */
export const LOOP_WIRES: readonly WireChoice[] = [0.6, 0.8, 1, 1.2].flatMap((diameterMm) =>
  (['ss-304', 'nicr-80'] as const).map((alloy) => ({ alloy, diameterMm, strands: 1 as const })),
);

/** What comes of a wish: a rig that cuts, or why none does and what would. */
export type Proposal =
  | {
      readonly ok: true;
      readonly rig: Rig;
      /** The wire is not of those given: it is to be bought. */
      readonly bought: boolean;
      /** Wire beyond what the foam asks for, mm, by which the heat is set where there is no dial. */
      readonly lengthenedMm: number;
    }
  | {
      readonly ok: false;
      /** The nearest that was found, with what stands against it. */
      readonly rig: Rig;
      readonly why: Draft;
      /** What would cut it: a wire of this gauge, mm, on a supply with a dial that gives these amps and volts; null: nothing. */
      readonly would: { readonly diameterMm: number; readonly amps: number; readonly volts: number } | null;
    };

/**
 * A whole legal rig that cuts, for a wish: of the wires given, else of those that shops sell, at several lengths or settings, the
 * one with the fewest and mildest findings whose feed lies nearest an easy one, stout before thin. Where none cuts: why, and
 * what would. Every value that the wish does not name is marked "assumed".
 */
export function propose(wish: Wish, wires: readonly WireChoice[]): Proposal {
  const sold = wish.frame === 'hand-tool' ? LOOP_WIRES : COMMON_WIRES;
  const own = bestOf(wish, wires);
  if (own.best) return { ok: true, rig: own.best.rig, bought: false, lengthenedMm: extra(wish, own.best.rig) };
  const shop = bestOf(wish, sold);
  if (shop.best)
    return { ok: true, rig: shop.best.rig, bought: true, lengthenedMm: extra(wish, shop.best.rig) };
  const nearest = shop.nearest;
  const why = drafts(nearest.e).find((d) => BLOCKS(d)) ?? NO_CUT;
  return { ok: false, rig: nearest.rig, why, would: wouldCut(wish, sold) };
}

const NO_CUT: Draft = { code: 'wire-too-cold', level: 'fix', values: {} };
const DEAD = new Set([
  'wire-too-cold',
  'cannot-start',
  'heat-marginal',
  'melt-back',
  'fume-limit',
  'feed-too-fast',
  'heat-too-high',
]);
/** What no proposal may have. */
const BLOCKS = (d: Draft) => d.level === 'stop' || DEAD.has(d.code);

interface Candidate {
  readonly rig: Rig;
  readonly e: Evaluation;
  readonly score: number;
}

function bestOf(wish: Wish, wires: readonly WireChoice[]): { best: Candidate | null; nearest: Candidate } {
  let best: Candidate | null = null;
  let nearest: Candidate | null = null;
  for (const wire of wires.length > 0 ? wires : COMMON_WIRES.slice(0, 1))
    for (const rig of waysOf(wish, wire)) {
      const e = evaluate(rig);
      const found = drafts(e);
      const one = { rig, e, score: scoreOf(rig, e, found) };
      if (!nearest || one.score < nearest.score) nearest = one;
      const cuts = wires.length > 0 && e.cut !== null && !e.off && !found.some(BLOCKS);
      if (cuts && (!best || one.score < best.score)) best = one;
    }
  return { best, nearest: nearest! };
}

/** A wire at the lengths or settings worth trying. */
function* waysOf(wish: Wish, wire: WireChoice): Iterable<Rig> {
  const room = roomMm(wish);
  const feeds = PACES.map((p) => (p * EASY_FEED) / 1000);
  if (wish.control === 'none') {
    for (const factor of LENGTHS) yield rigOf(wish, wire, room * factor, null);
    // No dial: the wire's length is what sets the heat.
    const s = setUp(rigOf(wish, wire, room, null));
    for (const feed of feeds) {
      const metres = lengthForFastest(s, feed / s.reserve);
      if (metres !== null && metres * 1000 >= room && metres * 1000 <= room * MOST_WIRE)
        yield rigOf(wish, wire, metres * 1000, null);
    }
    return;
  }
  const base = rigOf(wish, wire, wish.control === 'clip' ? room * LENGTHS[2]! : room, null);
  const s = setUp(base);
  for (const feed of feeds) {
    const found = settingFor(s, feed / s.reserve);
    if (found !== null) yield rigOf(wish, wire, base.wire.lengthMm, tidy(found, 3, 'up'));
  }
  yield base;
}

function settingFor(s: Setup, fastest: number): number | null {
  if (s.drive.kind !== 'clip') return settingForFastest(s, fastest);
  const metres = lengthForFastest(s, fastest);
  return metres !== null && metres <= s.rig.wire.lengthMm / 1000 && metres > s.width ? metres * 1000 : null;
}

/** Wire that the foam asks for at the least, mm: a loop is all in foam. */
const roomMm = (wish: Wish) => (CUTTERS[wish.frame].ends ? wish.widthMm + 120 : wish.widthMm);
const extra = (wish: Wish, rig: Rig) =>
  wish.control === 'none' ? Math.max(0, rig.wire.lengthMm - roomMm(wish)) : 0;

function rigOf(wish: Wish, wire: WireChoice, length: number, setting: number | null): Rig {
  const lengthMm = Math.min(20000, Math.ceil(length / 10 - 1e-9) * 10);
  const start = wish.control === 'none' ? null : START[wish.control];
  const rig = rigSchema.parse({
    format: 'upwind-rod/rig',
    version: 1,
    name: wish.name,
    frame: { kind: wish.frame },
    wire: {
      ...wire,
      lengthMm: CUTTERS[wish.frame].ends ? lengthMm : Math.ceil(length),
      lie: wish.frame === 'table' ? 'vertical' : 'horizontal',
    },
    supply: wish.supply,
    control: { kind: wish.control, setting: start === null ? null : (setting ?? start(wish.supply, length)) },
    foam: {
      kind: wish.foam,
      densityKgM3: wish.densityKgM3 ?? FOAMS[wish.foam].usualDensity,
      widthMm: wish.widthMm,
    },
    ...(CUTTERS[wish.frame].takeUp ? {} : { tension: { kind: 'fixed' } }),
  });
  return { ...rig, from: assumed(rig, CHOSEN) };
}

type Start = (supply: Supply, lengthMm: number) => number;
const START: Record<Exclude<Control['kind'], 'none'>, Start> = {
  volts: (s) => s.volts,
  amps: (s) => Math.max(0.01, (s.maxAmps ?? 2) * 0.5),
  pwm: () => 0.5,
  phase: () => 90,
  scale: () => 0.5,
  buck: (s) => Math.max(1, s.volts / 2),
  clip: (_, lengthMm) => Math.max(1, Math.floor(lengthMm)),
  'hold-ohm': () => 5,
};

function scoreOf(rig: Rig, e: Evaluation, found: readonly Draft[]): number {
  const feed = e.feed === null ? 0.1 : e.feed * 1000;
  const weights = { stop: 100, fix: 3, note: 0.2 };
  const findings = found.reduce(
    (sum, d) => sum + (COMMON.has(d.code) ? 0 : (BLOCKS(d) ? 10 : 0) + weights[d.level]),
    0,
  );
  const breaksN = e.s.area * tensileStrength(e.s.alloy, e.s.strand, 20);
  const thin = breaksN < SNAPS_N ? 6 * (1 - breaksN / SNAPS_N) + 3 : 0;
  const load = e.load.share ?? 0.5;
  return (
    findings +
    thin +
    Math.abs(Math.log(feed / EASY_FEED)) +
    load +
    0.1 * Math.abs(Math.log(rig.wire.diameterMm / 0.4))
  );
}

/** What an easy cut of a wish takes with a wire in the middle of those sold, at the room's length. */
function wouldCut(wish: Wish, sold: readonly WireChoice[]) {
  for (const pace of PACES)
    for (const wire of [...sold].sort(
      (a, b) => Math.abs(Math.log(a.diameterMm / MIDDLE)) - Math.abs(Math.log(b.diameterMm / MIDDLE)),
    )) {
      const plain: Supply = { kind: 'bench', volts: 500, maxAmps: 500, internalOhm: 0, current: 'dc' };
      const s = setUp(rigOf({ ...wish, supply: plain, control: 'volts' }, wire, roomMm(wish), 1));
      const found = ampsForFastest(s, (pace * EASY_FEED) / 1000 / s.reserve);
      if (!found) continue;
      const volts = voltsFor(s, found.amps, found.foamC);
      const e = evaluate(
        rigOf(
          { ...wish, supply: { ...plain, volts: 60 }, control: 'volts' },
          wire,
          roomMm(wish),
          Math.min(60, Number(volts.toPrecision(4))),
        ),
      );
      if (!drafts(e).some(BLOCKS) && e.cut) return { diameterMm: wire.diameterMm, amps: found.amps, volts };
    }
  return null;
}
const MIDDLE = 0.45;

const CHOSEN = new Set([
  'frame.kind',
  'foam.kind',
  'foam.widthMm',
  'supply.kind',
  'supply.volts',
  'supply.maxAmps',
  'control.kind',
]);
const GROUPS = ['frame', 'room', 'wire', 'supply', 'control', 'leads', 'tension', 'foam', 'cut'] as const;

/** Origin of every value that nobody chose: "assumed" by path, but for those chosen and those that are null. */
export function assumed(rig: Rig, chosen: ReadonlySet<string>): Rig['from'] {
  const from: Rig['from'] = {};
  for (const group of GROUPS) {
    for (const [key, value] of Object.entries(rig[group])) {
      const path = `${group}.${key}`;
      if (value !== null && value !== undefined && typeof value !== 'object' && !chosen.has(path))
        from[path] = 'assumed';
    }
  }
  delete from['foam.tuning'];
  delete from['foam.tuningSd'];
  return from;
}
