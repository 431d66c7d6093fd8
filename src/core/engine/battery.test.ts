import { describe, expect, it } from 'vitest';
import { SMALL_BATTERIES } from '../catalog/smallBatteries';
import { rigSchema } from '../documents/rig';
import { loadedVolts, setOfSupply, supplyOfSet, type BatterySet } from './battery';
import { evaluate } from './evaluate';
import { toldWorksheet } from '../words/jobs';
import { job, SLICER } from './jobs/testJobs';
import { worksheetOf } from './jobs/worksheet';
import { testRig } from './testRigs';

const rigWith = (set: BatterySet, wire: object = {}) =>
  rigSchema.parse({
    ...SLICER,
    wire: { alloy: 'nicr-80', diameterMm: 0.25, lengthMm: 320, ...wire },
    supply: { kind: 'battery', maxAmps: null, ...supplyOfSet(set) },
    control: { kind: 'none' },
  });

describe('small batteries', () => {
  // MACHINES.md section 3: in series ohms and volts add, in parallel amp-hours add; two in a row, three rows by hand.
  it('two 9 V blocks in a row, three rows side by side: 18 V, 1.7 · 2 / 3 Ω, 1.05 Ah', () => {
    const set = supplyOfSet({ kind: '9v', inSeries: 2, inParallel: 3 });
    expect(set).toMatchObject({
      volts: 18,
      internalOhm: 1.133,
      battery: { cells: 12, ampHours: 1.05, charge: 1 },
    });
  });
  it('a set is known again by its supply, and another battery is none', () => {
    for (const kind of SMALL_BATTERIES)
      for (const [inSeries, inParallel] of [
        [1, 1],
        [4, 1],
        [2, 5],
      ] as const) {
        const set = { kind, inSeries, inParallel };
        expect(setOfSupply(rigWith(set).supply)).toEqual(set);
      }
    expect(setOfSupply(testRig().supply)).toBeNull();
    const { supply } = rigWith({ kind: 'aa', inSeries: 2, inParallel: 1 });
    expect(setOfSupply({ ...supply, internalOhm: 0 })).toBeNull();
  });
  it('volts under load are those open less the drop inside: what leads, contacts and wire are left with', () => {
    const rig = rigWith({ kind: 'c', inSeries: 4, inParallel: 1 });
    const e = evaluate(rig);
    const { open, loaded } = loadedVolts(e)!;
    expect(open).toBeCloseTo(4 * 1.55, 9);
    const amps = e.cut?.amps ?? e.idle.amps;
    expect(loaded).toBeCloseTo(open - amps * 0.48, 9);
    expect(loadedVolts(evaluate(testRig()))).toBeNull();
  });
  it('pulsed, the battery sags under the current of a pulse, RMS over the root of its duty, not under the mean', () => {
    const rig = rigWith({ kind: 'c', inSeries: 6, inParallel: 1 });
    const e = evaluate({ ...rig, control: { ...rig.control, kind: 'pwm', setting: 0.25 } });
    const amps = e.cut?.amps ?? e.idle.amps;
    const { open, loaded } = loadedVolts(e)!;
    // Within 1 %: in the foam the wire is cooler than the span in air, of which the sag is taken.
    const ratio = (open - loaded) / ((amps / Math.sqrt(0.25)) * rig.supply.internalOhm);
    expect(Math.abs(ratio - 1)).toBeLessThan(0.01);
  });
  it('a block that is too small for the job runs out; more of them in parallel last', () => {
    const sheets = (inParallel: number) =>
      worksheetOf(job('sheets', { blockMm: [400, 300, 120] }, rigWith({ kind: 'd', inSeries: 8, inParallel })));
    const one = sheets(1);
    expect(one.values['loadedVolts']).toBeLessThan(one.values['openVolts']!);
    const codes = (w: typeof one) => w.findings.map((f) => f.code as string);
    const small = worksheetOf(
      job('sheets', { blockMm: [2000, 300, 1000] }, rigWith({ kind: 'aa', inSeries: 8, inParallel: 1 })),
    );
    expect(codes(small)).toContain('battery-runs-out');
    const told = toldWorksheet(small).findings.find((f) => f.code === 'battery-runs-out')!.text;
    expect(told).toMatch(/it lasts \d+\s(s|min|h).*hot for \d+\s(min|h)/);
    expect(codes(sheets(20))).not.toContain('battery-runs-out');
  });
});
