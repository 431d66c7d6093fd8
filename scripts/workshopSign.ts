/** The gate sign of the invented workshop: a board for the name, and its letters O A K, two of them with holes. mm, from the block's front lower edge. */
type Loop = [number, number][];

const polygon = (x: number, y: number, points: readonly (readonly [number, number])[]): Loop =>
  points.map(([px, py]) => [x + px, y + py]);

/** A rounded ring's outline: n points about a middle, wider than high by a share. */
const oval = (x: number, y: number, rx: number, ry: number): Loop =>
  Array.from({ length: 64 }, (_, i) => {
    const a = (2 * Math.PI * i) / 64;
    return [Number((x + rx * Math.cos(a)).toFixed(3)), Number((y + ry * Math.sin(a)).toFixed(3))];
  });

/** Letters 100 mm high beside one another over the board. */
export const signLoops: Loop[] = [
  polygon(30, 25, [
    [0, 0],
    [340, 0],
    [340, 50],
    [0, 50],
  ]),
  oval(80, 150, 48, 52),
  oval(80, 150, 24, 28),
  polygon(150, 98, [
    [0, 0],
    [24, 0],
    [32, 26],
    [64, 26],
    [72, 0],
    [96, 0],
    [62, 104],
    [34, 104],
  ]),
  polygon(150, 98, [
    [40, 46],
    [56, 46],
    [48, 74],
  ]),
  polygon(272, 98, [
    [0, 0],
    [24, 0],
    [24, 38],
    [62, 0],
    [96, 0],
    [44, 52],
    [96, 104],
    [62, 104],
    [24, 66],
    [24, 104],
    [0, 104],
  ]),
];

/** The workshop's towers: as they were calibrated in spring. */
export const signMachine = {
  format: 'upwind-rod/machine',
  version: 1,
  name: 'Sign towers',
  axes: {
    X: { stepsPerMm: 80.2, minMm: -60, maxMm: 560, maxMmS: 25, accelMmS2: 120, backlashMm: 0.05 },
    Y: { stepsPerMm: 400, minMm: -10, maxMm: 320, maxMmS: 12, accelMmS2: 80 },
    U: { stepsPerMm: 79.9, minMm: -60, maxMm: 560, maxMmS: 25, accelMmS2: 120, backlashMm: 0.05 },
    V: { stepsPerMm: 400, minMm: -10, maxMm: 320, maxMmS: 12, accelMmS2: 80 },
  },
  towersMm: 1240,
  leftToBlockMm: 320,
};

/** The gate's post beside the sign, on the towers with their spindle: its foot, a waist, and a cap. [along, from the axis], mm. */
export const postJob = {
  kind: 'turned',
  name: 'Gate post, waist and cap',
  profile: [
    [15, 44],
    [60, 44],
    [60, 30],
    [140, 24],
    [230, 32],
    [230, 42],
    [262, 42],
    [285, 16],
  ],
  sides: 4,
  blockMm: [300, 100, 100],
  zeroMm: 0.3,
  spindleMm: 8,
  marginMm: 12,
  toleranceMm: 0.6,
  machine: {
    ...signMachine,
    turn: 'A',
    axes: {
      ...signMachine.axes,
      A: { stepsPerMm: 8.889, minMm: -3600, maxMm: 3600, maxMmS: 45, accelMmS2: 90, home: null },
    },
    leftToBlockMm: 570,
  },
};

/** The outer third of a blade on the towers: a tapered, twisted core. */
export const bladeTipJob = {
  kind: 'core',
  name: 'Blade tip, on the towers',
  plan: {
    format: 'upwind-rod/plan',
    version: 1,
    name: 'Blade tip',
    piece: {
      spanMm: 500,
      root: { section: { kind: 'naca', code: '4415' }, chordMm: 150 },
      tip: { section: { kind: 'naca', code: '4412' }, chordMm: 96, twistDeg: 3, offsetMm: [22, 2] },
      pieces: 3,
    },
    blank: { lengthMm: 500, widthMm: 190, heightMm: 60 },
    template: { stations: 14 },
    toleranceMm: 0.6,
  },
  marginMm: 12,
  machine: { ...signMachine, leftToBlockMm: 370 },
};

const measured = (at: string, kind: string, of: Record<string, unknown>) => ({ kind, at, ...of });
/** The machine itself, with its spring's and summer's calibration. */
export const keptMachine = {
  doc: signMachine,
  drives: {
    X: { by: 'belt', pitchMm: 2 },
    U: { by: 'belt', pitchMm: 2 },
    Y: { by: 'screw', pitchMm: 8 },
    V: { by: 'screw', pitchMm: 8 },
  },
  calibrations: [
    measured('2026-04-18T08:20:00Z', 'switch', { axis: 'X', stopped: true }),
    measured('2026-04-18T08:24:00Z', 'switch', {
      axis: 'U',
      stopped: false,
      note: 'A lead had come off its tab; soldered, tried again.',
    }),
    measured('2026-04-18T08:50:00Z', 'switch', { axis: 'U', stopped: true }),
    measured('2026-04-18T09:30:00Z', 'scale', {
      axis: 'X',
      commandedMm: 400,
      measuredMm: 399,
      was: 80,
      now: 80.2005,
    }),
    measured('2026-04-18T09:45:00Z', 'scale', {
      axis: 'U',
      commandedMm: 400,
      measuredMm: 400.5,
      was: 80,
      now: 79.9001,
    }),
    measured('2026-04-18T10:10:00Z', 'backlash', { axis: 'X', apartMm: 0.05 }),
    measured('2026-04-18T10:15:00Z', 'backlash', { axis: 'U', apartMm: 0.05 }),
    measured('2026-04-19T13:00:00Z', 'square', { aheadMm: 2.4, note: 'Right stop advanced by a washer.' }),
    measured('2026-04-19T13:40:00Z', 'slab', { cornersMm: [40.1, 39.6, 40.2, 39.6], acrossMm: 600 }),
    measured('2026-07-04T17:05:00Z', 'diagonals', { sidesMm: [380, 200], diagonalsMm: [429.7, 429.1] }),
  ],
};
