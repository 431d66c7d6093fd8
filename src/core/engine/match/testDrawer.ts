import { ALLOY_IDS } from '../../catalog/alloys';
import { drawerSchema, type Drawer, type DrawerInput } from '../../documents/drawer';

/** A seeded source of numbers from 0 to 1 (a linear congruence), for tests and measures that must repeat. */
export function seededRandom(seed: number): () => number {
  let state = seed >>> 0;
  return () => {
    state = (Math.imul(state, 1664525) + 1013904223) >>> 0;
    return (state + 0.5) / 4294967296;
  };
}

const KINDS = ['bench', 'brick', 'computer-supply', 'battery', 'transformer', 'charger', 'other'] as const;
const CONTROLS = ['none', 'volts', 'amps', 'pwm', 'phase', 'scale', 'buck', 'clip', 'hold-ohm'] as const;

/**
 * A drawer of a size, the same for a seed: wires of every alloy and common gauge, supplies of every kind, controls of every
 * kind shared out over them. `plain` keeps to what a workshop has: safe, isolated, with volts enough.
 */
export function seededDrawer(
  seed: number,
  size: { wires: number; lengths: number; supplies: number; controls: number },
  plain: boolean,
): Drawer {
  const random = seededRandom(seed);
  const pick = <T>(list: readonly T[]): T => list[Math.floor(random() * list.length)]!;
  const between = (lo: number, hi: number) => lo + (hi - lo) * random();
  const widthMm = plain ? 640 : Math.round(between(80, 900));
  const alloys = plain ? (['nicr-80', 'nicr-60', 'ss-304', 'ss-304-hard', 'n07041'] as const) : ALLOY_IDS;
  const supplies: DrawerInput['supplies'] = Array.from({ length: size.supplies }, (_, i) => {
    const kind = plain ? pick(['bench', 'brick', 'charger', 'battery'] as const) : pick(KINDS);
    const ac = kind === 'transformer' || (!plain && kind === 'other' && random() < 0.5);
    const volts = plain ? between(18, 48) : ac && random() < 0.15 ? 230 : between(4, 70);
    return {
      name: `supply ${i}`,
      supply: {
        kind,
        volts,
        maxAmps: !plain && random() < 0.1 ? null : between(plain ? 5 : 0.5, plain ? 20 : 12),
        current: ac ? 'ac' : 'dc',
        ...(plain ? {} : random() < 0.1 ? { isolated: false } : {}),
        ...(kind === 'battery' && random() < 0.5
          ? { battery: { chemistry: 'lead-acid', cells: Math.max(2, Math.round(volts / 2)), ampHours: 40 } }
          : {}),
        ...(kind === 'transformer' && random() < 0.5 ? { ratedVA: between(20, 200) } : {}),
      },
      controls: [],
    };
  });
  for (let i = 0; i < size.controls; i++) {
    const supply = supplies[i % size.supplies]!;
    const kind = plain ? pick(['volts', 'amps', 'pwm', 'buck', 'none', 'volts'] as const) : pick(CONTROLS);
    (supply.controls as { kind: string }[]).push({
      kind,
      ...(random() < 0.3 ? { steps: Math.round(between(10, 400)) } : {}),
      ...(random() < 0.3 ? { ratedAmps: between(1, 20) } : {}),
    } as { kind: string });
  }
  return drawerSchema.parse({
    format: 'upwind-rod/drawer',
    version: 1,
    wires: Array.from({ length: size.wires }, (_, i) => ({
      name: `wire ${i}`,
      wire: {
        alloy: pick(alloys),
        diameterMm: between(plain ? 0.25 : 0.1, plain ? 0.6 : 1.2),
        strands: !plain && random() < 0.1 ? 7 : 1,
        measuredOhmPerM: null,
      },
      metres: random() < 0.5 ? null : Math.round(between(0, 20)),
    })),
    supplies,
    lengthsMm: Array.from({ length: size.lengths }, (_, i) =>
      Math.round(widthMm * (plain ? 1.19 + 0.06 * i : 0.9 + 0.12 * i)),
    ),
    job: {
      frame: { kind: pick(['bow', 'table', 'gantry'] as const), material: 'wood' },
      foam: {
        kind: plain ? 'eps' : pick(['eps', 'xps', 'epp', 'epe', 'eva', 'pvc'] as const),
        densityKgM3: plain ? 20 : between(14, 60),
        widthMm,
      },
      cut: { feedMmS: plain ? 3 : between(0.5, 12) },
    },
  });
}
