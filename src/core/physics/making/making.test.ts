import { describe, expect, it } from 'vitest';
import { rectangleInertia } from '../tension/frame';
import { armRate, tubeInertia } from './arm';
import { HOT_MODULUS, loopBend, pocketPasses } from './loop';
import { firstFit, leanForce, ringGap, rowOpens } from './segments';
import {
  kerfFromStack,
  sagOf,
  sheetAfterTurns,
  sheetOverSpacers,
  sheetsFrom,
  slideAngle,
  spacersFor,
  turnsFor,
  wedgeAcross,
} from './sheets';
import { anchorShift, coneTop, fenceFor, flipError, pinFor, slanted, stripsFrom } from './table';

/** Worked values of an independent program unless another source stands beside them. */
describe('sheets', () => {
  it('spacers, screws, yield and wedge', () => {
    expect(sheetOverSpacers(3, 0.9, 0.25)).toBeCloseTo(2.675, 12);
    expect(sheetAfterTurns(4, 0.9, 0.25, 1)).toBeCloseTo(3.675, 12);
    expect(sheetsFrom(50, 6, 2.675, 0.9)).toBe(12);
    expect(wedgeAcross(0.1, 120, 200)).toBeCloseTo(0.06, 12);
    expect(spacersFor(sheetOverSpacers(3, 0.9, 0.25), 0.9, 0.25)).toBeCloseTo(3, 12);
    expect(turnsFor(3.675, 0.9, 0.25, 1)).toBeCloseTo(4, 12);
  });
  it('a stack tells the kerf that was put in', () => {
    expect(kerfFromStack(3, 10 * sheetOverSpacers(3, 0.9, 0.25), 10, 0.25)).toBeCloseTo(0.9, 12);
  });
  it('a block exactly as high as its sheets gives them all, one less by a hair does not', () => {
    expect(sheetsFrom(10 * 3.9 + 0.9, 0, 3, 0.9)).toBe(10);
    expect(sheetsFrom(10 * 3.9 + 0.89, 0, 3, 0.9)).toBe(9);
    expect(sheetsFrom(2, 6, 3, 0.9)).toBe(0);
  });
  it('sag of a metre of 0.4 mm steel at 20 N: 7850 kg/m³ by hand', () => {
    const mu = 7850 * Math.PI * 0.0002 ** 2;
    expect(sagOf(mu, 1, 20)).toBeCloseTo(6.046e-5, 7);
  });
  it('a block slides by itself at the angle of friction, and at no angle against too much drag', () => {
    expect(slideAngle(1, 0, 0.3)).toBeCloseTo(16.699, 3);
    expect(slideAngle(0.01, 5, 0.3)).toBeNull();
    const phi = (slideAngle(0.5, 1, 0.3)! * Math.PI) / 180;
    expect(0.5 * 9.80665 * (Math.sin(phi) - 0.3 * Math.cos(phi))).toBeCloseTo(1, 9);
  });
});

describe('table', () => {
  it('bevel, fence and flip', () => {
    expect(anchorShift(200, 30)).toBeCloseTo(115.47, 2);
    expect(slanted(200, 30)).toBeCloseTo(230.94, 2);
    expect(slanted(50, 30)).toBeCloseTo(57.74, 2);
    expect(fenceFor(40, 1, 0)).toBeCloseTo(40.5, 12);
    expect(fenceFor(40, 1, 30)).toBeCloseTo(40.577, 3);
    expect(flipError(1, 60)).toBeCloseTo(0.477, 3);
  });
  it('strips of a board, pins of a ring, a cone that closes', () => {
    expect(stripsFrom(205, 50, 40, 1, 0)).toBe(5);
    expect(stripsFrom(203, 50, 40, 1, 0)).toBe(4);
    expect(stripsFrom(205, 50, 40, 1, 45)).toBe(3);
    expect(stripsFrom(205, 50, 40, 1, -45)).toBe(3);
    expect(pinFor(50, 1, 0, 'disc')).toBe(50.5);
    expect(pinFor(50, 1, 0, 'hole')).toBe(49.5);
    expect(coneTop(50, 50, 45)).toBeCloseTo(0, 12);
  });
});

describe('arm and loop', () => {
  it('an L arm of aluminium 25 × 3, reach 150, post 200', () => {
    const rate = armRate(69e9, rectangleInertia(0.025, 0.003), 0.15, 0.2);
    expect(rate / 1000).toBeCloseTo(0.69, 3);
  });
  it('a tube without a bore is a rod: πD⁴/64', () => {
    expect(tubeInertia(0.01, 0)).toBeCloseTo(4.9087e-10, 13);
  });
  it('a loop of 0.8 mm, legs 30, foot 30, 5 N/m, 180 GPa', () => {
    const bend = loopBend(5, 0.03, 0.03, 0.0008, 180e9);
    expect(bend.tip * 1000).toBeCloseTo(0.326, 3);
    expect(bend.stress / 1e6).toBeCloseTo(89.5, 1);
    expect(HOT_MODULUS).toBe(0.85);
  });
  it('passes cover the pocket, each overlapping its neighbour by a millimetre or more', () => {
    expect(pocketPasses(20, 20, 20.8)).toBe(1);
    for (const [w, b] of [
      [30, 20],
      [58, 20],
      [59, 20],
      [100, 7],
    ] as const) {
      const n = pocketPasses(w, b, b + 0.8);
      expect(b + (n - 1) * (b - 1)).toBeGreaterThanOrEqual(w - 1e-9);
      expect(b + (n - 2) * (b - 1)).toBeLessThan(w);
    }
  });
});

describe('segments', () => {
  it('are packed longest first with a kerf between, and end with the board', () => {
    const placed = firstFit([300, 600, 399], 1000, 1);
    expect(placed.map((p) => [p.length, p.board, p.stop])).toEqual([
      [600, 0, 600.5],
      [399, 0, 1000.5],
      [300, 1, 300.5],
    ]);
  });
  it('errors add up along a row, or cancel in pairs; a ring of six', () => {
    expect(rowOpens(5, 50, 0.2, false)).toBeCloseTo(0.8727, 4);
    expect(rowOpens(4, 50, 0.2, true)).toBe(0);
    expect(rowOpens(5, 50, 0.2, true)).toBeCloseTo(0.1745, 4);
    expect(ringGap(6, 100, 0.1)).toBeCloseTo(2.0944, 4);
    expect(leanForce(10, 0.9)).toBeCloseTo(0.157, 3);
  });
});
