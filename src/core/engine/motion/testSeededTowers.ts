import { even } from './testMotion';
import { axis, machineOf, coreJob, turnedJob, combJob, type OnRig } from './testTowers';

const codeBy = (r: () => number) => ({
  feed: r() < 0.5 ? 'G93' : 'G94',
  means: (['all', 'xyz', 'xy'] as const)[Math.floor(3 * r())]!,
  units: r() < 0.5 ? 'mm' : 'in',
  decimals: 4 + Math.floor(2 * r()),
  dwell: r() < 0.5 ? 's' : 'ms',
  comment: r() < 0.5 ? '(' : ';',
});
const pick = <T>(r: () => number, of: readonly T[]): T => of[Math.floor(of.length * r())]!;

/** A seeded core: section, chords, twist, sweep, span, split, which tower the root is at, on a machine of any speed. */
export function seededCore(seed: number): OnRig<'core'> {
  const r = even(seed + 1000);
  const chordMm = 80 + Math.floor(200 * r());
  const axes = () => axis({ maxMmS: 15 + 40 * r(), accelMmS2: 40 + 400 * r() });
  const [X, Y, U, V] = [axes(), axes(), axes(), axes()];
  return coreJob(
    {
      spanMm: 250 + Math.floor(350 * r()),
      root: { section: { kind: 'naca', code: pick(r, ['0012', '2412', '4415', '23012']) }, chordMm },
      tip: {
        section: { kind: 'naca', code: pick(r, ['0012', '2412', '4412']) },
        chordMm: Math.round(chordMm * (0.55 + 0.45 * r())),
        twistDeg: Math.round(6 * r()) - 2,
        offsetMm: [Math.round(60 * r()), Math.round(10 * r())],
      },
    },
    {
      rootAt: pick(r, ['left', 'right']),
      marginMm: 5 + Math.floor(20 * r()),
      machine: machineOf({
        axes: { X, Y, U, V },
        towersMm: 900,
        leftToBlockMm: 50 + Math.floor(100 * r()),
        code: codeBy(r),
      }),
    },
    {
      template: {
        split: pick(r, ['top-bottom', 'outline', 'turned']),
        stations: 8 + Math.floor(12 * r()),
        firstCut: pick(r, ['top', 'bottom']),
      },
      toleranceMm: 0.3 + r(),
    },
  );
}

/** A seeded turned piece: profile, sides, by its axis or by hand. */
export function seededTurned(seed: number): OnRig<'turned'> {
  const r = even(seed + 2000);
  const side = 60 + Math.floor(60 * r());
  const long = 120 + Math.floor(200 * r());
  const points = 3 + Math.floor(6 * r());
  const profile = () =>
    Array.from({ length: points }, (_, i) => [
      10 + ((long - 20) * i) / (points - 1),
      side * (0.2 + 0.28 * r()),
    ]);
  const hand = r() < 0.25;
  const sides = hand ? pick(r, [2, 4]) : pick(r, [2, 3, 4, 6, 8]);
  return turnedJob({
    profile: profile(),
    sideProfile: sides === 4 && r() < 0.5 ? profile() : null,
    sides,
    blockMm: [long, side, side],
    zeroMm: r() - 0.5,
    marginMm: 6 + Math.floor(15 * r()),
    machine: machineOf({ code: codeBy(r) }, !hand),
  });
}

/** A test comb by seed. */
export function seededComb(seed: number): OnRig<'comb'> {
  const r = even(seed + 3000);
  const slots = 2 + Math.floor(5 * r());
  return combJob({
    slots,
    depthMm: 20 + Math.floor(60 * r()),
    blockMm: [120, 300 + Math.floor(200 * r()), 30 * (slots + 2) * (1 + r())],
    machine: machineOf({ code: codeBy(r) }),
  });
}
