import { planSchema, type Plan } from '../../documents/plan';
import { rigSchema } from '../../documents/rig';
import { merge } from '../merge';
import { settingForFastest } from '../need';
import { setUp } from '../setup';
import { dice } from '../sweepRigs';

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

/** A seeded plan: chords, taper, section, twist, wire, foam and margin of the sort makers cut, by so many stations. For tests. */
export function seededPlan(seed: number, stations: number): Plan {
  const d = dice(seed + 900);
  const spanMm = Math.round(d.span(300, 1300));
  const chordMm = Math.round(d.span(90, 320));
  const stainless = d.even() < 0.4;
  const wire = stainless
    ? { alloy: 'ss-304', diameterMm: 0.635 }
    : { alloy: 'nicr-80', diameterMm: d.pick([0.32, 0.4, 0.455]) };
  const lengthMm = spanMm + 250;
  const rig = {
    ...BOW,
    wire: { ...wire, lengthMm },
    supply: { kind: 'bench', volts: 60, maxAmps: 20 },
    foam: { kind: d.pick(['xps', 'eps']), densityKgM3: Math.round(d.span(18, 38)), widthMm: spanMm },
    tension: { kind: 'spring', setN: stainless ? 60 : 30 },
    cut: { feedMmS: null },
  };
  const setting = settingForFastest(setUp(rigSchema.parse(rig)), d.span(4, 9) / 1000);
  return planSchema.parse({
    format: 'upwind-rod/plan',
    version: 1,
    rig: { ...rig, control: { kind: 'volts', setting: Math.min(60, Number((setting ?? 20).toPrecision(3))) } },
    piece: {
      spanMm,
      root: { section: { kind: 'naca', code: d.pick(['0012', '2412', '4412', '4415', '23012']) }, chordMm },
      tip: {
        section: { kind: 'naca', code: d.pick(['0012', '2412', '4412']) },
        chordMm: Math.round(chordMm * (0.6 + 0.4 * d.even())),
        twistDeg: Math.round(6 * d.even()),
        offsetMm: [Math.round(30 * d.even()), 0],
      },
    },
    template: { stations, split: d.pick(['top-bottom', 'outline']) },
    toleranceMm: d.pick([0.3, 0.5, 1]),
  });
}
