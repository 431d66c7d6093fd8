import { describe, expect, it } from 'vitest';
import type { HeatCause, HeatStep } from '../../documents/event';
import { rigSchema, type Rig, type RigInput } from '../../documents/rig';
import { ohmPerMetre, setUp } from '../setup';
import { OperatingPointSolver } from '../states';
import { weighCauses, UNEXPLAINED } from './causes';
import { lossFound, ohmsFound } from './found';
import { atSetting, heatPlan, heatSettings } from './plan';
import { stepStanding } from './standing';

const rigOf = (more: Partial<RigInput> = {}): Rig =>
  rigSchema.parse({
    format: 'upwind-rod/rig',
    version: 1,
    frame: { kind: 'bow' },
    wire: { alloy: 'nicr-80', diameterMm: 0.455, lengthMm: 1050 },
    supply: { kind: 'bench', volts: 32, maxAmps: 6 },
    control: { kind: 'volts', setting: 18.5 },
    foam: { kind: 'xps', densityKgM3: 33, widthMm: 640 },
    ...more,
  });

/** What a true meter would read on a bench that is otherwise than drawn. */
function bench(truth: Rig, drawn: Rig, extra: { limit?: number; averages?: boolean } = {}): HeatStep[] {
  return heatSettings(drawn).map((setting) => {
    const s = setUp(atSetting(truth, setting));
    const { amps, airC } = new OperatingPointSolver(
      s,
      Math.min(s.drive.limitAmps, extra.limit ?? Infinity),
    ).idle();
    const volts = amps * ohmPerMetre(s, airC) * s.length;
    const by = extra.averages ? Math.sqrt(setting!) : 1;
    return { setting, amps: amps * by, volts: volts * by };
  });
}
const likeliest = (drawn: Rig, steps: readonly HeatStep[]) => weighCauses(drawn, steps, 'clips')!.causes[0]!;

describe('settings of a first heat', () => {
  it('begin low, rise, and end at the rig’s own', () => {
    expect(heatSettings(rigOf())).toEqual([4.6, 9.3, 14, 18.5]);
    expect(heatSettings(rigOf({ control: { kind: 'none' } }))).toEqual([null]);
    expect(heatSettings(rigOf({ control: { kind: 'pwm', setting: 0.64 } }))).toEqual([0.04, 0.16, 0.36, 0.64]);
    const phase = heatSettings(rigOf({ control: { kind: 'phase', setting: 60 } })) as number[];
    expect([...phase].sort((a, b) => b - a)).toEqual(phase);
    const clip = heatSettings(rigOf({ control: { kind: 'clip', setting: 800 } })) as number[];
    expect(clip[clip.length - 1]).toBe(800);
    expect(Math.max(...clip)).toBeLessThanOrEqual(1050);
  });
  it('each heats more than the one before', () => {
    for (const rig of [
      rigOf(),
      rigOf({ control: { kind: 'pwm', setting: 0.5 } }),
      rigOf({ control: { kind: 'amps', setting: 2.6 } }),
    ]) {
      const temps = heatPlan(rig).map((p) => p.airC);
      expect([...temps].sort((a, b) => a - b)).toEqual(temps);
    }
  });
});

describe('bands', () => {
  it('a wire as drawn reads fine at every step; the next gauge does not', () => {
    const drawn = rigOf();
    const plan = heatPlan(drawn);
    const at = (truth: Rig) => bench(truth, drawn).map((s, i) => stepStanding(plan[i]!, s, 'clips'));
    expect(new Set(at(drawn))).toEqual(new Set(['fine']));
    expect(at({ ...drawn, wire: { ...drawn.wire, diameterMm: 0.511 } })).not.toContain('fine');
    expect(at({ ...drawn, wire: { ...drawn.wire, diameterMm: 0.405 } })).toContain('low');
  });
  it('amps held: the volts tell', () => {
    const drawn = rigOf({ control: { kind: 'amps', setting: 2.6 } });
    const plan = heatPlan(drawn);
    const thin = bench({ ...drawn, wire: { ...drawn.wire, diameterMm: 0.36 } }, drawn);
    expect(thin.map((s, i) => stepStanding(plan[i]!, s, 'clips'))).toContain('high');
  });
  it('the ohms of 0.455 mm 80/20 are those of the handbook: 1.08 µΩ·m over its area', () => {
    // ρ·L/A by hand: 1.08e-6 × 1.05 / 1.626e-7 = 6.97 Ω (the contract's own figure); × 1.03 hot.
    const [, , , full] = heatPlan(rigOf());
    expect(full!.clipVolts / full!.amps / 6.97).toBeGreaterThan(1.02);
    expect(full!.clipVolts / full!.amps / 6.97).toBeLessThan(1.05);
  });
});

describe('causes of readings', () => {
  const drawn = rigOf();
  const wire = (w: Partial<Rig['wire']>): Rig => ({ ...drawn, wire: { ...drawn.wire, ...w } });
  it('nothing wrong', () => {
    const c = likeliest(drawn, bench(drawn, drawn));
    expect(c.cause).toBe('as-drawn');
    expect(c.share).toBeGreaterThan(0.8);
  });
  it.each([-3, -2, -1, 1, 2, 3])('a wire %i gauges off is found, with its diameter', (k) => {
    const truth = 0.455 * 92 ** (k / 39);
    const c = likeliest(drawn, bench(wire({ diameterMm: truth }), drawn));
    expect(c.cause).toBe('gauge');
    expect(Math.abs(c.size! / truth - 1)).toBeLessThan(0.01);
    expect(c.patch).toMatchObject({ wire: { measuredOhm: null } });
  });
  it('a poor contact: the wire gets fewer volts than were set', () => {
    const truth = { ...drawn, leads: { ...drawn.leads, contactOhm: 2.2 } };
    const c = likeliest(drawn, bench(truth, drawn));
    expect(c.cause).toBe('contact');
    expect(c.size).toBeGreaterThan(1.7);
    expect(c.size).toBeLessThan(2.7);
  });
  it('a supply that folds back: amps stop rising', () => {
    const c = likeliest(drawn, bench(drawn, drawn, { limit: 1.7 }));
    expect(c.cause).toBe('folds-back');
    expect(c.size).toBeCloseTo(1.7, 0);
  });
  it('a meter that averages pulses', () => {
    const pulsed = rigOf({
      supply: { kind: 'brick', volts: 24, maxAmps: 5 },
      control: { kind: 'pwm', setting: 0.5 },
    });
    expect(likeliest(pulsed, bench(pulsed, pulsed, { averages: true })).cause).toBe('averaging');
    expect(likeliest(pulsed, bench(pulsed, pulsed)).cause).toBe('as-drawn');
  });
  it('a slipped clip, whose ohms fit no gauge', () => {
    const clip = rigOf({
      supply: { kind: 'brick', volts: 20, maxAmps: 6 },
      control: { kind: 'clip', setting: 900 },
    });
    const truth = { ...clip, wire: { ...clip.wire, measuredOhm: 6.97 * 0.89 } };
    const found = weighCauses(clip, bench(truth, clip), 'clips')!.causes.slice(0, 2);
    expect(found.map((c) => c.cause)).toContain('length');
  });
  it('a battery that is lower than said', () => {
    const low = rigOf({
      supply: { kind: 'other', volts: 12, maxAmps: 20 },
      control: { kind: 'pwm', setting: 1 },
    });
    const truth = { ...low, supply: { ...low.supply, volts: 9.6 } };
    // On ohms that hardly rise a poor contact takes the same share at every step: both stay, for the meter at the supply to part.
    const two = weighCauses(low, bench(truth, low), 'clips')!.causes.slice(0, 2);
    expect(two.map((c) => c.cause).sort()).toEqual(['contact', 'supply-volts']);
    const volts = two.find((c) => c.cause === 'supply-volts')!;
    expect(volts.share).toBeGreaterThan(0.2);
    expect(Math.abs(volts.size! / 9.6 - 1)).toBeLessThan(0.05);
  });
  it('another alloy on a steep one is told from another gauge', () => {
    const steel = rigOf({
      wire: { alloy: 'ss-304', diameterMm: 0.635, lengthMm: 1320 },
      control: { kind: 'volts', setting: 16.5 },
    });
    const truth: Rig = { ...steel, wire: { ...steel.wire, alloy: 'ti-2' } };
    const two = weighCauses(steel, bench(truth, steel), 'clips')!.causes.slice(0, 2);
    expect(two.map((c) => c.cause as HeatCause)).toContain('alloy');
  });
  it('readings that nothing explains are said to be so', () => {
    const wild = bench(drawn, drawn).map((s, i) => ({ ...s, amps: s.amps! * [1, 3, 0.2, 1][i]! }));
    expect(weighCauses(drawn, wild, 'clips')!.leftOver).toBeGreaterThan(UNEXPLAINED);
    expect(weighCauses(drawn, bench(drawn, drawn), 'clips')!.leftOver).toBeLessThan(1);
  });
  it('nothing read, nothing weighed; shares make one', () => {
    expect(weighCauses(drawn, [{ setting: 5, amps: null, volts: null }], 'clips')).toBeNull();
    const v = weighCauses(drawn, bench(wire({ diameterMm: 0.5 }), drawn), 'clips')!;
    expect(v.causes.reduce((s, c) => s + c.share, 0)).toBeCloseTo(1, 9);
  });
});

describe('what a first heat measures', () => {
  const steel = rigOf({
    wire: { alloy: 'ss-304', diameterMm: 0.635, lengthMm: 1320, measuredOhm: 3.0 },
    control: { kind: 'volts', setting: 16.5 },
  });
  it('ohms of the cold wire, from hot readings, at the clips or the display', () => {
    const drawn = { ...steel, wire: { ...steel.wire, measuredOhm: null } };
    const found = ohmsFound(drawn, bench(steel, drawn), 'clips')!;
    expect(Math.abs(found.ohm / 3 - 1)).toBeLessThan(0.01);
    const lead = setUp(drawn).drive.leadOhm;
    const display = bench(steel, drawn).map((s) => ({ ...s, volts: s.volts! + s.amps! * lead }));
    expect(Math.abs(ohmsFound(drawn, display, 'display')!.ohm / 3 - 1)).toBeLessThan(0.01);
    expect(ohmsFound(drawn, [{ setting: 4, amps: 1, volts: null }], 'clips')).toBeNull();
  });
  it('a draught is found on steel, not on nickel-chromium', () => {
    const windy = { ...steel, room: { ...steel.room, draughtMS: 0.5 } };
    const loss = lossFound(steel, bench(windy, steel), 'clips')!;
    expect(loss.logFactor).toBeGreaterThan(2 * 0.01);
    expect(Math.abs(loss.draughtMS! / 0.5 - 1)).toBeLessThan(0.06);
    expect(Math.abs(lossFound(steel, bench(steel, steel), 'clips')!.logFactor)).toBeLessThan(0.01);
    const flat = rigOf({ wire: { alloy: 'nicr-80', diameterMm: 0.455, lengthMm: 1050, measuredOhm: 6.9 } });
    expect(lossFound(flat, bench(flat, flat), 'clips')).toBeNull();
  });
});
