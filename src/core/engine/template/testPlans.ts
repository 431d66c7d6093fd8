import { planSchema, type Plan } from '../../documents/plan';
import { merge } from '../merge';

/** The rig that plans are tried on: a hand bow whose wire cuts board of 33 kg/m³ at about 3 mm/s. */
export const BOW = {
  format: 'upwind-rod/rig',
  version: 1,
  frame: { kind: 'bow' },
  wire: { alloy: 'nicr-80', diameterMm: 0.455, lengthMm: 1050 },
  supply: { kind: 'bench', volts: 32, maxAmps: 6 },
  control: { kind: 'volts', setting: 18.5 },
  leads: { fuseA: 5, switchA: 10 },
  tension: { kind: 'spring', setN: 60, springNPerMm: 1.5 },
  foam: { kind: 'xps', densityKgM3: 33, widthMm: 640 },
} as const;

/** A tapered, twisted blade on that bow, with a partial plan laid over it. For tests. */
export function testPlan(over: Readonly<Record<string, unknown>> = {}): Plan {
  const plan = planSchema.parse({
    format: 'upwind-rod/plan',
    version: 1,
    rig: BOW,
    piece: {
      spanMm: 640,
      root: { section: { kind: 'naca', code: '4412' }, chordMm: 180 },
      tip: { section: { kind: 'naca', code: '4412' }, chordMm: 120, twistDeg: 5, offsetMm: [20, 0] },
    },
  });
  return merge(plan, over);
}
