import { FOAMS, type FoamId } from '../catalog/foams';
import type { AlloyId } from '../catalog/alloys';
import type { Control } from '../documents/control';
import { rigSchema, type FrameKind, type Rig } from '../documents/rig';
import type { Supply } from '../documents/supply';
import { awgDiameter } from '../physics/wire/awg';
import { evaluate } from './evaluate';
import { tidy } from './findings/draft';
import { settingForFastest } from './need';
import { setUp } from './setup';
import { drafts } from './solve';

/** The four questions a new rig starts from. */
export interface Wish {
  readonly name: string;
  readonly frame: FrameKind;
  readonly foam: FoamId;
  readonly widthMm: number;
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
const LENGTHS = [1, 1.25, 1.6];
/** Shares of the easy feed to aim a dial at: a dense foam is cut more slowly rather than hotter. */
const PACES = [1, 0.7, 0.5];

/**
 * A whole legal rig for a wish: of the wires given, at three lengths, the one with the fewest and mildest findings
 * whose feed lies nearest an easy one. Every value that the wish does not name is marked "assumed".
 */
export function propose(wish: Wish, wires: readonly WireChoice[]): Rig {
  let best: Rig | null = null;
  let bestScore = Infinity;
  for (const wire of wires.length > 0 ? wires : COMMON_WIRES) {
    const ways =
      wish.control === 'none' ? LENGTHS.map((l) => [l, 1] as const) : PACES.map((p) => [1, p] as const);
    for (const [factor, pace] of ways) {
      const rig = rigOf(wish, wire, factor, pace);
      const score = scoreOf(rig);
      if (score < bestScore) {
        best = rig;
        bestScore = score;
      }
    }
  }
  return best!;
}

function rigOf(wish: Wish, wire: WireChoice, factor: number, pace: number): Rig {
  const lengthMm = Math.min(20000, Math.ceil(((wish.widthMm + 120) * factor) / 10) * 10);
  const start = wish.control === 'none' ? null : START[wish.control];
  const base = rigSchema.parse({
    format: 'upwind-rod/rig',
    version: 1,
    name: wish.name,
    frame: { kind: wish.frame },
    wire: { ...wire, lengthMm, lie: wish.frame === 'table' ? 'vertical' : 'horizontal' },
    supply: wish.supply,
    control: { kind: wish.control, setting: start === null ? null : start(wish.supply) },
    foam: { kind: wish.foam, densityKgM3: FOAMS[wish.foam].usualDensity, widthMm: wish.widthMm },
  });
  const s = setUp(base);
  const found = wish.control === 'none' ? null : settingForFastest(s, (pace * EASY_FEED) / 1000 / s.reserve);
  const setting = found === null ? base.control.setting : tidy(found, 3, 'up');
  const rig = { ...base, control: { ...base.control, setting } };
  return { ...rig, from: assumed(rig, CHOSEN) };
}

type Start = (supply: Supply) => number;
const START: Record<Exclude<Control['kind'], 'none'>, Start> = {
  volts: (s) => s.volts,
  amps: (s) => Math.max(0.01, (s.maxAmps ?? 2) * 0.5),
  pwm: () => 0.5,
  phase: () => 90,
  scale: () => 0.5,
  buck: (s) => s.volts / 2,
  clip: () => 500,
  'hold-ohm': () => 5,
};

function scoreOf(rig: Rig): number {
  const e = evaluate(rig);
  const feed = e.feed === null ? 0.1 : e.feed * 1000;
  const weights = { stop: 100, fix: 3, note: 0.2 };
  const findings = drafts(e).reduce((sum, d) => sum + weights[d.level], 0);
  const load = e.load.share ?? 0.5;
  return (
    findings + Math.abs(Math.log(feed / EASY_FEED)) + load + 0.1 * Math.abs(Math.log(rig.wire.diameterMm / 0.4))
  );
}

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
