import { describe, expect, it } from 'vitest';
import { evaluate } from './evaluate';
import { settingForFastest } from './need';
import { ohmPerMetre, setUp } from './setup';
import { solve } from './solve';
import { OperatingPointSolver } from './states';
import { testRig } from './testRigs';

const steel = (setting: number, more: Parameters<typeof testRig>[0] = {}) =>
  testRig({
    wire: { alloy: 'ss-304', diameterMm: 0.635, lengthMm: 1320 },
    supply: { kind: 'bench', volts: 30, maxAmps: 30 },
    control: { kind: 'hold-ohm', setting },
    foam: { kind: 'eps', densityKgM3: 20, widthMm: 790 },
    ...more,
  });
const coldOhm = ohmPerMetre(setUp(steel(5)), 20) * 1.32;

describe('resistance held', () => {
  it('idling, the wire has just those ohms, and one per cent of them is 13.6 K on stainless', () => {
    const ohm = coldOhm * 1.29;
    const e = evaluate(steel(ohm));
    expect(ohmPerMetre(e.s, e.idle.airC) * e.s.length).toBeCloseTo(ohm, 5);
    const more = evaluate(steel(ohm * 1.01));
    // PHYSICS.md section 5: 13.6 K for 1 % of the hot ohms (Ct 1.30); here 1.29.
    expect(more.idle.airC - e.idle.airC).toBeCloseTo((13.6 * 1.29) / 1.3, 1);
  });

  it('cutting, the whole wire has them too: the part in air gets hotter than idling', () => {
    const ohm = coldOhm * 1.29;
    const e = evaluate(steel(ohm));
    expect(new OperatingPointSolver(e.s).cuttingResistance(e.cut!.airC, e.cut!.foamC)).toBeCloseTo(ohm, 4);
    expect(e.cut!.airC).toBeGreaterThan(e.idle.airC);
  });

  it('below the cold ohms nothing flows; above what full pulses reach, they flow all the time', () => {
    expect(evaluate(steel(coldOhm * 0.99)).idle.amps).toBe(0);
    const full = evaluate(steel(coldOhm * 4, { supply: { kind: 'bench', volts: 16, maxAmps: 30 } }));
    const none = evaluate(
      steel(5, {
        supply: { kind: 'bench', volts: 16, maxAmps: 30 },
        control: { kind: 'none', setting: null },
      }),
    );
    expect(full.idle.amps).toBeCloseTo(none.idle.amps, 6);
  });

  it('the supply sees full volts at every pulse', () => {
    const e = evaluate(steel(coldOhm * 1.29, { supply: { kind: 'brick', volts: 30, maxAmps: 30 } }));
    expect(e.load.worstAmps).toBeCloseTo(30 / (e.s.drive.restOhm + coldOhm), 6);
    const { peakAmps, amps } = solve(e.s.rig).idle!;
    expect(peakAmps! / amps!).toBeGreaterThan(1.3);
  });

  it('its setting is found: the max feed comes out as asked', () => {
    const s = setUp(steel(5));
    const setting = settingForFastest(s, 0.008)!;
    expect(evaluate(steel(setting)).window.fastest!.feed).toBeCloseTo(0.008, 6);
  });

  it('warms on full pulses, sooner than the same heat from held volts', () => {
    const held = solve(steel(coldOhm * 1.29)).time!;
    const idle = solve(steel(coldOhm * 1.29)).idle!;
    const volts = idle.supplyVolts;
    const plain = solve(steel(5, { control: { kind: 'volts', setting: volts ?? 0 } })).time!;
    expect(held.warmUpS!).toBeLessThan(0.6 * plain.warmUpS!);
    expect(held.resettleS!).toBeGreaterThan(0);
  });
});
