import { ALLOY_IDS } from '../catalog/alloys';
import { FRAME_KINDS, rigSchema, TENSION_KINDS, type Rig } from '../documents/rig';
import { SUPPLY_KINDS } from '../documents/supply';
import { CONTROL_KINDS, type ControlKind } from '../documents/controlKinds';

/** A seeded generator for tests: uniform in (0, 1), a pick, a range even in the logarithm, a normal number. */
export function dice(seed: number) {
  let x = (seed * 2654435761) >>> 0 || 1;
  const even = () => {
    x ^= x << 13;
    x ^= x >>> 17;
    x ^= x << 5;
    x >>>= 0;
    return (x + 0.5) / 4294967297;
  };
  for (let i = 0; i < 8; i++) even();
  return {
    even,
    pick: <T>(list: readonly T[]): T => list[Math.floor(even() * list.length)]!,
    span: (lo: number, hi: number) => lo * (hi / lo) ** even(),
    normal: () => Math.sqrt(-2 * Math.log(even())) * Math.cos(2 * Math.PI * even()),
  };
}

const DIALS: Record<
  ControlKind,
  (share: number, volts: number, amps: number, lengthMm: number) => number | null
> = {
  none: () => null,
  volts: (share, volts) => share * volts,
  amps: (share, _v, amps) => share * amps,
  pwm: (share) => share,
  phase: (share) => 175 * (1 - share),
  scale: (share) => share,
  buck: (share, volts) => Math.max(0.5, share * volts - 1),
  clip: (share, _v, _a, lengthMm) => lengthMm * (0.4 + 0.6 * share),
  'hold-ohm': (share) => 0.5 + 20 * share,
};

/** A rig such as makers build, good and bad: every cutter, alloy, supply, control and way to hold a wire. */
export function sweptRig(seed: number): Rig {
  const { even, pick, span } = dice(seed);
  const kind = pick(FRAME_KINDS);
  const lengthMm = Math.round(kind === 'hand-tool' ? span(60, 400) : span(200, 2500));
  const supply = pick(SUPPLY_KINDS);
  const volts = Math.round(span(5, 50) * 10) / 10;
  const maxAmps = Math.round(span(1, 20) * 10) / 10;
  const control = pick(CONTROL_KINDS);
  const setting = DIALS[control](0.05 + 0.95 * even(), volts, maxAmps, lengthMm);
  const foam = pick(['eps', 'xps', 'epp', 'epe', 'eva', 'eps', 'xps'] as const);
  const ac = supply === 'transformer' || (supply === 'other' && even() < 0.5) || control === 'phase';
  const cells = Math.max(1, Math.round(volts / 4));
  return rigSchema.parse({
    format: 'upwind-rod/rig',
    version: 1,
    name: `swept ${seed}`,
    frame: { kind },
    room: { airC: Math.round(5 + 30 * even()), draughtMS: even() < 0.6 ? 0.05 : span(0.05, 3) },
    wire: {
      alloy: pick(ALLOY_IDS),
      diameterMm: Number(span(0.12, 1.2).toPrecision(3)),
      strands: even() < 0.9 ? 1 : pick([3, 7]),
      lengthMm,
      lie: kind === 'table' ? 'vertical' : 'horizontal',
    },
    supply: {
      kind: supply,
      volts: supply === 'battery' && even() < 0.5 ? Number((cells * 3.8).toFixed(1)) : volts,
      maxAmps: even() < 0.1 ? null : maxAmps,
      internalOhm: even() < 0.5 ? 0 : span(0.01, 1),
      current: ac ? 'ac' : 'dc',
    },
    control: { kind: control, setting: setting === null ? null : Number(setting.toPrecision(4)) },
    foam: {
      kind: foam,
      densityKgM3: Math.round(span(12, 60)),
      widthMm: Math.max(1, Math.round(lengthMm * (0.25 + 0.8 * even()))),
    },
    tension: {
      kind: pick(TENSION_KINDS.filter((k) => k !== 'flex')),
      setN: even() < 0.3 ? null : Math.round(span(4, 150)),
      setWhen: pick(['cold', 'hot'] as const),
    },
    cut: { feedMmS: even() < 0.5 ? null : Number(span(0.5, 20).toPrecision(2)) },
  });
}
