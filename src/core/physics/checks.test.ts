import { describe, expect, it } from 'vitest';
import { ALLOYS } from '../catalog/alloys';
import { phaseAngle, phaseShare } from './circuit/phase';
import { MELTING_EFFICIENCY, heatForHalfWidth, slotHalfWidth } from './foam/slotCurve';
import { dragPerMetre } from './foam/drag';
import { airAt } from './heat/air';
import { lossToAir } from './heat/loss';
import { MORGAN, nusseltLying } from './heat/natural';
import { metalArea } from './wire/area';
import { awgDiameter, awgOf } from '../units/awg';
import { resistancePerMetre } from './wire/resistance';

describe('wire', () => {
  // ASTM B258, its table, to its rounding.
  it.each([
    [10, 2.588, 5e-4],
    [20, 0.8118, 5e-5],
    [24, 0.5106, 5e-5],
    [30, 0.2546, 5e-5],
    [36, 0.127, 5e-5],
  ])('gauge %i is %f mm', (gauge, mm, tol) => {
    expect(Math.abs(awgDiameter(gauge) * 1000 - mm)).toBeLessThanOrEqual(tol);
    expect(awgOf(awgDiameter(gauge))).toBeCloseTo(gauge, 9);
  });

  it('0.254 mm nickel-chromium has about 7 ohms a foot (common practice; model 6.5 and 6.7)', () => {
    const area = metalArea(0.254e-3, 1);
    const perFoot = (id: 'nicr-80' | 'nicr-60') =>
      resistancePerMetre(ALLOYS[id].rho20, ALLOYS[id].ct, area, 20) * 0.3048;
    expect(Math.abs(perFoot('nicr-80') / 6.5 - 1)).toBeLessThan(0.01);
    expect(Math.abs(perFoot('nicr-60') / 6.7 - 1)).toBeLessThan(0.01);
  });

  it('wire of about 50 ohms a metre in the 1.45 alloy is 0.19 mm (common practice)', () => {
    const a = ALLOYS['fecral-145'];
    expect(Math.abs(resistancePerMetre(a.rho20, a.ct, metalArea(0.19e-3, 1), 20) / 50 - 1)).toBeLessThan(0.05);
  });
});

describe('air', () => {
  it('is the table at 350 K (Incropera & DeWitt, table A.4)', () => {
    expect(airAt(350, { k: 0, nu: 0, alpha: 0 })).toEqual({ k: 30.0e-3, nu: 20.92e-6, alpha: 29.9e-6 });
  });

  it('stays flat beyond its table and joins its points', () => {
    const at = (t: number) => ({ ...airAt(t, { k: 0, nu: 0, alpha: 0 }) });
    expect(at(100)).toEqual(at(250));
    expect(at(3000)).toEqual(at(1200));
    expect(at(325).k).toBeCloseTo(0.5 * (26.3e-3 + 30.0e-3), 12);
  });

  it('Morgan’s own ranges agree with the largest branch within 0.2 %', () => {
    const own = (ra: number) => {
      const [c, n] = MORGAN[ra < 1e-2 ? 0 : ra < 1e2 ? 1 : ra < 1e4 ? 2 : 3]!;
      return c * ra ** n;
    };
    for (let ra = 1e-9; ra < 1e7; ra *= 1.07) {
      const plain = Math.max(...MORGAN.map(([c, n]) => c * ra ** n));
      expect(Math.abs(nusseltLying(ra) / plain - 1), `at ${ra}`).toBeLessThan(1e-12);
      expect(Math.abs(nusseltLying(ra) / own(ra) - 1), `at ${ra}`).toBeLessThan(0.002);
    }
  });
});

describe('amps for a temperature against the makers’ table', () => {
  // 80Ni-20Cr straight wire in open air, a widely reprinted makers’ table, values from memory, 400–1200 °F.
  const table: [number, number[]][] = [
    [20, [3.8, 5.1, 6.3, 7.6, 9.1]],
    [24, [2.21, 2.9, 3.4, 4.2, 5.1]],
    [28, [1.24, 1.61, 1.95, 2.38, 2.85]],
  ];

  it('every point within 6 %, rms within 3 %', () => {
    const a = ALLOYS['nicr-80'];
    let squares = 0;
    for (const [gauge, amps] of table) {
      const diameter = awgDiameter(gauge);
      const room = { diameter, length: 1, emissivity: a.emissivity, upright: false, airC: 20, draught: 0.05 };
      amps.forEach((want, i) => {
        const tempC = ((400 + 200 * i - 32) * 5) / 9;
        const ohm = resistancePerMetre(a.rho20, a.ct, metalArea(diameter, 1), tempC);
        const off = Math.sqrt(lossToAir(room, tempC) / ohm) / want - 1;
        expect(Math.abs(off), `${gauge} AWG at ${tempC} °C`).toBeLessThan(0.06);
        squares += off * off;
      });
    }
    expect(Math.sqrt(squares / 15)).toBeLessThan(0.03);
  });
});

describe('kerf of a moving line source', () => {
  // Numerical solution of the isotherm, given with the relation; within 0.1 %.
  it.each([
    [0.3, 0.1776],
    [0.65, 0.5637],
    [1, 0.7434],
    [2, 0.9114],
    [5, 0.9834],
    [20, 0.9989],
    [500, 1],
  ])('Q = %f is %f of its classical limit', (q, want) => {
    const share = slotHalfWidth(q) / ((MELTING_EFFICIENCY * Math.PI * q) / 2);
    expect(Math.abs(share / want - 1)).toBeLessThan(0.001);
  });

  it('agrees with the isotherm itself, found point by point', async () => {
    const { scaledK0 } = await import('../numeric/bessel');
    for (const q of [0.1, 0.4, 1.3, 6, 40]) {
      // e^{−p·cosθ}·K0(p) = 1/Q on the isotherm: for each angle the radius, then the greatest half width p·sin θ.
      let widest = 0;
      for (let deg = 1; deg < 180; deg += 0.05) {
        const cos = Math.cos((deg * Math.PI) / 180);
        let lo = 1e-12;
        let hi = 4000;
        for (let i = 0; i < 90; i++) {
          const mid = Math.sqrt(lo * hi);
          if (Math.log(scaledK0(mid)) - mid * (1 + cos) > -Math.log(q)) lo = mid;
          else hi = mid;
        }
        widest = Math.max(widest, lo * Math.sin((deg * Math.PI) / 180));
      }
      expect(Math.abs(slotHalfWidth(q) / widest - 1), `Q ${q}`).toBeLessThan(1e-4);
    }
  });

  it('joins its limits and is undone by its inverse', () => {
    for (const join of [0.02, 3e4]) {
      expect(Math.abs(slotHalfWidth(join * 0.9999999) / slotHalfWidth(join * 1.0000001) - 1)).toBeLessThan(
        2e-3,
      );
    }
    for (let q = 0.05; q < 1e6; q *= 1.9) {
      expect(Math.abs(heatForHalfWidth(slotHalfWidth(q)) / q - 1), `at ${q}`).toBeLessThan(1e-8);
    }
    expect(slotHalfWidth(0)).toBe(0);
  });
});

describe('drag', () => {
  // Worked values of the relation itself.
  it.each([
    [0.5, 0.0],
    [0.7, 0.0037],
    [0.9, 0.0299],
    [1, 0.05],
    [1.3, 0.3213],
    [2, 0.6],
  ])('at r = %f is %f of σ·d', (r, want) => {
    expect(Math.abs(dragPerMetre(1, 1, r) - want)).toBeLessThanOrEqual(5e-5 + 1e-5);
  });
});

describe('phase cut', () => {
  it.each([
    [45, 0.9535],
    [90, 0.7071],
    [135, 0.3014],
  ])('at %i° leaves %f of the rms, and so does the integral of the wave', (deg, want) => {
    let sum = 0;
    const n = 20000;
    const a = (deg * Math.PI) / 180;
    for (let i = 0; i < n; i++) sum += Math.sin(a + ((i + 0.5) * (Math.PI - a)) / n) ** 2;
    const integral = Math.sqrt((sum * (Math.PI - a)) / n / (Math.PI / 2));
    expect(Math.abs(phaseShare(deg) - want)).toBeLessThan(5e-5);
    expect(Math.abs(phaseShare(deg) - integral)).toBeLessThan(1e-7);
    expect(phaseAngle(phaseShare(deg))).toBeCloseTo(deg, 6);
  });
});
