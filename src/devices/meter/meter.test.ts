import { describe, expect, it } from 'vitest';
import { rigSchema } from '@/core/documents/rig';
import { weighCauses } from '@/core/engine/firstHeat/causes';
import { heatPlan, heatSettings } from '@/core/engine/firstHeat/plan';
import { stepStanding } from '@/core/engine/firstHeat/standing';
import { faultOf, PRACTICE_BENCHES, practiceBench } from './standIn';
import type { BenchFault } from './port';

const rig = rigSchema.parse({
  format: 'upwind-rod/rig',
  version: 1,
  frame: { kind: 'bow' },
  wire: { alloy: 'nicr-80', diameterMm: 0.455, lengthMm: 1050 },
  supply: { kind: 'bench', volts: 32, maxAmps: 6 },
  control: { kind: 'volts', setting: 18.5 },
  foam: { kind: 'xps', densityKgM3: 33, widthMm: 640 },
});
const pulsed = { ...rig, control: { ...rig.control, kind: 'pwm' as const, setting: 0.5 } };

/** The whole procedure on a practice bench, waiting long enough at each step. */
async function walk(n: number, on = rig) {
  let clock = 0;
  const bench = practiceBench(on, n, () => clock);
  const steps = [];
  for (const setting of heatSettings(on)) {
    bench.set(setting);
    clock += 120;
    steps.push({ setting, ...(await bench.read()) });
  }
  return steps;
}
const COMES_OUT: Record<BenchFault, readonly string[]> = {
  nothing: ['as-drawn'],
  thicker: ['gauge'],
  thinner: ['gauge'],
  contact: ['contact'],
  'folds-back': ['folds-back'],
  averages: ['averaging'],
  slipped: ['gauge', 'length'],
};

describe('practice benches', () => {
  const all = Array.from({ length: PRACTICE_BENCHES }, (_, i) => i + 1);
  it.each(all)('what bench %i hides is found by the procedure', async (n) => {
    for (const on of [rig, pulsed]) {
      const first = weighCauses(on, await walk(n, on), 'clips')!.causes[0]!;
      expect(COMES_OUT[faultOf(n, on)], faultOf(n, on)).toContain(first.cause);
    }
  });
  it('a bench with nothing wrong reads fine at every step', async () => {
    const plan = heatPlan(rig);
    expect((await walk(1)).map((s, i) => stepStanding(plan[i]!, s, 'clips'))).toEqual(plan.map(() => 'fine'));
  });
  it('each is the same every time; a wire read too soon is cold still', async () => {
    expect(await walk(2)).toEqual(await walk(2));
    const steel = { ...rig, wire: { ...rig.wire, alloy: 'ss-304' as const, diameterMm: 0.635 } };
    let clock = 0;
    const bench = practiceBench(steel, 1, () => clock);
    bench.set(14);
    const soon = (await bench.read()).amps;
    clock = 200;
    expect((await bench.read()).amps).toBeLessThan(soon * 0.9);
  });
  it('nothing flows with the dial at its end', async () => {
    const bench = practiceBench(rig, 1, () => 0);
    expect(await bench.read()).toEqual({ amps: 0, volts: 0 });
  });
});
