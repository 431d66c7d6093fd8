import { bench, describe } from 'vitest';
import { rigSchema } from '../documents/rig';
import { slotHalfWidth } from '../physics/foam/slotCurve';
import { lossToAir } from '../physics/heat/loss';
import { setUp } from './setup';
import { solve } from './solve';
import { testRig } from './testRigs';
import { windowCurve } from './windowCurve';

const rig = testRig({ supply: { volts: 32, maxAmps: 6 }, cut: { feedMmS: 2.9 } });
const stainless = testRig({
  wire: { alloy: 'ss-304', diameterMm: 0.635, lengthMm: 1320 },
  control: { setting: 16 },
  foam: { widthMm: 790 },
});
const { room } = setUp(rig);
let t = 0;

describe('hot paths', () => {
  bench('heat lost to air', () => void lossToAir(room, 100 + (t++ % 400)));
  bench('kerf of a heat', () => void slotHalfWidth(0.1 + (t++ % 40)));
  bench('parse and solve, nickel-chromium', () => void solve(rigSchema.parse(rig)));
  bench('parse and solve, stainless', () => void solve(rigSchema.parse(stainless)));
  bench('window at 240 settings', () => void windowCurve(rig, 240));
});
