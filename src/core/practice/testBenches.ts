import { testRig } from '../engine/testRigs';
import type { Rig } from '../documents/rig';

/** A rig of each cutter that hands lead, and some in other foam, wire and control, for tests. */
export const BENCHES: Readonly<Record<string, Rig>> = {
  'a plain bow': testRig(),
  'a bow with thick stainless wire': testRig({
    wire: { alloy: 'ss-304', diameterMm: 0.635 },
    control: { kind: 'volts', setting: 14 },
  }),
  'a bow by amps': testRig({ control: { kind: 'amps', setting: 2 } }),
  'a bow on a brick': testRig({
    supply: { kind: 'brick', volts: 19, maxAmps: 4 },
    control: { kind: 'none', setting: null },
  }),
  'a bow on a pulse dimmer in dense foam': testRig({
    foam: { kind: 'xps', densityKgM3: 33, widthMm: 500 },
    wire: { lengthMm: 800 },
    supply: { kind: 'brick', volts: 24, maxAmps: 10 },
    control: { kind: 'pwm', setting: 0.5 },
  }),
  'a table': testRig({
    frame: { kind: 'table' },
    wire: { lengthMm: 420, diameterMm: 0.36 },
    foam: { widthMm: 150 },
    control: { kind: 'volts', setting: 7 },
  }),
  'a slicer': testRig({
    frame: { kind: 'slicer' },
    wire: { lengthMm: 760, diameterMm: 0.36 },
    foam: { widthMm: 600 },
    control: { kind: 'volts', setting: 12 },
  }),
  'a loop': testRig({
    frame: { kind: 'hand-tool' },
    foam: { widthMm: 60 },
    wire: { diameterMm: 1, lengthMm: 160 },
    control: { kind: 'volts', setting: 1.6 },
  }),
};
