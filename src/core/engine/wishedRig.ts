import { FOAMS, type FoamId } from '../catalog/foams';
import type { Control } from '../documents/control';
import { rigSchema, type FrameKind, type Rig } from '../documents/rig';
import type { Supply } from '../documents/supply';
import { CUTTERS } from '../documents/cutters';
import type { WireChoice } from './wiresSold';

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

/** Wire that the foam asks for at the least, mm: a loop is all in foam. */
export const roomMm = (wish: Wish) => (CUTTERS[wish.frame].ends ? wish.widthMm + 120 : wish.widthMm);
/** Wire beyond what the foam asks for, mm, by which the heat is set where there is no dial; else 0. */
export const extra = (wish: Wish, rig: Rig) =>
  wish.control === 'none' ? Math.max(0, rig.wire.lengthMm - roomMm(wish)) : 0;

/** The rig that a wish comes to with a wire of some length, mm, at a setting. */
export function rigOf(wish: Wish, wire: WireChoice, length: number, setting: number | null): Rig {
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
