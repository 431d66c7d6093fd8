import { describe, expect, it } from 'vitest';
import { interpolateLinear } from '../numeric/table';
import { tensileStrength } from '../physics/wire/strength';
import { awgDiameter } from '../units/awg';
import { ALLOY_IDS, ALLOYS, type AlloyId } from './alloys';
import { RAILS } from './computerSupply';
import { FOAM_IDS, FOAMS } from './foams';
import { SWG_MM } from './gauges';
import { TEMPLATE_CATALOG } from './templateMaterials';

/** An ohm for a circular mil and a foot, in Ω·m: a mil is 25.4 µm, a circular mil π/4 of its square (exact). */
const CMIL_FOOT = (Math.PI / 4) * 25.4e-6 ** 2 * (1 / 0.3048);
const POUND_PER_FOOT3 = 0.45359237 / 0.3048 ** 3;
const PSI = 6894.757;

describe('alloys', () => {
  // Trade figures in Ω·cmil/ft, as lists of wire have them (650 and 675 stand in ASTM B267 too); from memory.
  it.each<[AlloyId, number]>([
    ['nicr-80', 650],
    ['nicr-60', 675],
    ['fecral-145', 872],
    ['fecral-135', 812],
    ['cuni-44', 294],
    ['ss-304', 433],
  ])('%s has the resistivity of the trade’s lists, %i Ω·cmil/ft', (id, listed) => {
    expect(Math.abs(ALLOYS[id].rho20 / CMIL_FOOT / listed - 1)).toBeLessThan(5e-3);
  });

  // Ohms a foot as printed in wire tables of nickel-chromium 80/20; from memory, to the last figure printed.
  it.each([
    [22, 1.015],
    [24, 1.609],
    [26, 2.571],
    [28, 4.094],
    [30, 6.5],
  ])('nickel-chromium 80/20 of gauge %i has %f Ω a foot', (gauge, ohms) => {
    const d = awgDiameter(gauge);
    const perFoot = (ALLOYS['nicr-80'].rho20 * 0.3048) / ((Math.PI / 4) * d * d);
    expect(Math.abs(perFoot / ohms - 1)).toBeLessThan(8e-3);
  });

  // kg/m³, 1e-6/K from 20 to a few hundred °C, GPa: ranges of general handbooks of metals; from memory.
  it.each<[AlloyId, [number, number], [number, number], [number, number]]>([
    ['nicr-80', [8300, 8500], [13, 16], [205, 222]],
    ['nicr-60', [8100, 8300], [13, 16], [195, 215]],
    ['fecral-145', [7100, 7300], [11, 15], [190, 225]],
    ['ss-304', [7850, 8030], [16.5, 18.5], [190, 200]],
    ['steel-music', [7800, 7870], [11, 13], [200, 212]],
    ['ti-2', [4500, 4520], [8.5, 9.7], [100, 110]],
    ['cuni-44', [8800, 8950], [13.5, 15.5], [155, 168]],
  ])('%s: density, expansion and modulus lie where handbooks have them', (id, density, expansion, modulus) => {
    const a = ALLOYS[id];
    for (const [x, [lo, hi]] of [
      [a.density, density],
      [a.expansion * 1e6, expansion],
      [a.youngs / 1e9, modulus],
    ] as const) {
      expect(x).toBeGreaterThanOrEqual(lo);
      expect(x).toBeLessThanOrEqual(hi);
    }
  });

  it('drawn spring wire is as strong as ASTM A228 asks of 0.51 mm music wire, 2390 MPa, to 5 % (from memory)', () => {
    expect(Math.abs(tensileStrength(ALLOYS['steel-music'], 0.51e-3, 20) / 2.39e9 - 1)).toBeLessThan(0.05);
  });

  it('a carbon steel’s resistance rises sixfold by 660 °C, constantan’s not at all, titanium’s doubles by 350 °C', () => {
    const factor = (id: AlloyId, t: number) => interpolateLinear(ALLOYS[id].ct, t);
    expect(factor('steel-soft', 660)).toBeCloseTo(6.4, 0);
    expect(factor('cuni-44', 600)).toBe(1);
    expect(factor('ti-2', 350)).toBeCloseTo(2, 1);
  });

  it.each(ALLOY_IDS)('%s: its curves and limits hang together', (id) => {
    const a = ALLOYS[id];
    expect(a.ct.x[0]).toBe(20);
    expect(a.ct.y[0]).toBe(1);
    const weaker = [...a.strength.y].every((s, i, all) => i === 0 || s < all[i - 1]!);
    expect(weaker).toBe(true);
    expect(a.limitC).toBeLessThan(a.meltC);
    expect(a.yieldFraction).toBeGreaterThan(0.3);
    expect(a.yieldFraction).toBeLessThan(1);
    expect(a.emissivity).toBeGreaterThan(0.4);
    expect(a.emissivity).toBeLessThan(0.95);
    expect(a.source).not.toBe('');
    // Wiedemann and Franz: k·ρ/T is 2.44e-8 W·Ω/K² for the electrons; lattice and error allow from half to thrice of it.
    const lorenz = (a.conductivity * a.rho20) / 293 / 2.44e-8;
    expect(lorenz).toBeGreaterThan(0.5);
    expect(lorenz).toBeLessThan(3.5);
    // Dulong and Petit: 3R a mole of atoms, of 47 to 60 g/mol here.
    expect(a.heatCapacity).toBeGreaterThan(0.85 * (24.94 / 0.06));
    expect(a.heatCapacity).toBeLessThan(1.1 * (24.94 / 0.047));
  });
});

describe('foams', () => {
  // ASTM C578: type, least density lb/ft³, least compressive resistance psi; from memory.
  const EPS = [[0.7, 5], [0.9, 10], [1.15, 13], [1.35, 15], [1.8, 25], [2.4, 40], [2.85, 60]]; // prettier-ignore
  const XPS = [[1.3, 15], [1.55, 25], [1.8, 40], [2.2, 60], [3, 100]]; // prettier-ignore
  it.each([
    ['eps', EPS],
    ['xps', XPS],
  ] as const)('%s: stress at density is the standard’s, rounded to whole kg/m³ and kPa', (id, types) => {
    const { x, y } = FOAMS[id].heat!.stress10;
    expect(x).toHaveLength(types.length);
    types.forEach(([pcf, psi], i) => {
      expect(Math.abs(x[i]! - pcf! * POUND_PER_FOOT3)).toBeLessThan(1);
      expect(Math.abs(y[i]! - psi! * PSI)).toBeLessThan(700);
    });
  });

  // Heat to flow from 20 °C by the polymer's specific heat and, where it has crystals, its heat of fusion; from memory:
  // polystyrene 1.3–1.5 kJ/(kg·K), none; polypropylene 1.9–2.1 and 80–110 kJ/kg; polyethylene 2.2–2.5 and 110–160.
  it.each([
    ['eps', [1.3, 1.5], [0, 0]],
    ['xps', [1.3, 1.5], [0, 0]],
    ['epp', [1.9, 2.1], [80, 110]],
    ['epe', [2.2, 2.5], [110, 160]],
  ] as const)('%s: the heat to flow is that of its polymer', (id, c, fusion) => {
    const { heatToFlow, flowC } = FOAMS[id].heat!;
    expect(heatToFlow / 1000).toBeGreaterThanOrEqual(c[0] * (flowC - 20) + fusion[0]);
    expect(heatToFlow / 1000).toBeLessThanOrEqual(c[1] * (flowC - 20) + fusion[1]);
  });

  it.each(FOAM_IDS)('%s: what is refused has no figures, what wants care has a reason', (id) => {
    const f = FOAMS[id];
    if (f.verdict === 'refuse') expect(f.heat).toBeNull();
    if (f.verdict !== 'cut') expect(f.reason).not.toBe('');
    if (!f.heat) return;
    expect(f.heat.flowC).toBeGreaterThan(100);
    expect(f.heat.fumeC).toBeGreaterThan(f.heat.flowC + 100);
    // Still air alone is 0.026 W/(m·K): no foam of it lets less through but one filled with heavier gas.
    expect(f.heat.conductivity).toBeGreaterThan(0.026);
    expect(f.heat.conductivity).toBeLessThan(0.05);
    expect(f.usualDensity).toBeGreaterThanOrEqual(f.heat.densities[0]);
    expect(f.usualDensity).toBeLessThanOrEqual(f.heat.densities[1]);
    expect([...f.heat.stress10.y].every((s, i, all) => i === 0 || s > all[i - 1]!)).toBe(true);
  });
});

describe('gauges and supplies', () => {
  // BS 3737 in ten-thousandths of an inch, 7/0 to 50; from memory.
  const TEN_THOUSANDTHS = [
    5000, 4640, 4320, 4000, 3720, 3480, 3240, 3000, 2760, 2520, 2320, 2120, 1920, 1760, 1600, 1440, 1280, 1160, 1040,
    920, 800, 720, 640, 560, 480, 400, 360, 320, 280, 240, 220, 200, 180, 164, 148, 136, 124, 116, 108, 100, 92, 84, 76,
    68, 60, 52, 48, 44, 40, 36, 32, 28, 24, 20, 16, 12, 10,
  ]; // prettier-ignore
  it('the imperial gauges are the standard’s inches, each to a thousandth of a millimetre', () => {
    expect(SWG_MM).toHaveLength(TEN_THOUSANDTHS.length);
    SWG_MM.forEach(([gauge, mm], i) => {
      expect(gauge).toBe(i - 6);
      expect(Math.abs(mm - TEN_THOUSANDTHS[i]! * 0.00254), `gauge ${gauge}`).toBeLessThan(6e-4);
    });
  });

  it('the rails of a computer’s supply are those that its plugs have', () => {
    for (const volts of [3.3, 5, 12]) expect(RAILS.some((r) => r.volts === volts)).toBe(true);
    for (const r of RAILS) expect(r.tolerance).toBeLessThanOrEqual(0.1);
  });

  it('a template takes no more heat than what it is made of bears', () => {
    // Where each softens, chars or melts, °C; general knowledge.
    const ENDS = { card: 300, plywood: 350, laminate: 450, aluminium: 660, steel: 1400 };
    for (const [id, m] of Object.entries(TEMPLATE_CATALOG))
      expect(m.limitC, id).toBeLessThan(ENDS[id as keyof typeof ENDS]);
  });
});
