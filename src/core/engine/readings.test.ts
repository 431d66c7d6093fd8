import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { batteryOfCells, batteryOfChemistry, batteryOfVolts, fitsLabel } from './battery';
import { openVolts } from '../physics/circuit/battery';
import { internalOhmOf, ohmPerMetreOf, secondaryOf } from './drawer/supplyMeans';
import { evaluate } from './evaluate';
import { loopLengthMm } from './loopLength';
import { balanceOf, counterFor } from './pulledBalance';
import { barInertiaMm4 } from './takeUp';
import { gramsOf, holdingRate, newtonsOf, tensionOfNote, tensionOfSqueeze } from './tensionRead';
import { testRig } from './testRigs';

const e = evaluate(testRig({ tension: { kind: 'spring', setN: 45, springNPerMm: 1.5 } }));

describe('tension as it is read', () => {
  it('a kilogram is 9.80665 N (CGPM 1901), and back', () => {
    expect(newtonsOf(1000)).toBeCloseTo(9.80665, 12);
    expect(gramsOf(newtonsOf(450))).toBeCloseTo(450, 9);
  });

  it('a note gives F = 4·L²·f²·μ (Mersenne 1636): the rig’s own note gives its own tension back', () => {
    expect(tensionOfNote(e, e.tension.pluckHz)).toBeCloseTo(e.tension.coldN, 6);
    expect(tensionOfNote(e, 2 * e.tension.pluckHz) / e.tension.coldN).toBeCloseTo(4, 6);
    const { length, area, alloy } = e.s;
    expect(tensionOfNote(e, 100)).toBeCloseTo(4 * length ** 2 * 100 ** 2 * area * alloy.density, 6);
  });

  it('a squeezed frame gives less than its rate: the wire stretches as well', () => {
    const wireRate = (e.s.alloy.youngs * e.s.area) / e.s.length / 1000;
    expect(tensionOfSqueeze(e, 2, 10)).toBeCloseTo(10 / (1 / 2 + 1 / wireRate), 6);
    expect(tensionOfSqueeze(e, 2, 10)).toBeLessThan(20);
  });

  it('a hung weight has no rate; a spring’s is below its own, with all that is in series', () => {
    expect(holdingRate(evaluate(testRig({ tension: { kind: 'weight', setN: 45 } })))).toBe(0);
    expect(holdingRate(e)).toBeGreaterThan(0);
    expect(holdingRate(e)).toBeLessThan(1500);
  });
});

describe('a bow that weights pull', () => {
  const pulled = evaluate(testRig({ frame: { kind: 'pulled-bow' } }));

  it('needs its drag and what the guides take; that much runs it at its feed', () => {
    const b = balanceOf(pulled, 0)!;
    expect(b.needN).toBe(b.dragN);
    expect(b.feedAt(b.needN)).toBeCloseTo(pulled.feed! * 1000, 4);
    const guided = balanceOf(pulled, 2)!;
    expect(guided.needN).toBeCloseTo(b.dragN + 2, 12);
    expect(guided.feedAt(guided.needN)).toBeCloseTo(pulled.feed! * 1000, 4);
  });

  it('runs faster with more, never past the max feed, and away with far too much', () => {
    const b = balanceOf(pulled, 0)!;
    const feeds = [0.5, 1, 1.5, 2].map((k) => b.feedAt(k * b.needN));
    for (let i = 1; i < feeds.length; i++)
      if (feeds[i] !== null && feeds[i - 1] !== null) expect(feeds[i]!).toBeGreaterThan(feeds[i - 1]!);
    for (const feed of feeds) if (feed !== null) expect(feed).toBeLessThanOrEqual(b.maxFeedMmS * (1 + 1e-9));
    expect(b.feedAt(1e4)).toBeNull();
  });

  it('stands still behind a ballast that friction of 0.3 holds at twice the need', () => {
    const b = balanceOf(pulled, 0)!;
    expect(0.3 * b.ballastN).toBeCloseTo(2 * b.needN, 9);
  });

  it('has none where nothing cuts', () => {
    expect(balanceOf(evaluate(testRig({ control: { setting: 2 } })), 0)).toBeNull();
  });
});

describe('things of the drawer', () => {
  it('a supply that sags from 12.6 to 11.8 V at 4 A has 0.2 Ω inside', () => {
    expect(internalOhmOf(12.6, 11.8, 4)).toBe(0.2);
  });

  it('turns follow from ten test turns in proportion (transformer law), whole', () => {
    expect(secondaryOf(12, 0.8, null)).toEqual({ turns: 150, areaMm2: null });
    const { areaMm2 } = secondaryOf(12, 0.8, 9);
    expect(areaMm2).toBeGreaterThan(0);
    expect(secondaryOf(12, 0.8, 18).areaMm2! / areaMm2!).toBeCloseTo(2, 9);
  });

  it('a spool’s resistance: as measured, else by the catalogue (80/20 nickel-chromium 0.4 mm: 8.59 Ω/m at 1.08 µΩ·m)', () => {
    const spool = { alloy: 'nicr-80', diameterMm: 0.4, strands: 1, ohmPerM: null } as const;
    expect(ohmPerMetreOf(spool)).toBeCloseTo(1.08e-6 / (Math.PI * 0.2e-3 ** 2), 4);
    expect(ohmPerMetreOf({ ...spool, ohmPerM: 8.1 })).toBe(8.1);
    expect(ohmPerMetreOf({ ...spool, strands: 7 })).toBeCloseTo(ohmPerMetreOf(spool) / 7, 9);
  });

  it('a bar buckles over its thin side: its second moment there is b·h³/12', () => {
    expect(barInertiaMm4(20, 10)).toBeCloseTo((20 * 10 ** 3) / 12, 1);
  });

  it('a loop is two legs and half a circle', () => {
    fc.assert(
      fc.property(fc.integer({ min: 5, max: 200 }), fc.integer({ min: 0, max: 200 }), (wide, legs) => {
        const deep = wide / 2 + legs;
        expect(loopLengthMm(wide, deep) / (2 * legs + (Math.PI * wide) / 2)).toBeCloseTo(1, 3);
      }),
    );
  });
});

describe('a battery: its label and its cells are one fact', () => {
  const lead = { chemistry: 'lead-acid', cells: 6, ampHours: 7, charge: 0.8 } as const;

  it('a voltage finds the cells, cells the voltage (2 V a lead cell, 3.7 V a lithium-polymer one: ordinary labels)', () => {
    expect(batteryOfVolts(lead, 24).battery.cells).toBe(12);
    expect(batteryOfVolts(lead, 24).volts).toBe(24);
    expect(batteryOfCells({ ...lead, cells: 3 }).volts).toBeCloseTo(6, 9);
    expect(batteryOfChemistry(lead, 'lithium-polymer', 14.8)).toMatchObject({
      battery: { cells: 4, ampHours: 7 },
    });
    expect(batteryOfChemistry(lead, 'lithium-polymer', 14.8).volts).toBeCloseTo(14.8, 9);
  });

  it('going there and back changes nothing, for every count of cells', () => {
    for (const chemistry of [
      'lead-acid',
      'lithium-polymer',
      'lithium-iron',
      'nickel-metal',
      'alkaline',
    ] as const)
      for (let cells = 1; cells <= 40; cells++) {
        const there = batteryOfCells({ ...lead, chemistry, cells });
        expect(batteryOfVolts(there.battery, there.volts)).toEqual(there);
        expect(fitsLabel(chemistry, there.volts)).toBe(true);
      }
    expect(fitsLabel('lead-acid', 14.8)).toBe(false);
  });

  it('stands higher open when it is fuller', () => {
    const volts = [0, 0.25, 0.5, 0.75, 1].map((charge) => openVolts(lead.chemistry, lead.cells, charge));
    expect(volts).toEqual([...volts].sort((a, b) => a - b));
    expect(volts[4]!).toBeGreaterThan(volts[0]!);
  });
});

describe('a falling bow', () => {
  const falls = evaluate(testRig({ frame: { kind: 'drop-bow' } }));
  const b = balanceOf(falls, 0.5)!;

  it('hangs what is over its need against it, where the moments about its middle cancel', () => {
    const { counterN, atM } = counterFor(b, b.needN + 4, 0.05);
    expect(counterN).toBeCloseTo(4, 9);
    expect(counterN * atM!).toBeCloseTo(-b.dragN * 0.05, 9);
    expect(counterFor(b, b.needN + 4, 0).atM).toBeCloseTo(0, 12);
  });

  it('too light, it says how much is wanting, and hangs nothing', () => {
    expect(counterFor(b, b.needN - 1.5, 0.05)).toEqual({ counterN: expect.closeTo(-1.5, 9), atM: null });
  });
});
