import { describe, expect, it } from 'vitest';
import { ALLOY_IDS, ALLOYS } from '../../catalog/alloys';
import { FOAM_IDS, FOAMS } from '../../catalog/foams';
import { SWG_MM } from '../../catalog/gauges';
import { byStrength } from './byStrength';
import { envelopeDiameter } from './envelope';
import { identifyWire, tenTurns } from './identify';
import { measuredResistivity } from './measuredResistivity';
import { metalArea } from './area';
import { resistancePerMetre } from './resistance';
import { shapedLoop } from './shapedLoop';
import { roomForWire } from './room';
import { tensileStrength } from './strength';
import { swgDiameter } from './swg';
import { coolEndLength, coolEndTemperature } from '../time/coolEnd';

describe('imperial gauge', () => {
  // BS 3737, from memory.
  it.each([
    [0, 8.23],
    [10, 3.251],
    [20, 0.914],
    [30, 0.315],
    [40, 0.122],
  ])('%i is %f mm', (n, mm) => expect(swgDiameter(n) * 1000).toBeCloseTo(mm, 9));
  it('falls from gauge to gauge, from 7/0 to 50', () => {
    expect(SWG_MM).toHaveLength(57);
    SWG_MM.forEach(([, mm], i) => i > 0 && expect(mm).toBeLessThan(SWG_MM[i - 1]![1]));
  });
  it('refuses what is no gauge', () => expect(() => swgDiameter(20.5)).toThrow(/whole imperial gauge/));
});

describe('a wire measured', () => {
  it('is found among the alloys and gauges that fit, nearest first', () => {
    const a = ALLOYS['nicr-80'];
    const perMetre = resistancePerMetre(a.rho20, a.ct, metalArea(0.4547e-3, 1), 20) * 0.99;
    const found = identifyWire(perMetre, 20, tenTurns(4.5e-3));
    expect(found[0]).toMatchObject({ alloy: 'nicr-80', gauge: 25 });
    expect(found.every((c, i) => i === 0 || Math.abs(c.off) >= Math.abs(found[i - 1]!.off))).toBe(true);
    expect(identifyWire(1e6, 20, null)).toEqual([]);
  });

  it('gives back the resistivity it was made of, at any air', () => {
    const a = ALLOYS['ss-304'];
    const area = metalArea(0.635e-3, 1);
    const ohm = resistancePerMetre(a.rho20, a.ct, area, 35) * 1.3;
    expect(measuredResistivity(ohm, area, 1.3, a.ct, 35) / a.rho20).toBeCloseTo(1, 12);
  });

  it('strands have the metal of all and the envelope of their bundle', () => {
    expect(metalArea(1, 7) / metalArea(1, 1)).toBeCloseTo(7, 12);
    expect([1, 3, 7, 19].map((n) => envelopeDiameter(1, n))).toEqual([1, 2.155, 3, 5]);
  });

  it('hard-drawn leader of 0.016 in has about 2129 MPa by the size law (Shigley table 10-4)', () => {
    expect(tensileStrength(ALLOYS['ss-304-hard'], 0.4064e-3, 20) / 2129e6).toBeCloseTo(1, 3);
    expect(tensileStrength(ALLOYS['nicr-80'], 0.4064e-3, 300) / 1e6).toBeCloseTo(740, 6);
  });
});

describe('room and unheated ends', () => {
  it('95 % of the rise is reached after three times the reach', () => {
    expect((coolEndTemperature(320, 20, 3, 1) - 20) / 300).toBeCloseTo(0.95, 2);
    expect(coolEndTemperature(320, 20, 0, 1)).toBe(20);
  });
  it('an unheated end of usual wire reaches 4–7 mm', () => {
    const reach = coolEndLength(ALLOYS['nicr-80'].conductivity, metalArea(0.455e-3, 1), 0.15) * 1000;
    expect(reach).toBeGreaterThan(3.5);
    expect(reach).toBeLessThan(7);
  });
  it('adds three reaches, the travel and 10 mm on each side', () =>
    expect(roomForWire(0.6, 0.005, 0.02)).toBeCloseTo(0.69, 12));
});

describe('the catalogue', () => {
  it('every alloy has a source, and tables that begin at 20 °C with one', () => {
    for (const id of ALLOY_IDS) {
      const a = ALLOYS[id];
      expect(a.source.length, id).toBeGreaterThan(5);
      expect([a.ct.x[0], a.ct.y[0]], id).toEqual([20, 1]);
      expect(a.limitC, id).toBeLessThan(a.meltC);
      expect(a.strength.x[0], id).toBe(20);
    }
  });
  it('every foam says whether it may be cut, and why not', () => {
    for (const id of FOAM_IDS) {
      const f = FOAMS[id];
      expect(f.verdict === 'cut' || f.reason.length > 20, id).toBe(true);
      expect(f.verdict === 'refuse' && f.heat !== null, id).toBe(false);
      if (f.heat) expect(f.heat.fumeC, id).toBeGreaterThan(f.heat.flowC);
    }
  });
});

describe('wire sold by its breaking load', () => {
  it('practice 20: 40 kgf in seven strands is 0.17–0.18 mm each (size law)', () => {
    const found = byStrength(40 * 9.80665, 7).find((c) => c.alloy === 'ss-304-hard')!;
    expect(found.strand * 1000).toBeGreaterThan(0.17);
    expect(found.strand * 1000).toBeLessThan(0.185);
  });
  it('practice 11: 61 lbf of single leader is 0.016 in, near 2090 MPa', () => {
    const found = byStrength(61 * 4.4482216152605, 1).find((c) => c.alloy === 'ss-304-hard')!;
    expect(found.strand / 0.0254e-3 / 1000 / 1000).toBeCloseTo(0.016 / 1000, 3);
    expect(Math.abs(found.stress / 1e6 / 2129 - 1)).toBeLessThan(0.02);
  });
  it('breaks where it says: load over metal is the strength, for every candidate', () => {
    for (const c of byStrength(250, 3)) {
      const area = (3 * Math.PI * c.strand ** 2) / 4;
      expect(250 / area).toBeCloseTo(c.stress, -3);
    }
  });
});

describe('a shaped loop', () => {
  it('is two legs and half a circle', () => {
    expect(shapedLoop(0.04, 0.06)).toBeCloseTo(2 * (0.06 - 0.02) + Math.PI * 0.02, 12);
    expect(shapedLoop(0.04, 0.02)).toBeCloseTo(Math.PI * 0.02, 12);
  });
});
