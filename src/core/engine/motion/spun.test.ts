import { describe, expect, it } from 'vitest';
import { placesOf, profileAt, reachOf } from './spun';
import { turnedJob } from './testTowers';

const even = (r: number) => [
  [10, r],
  [150, r],
];
const STEPPED = [[10, 30], [40, 30], [40, 20], [90, 24]]; // prettier-ignore

describe('what a turned piece becomes', () => {
  const bar = (sides: 2 | 3 | 4 | 6 | 8, over: object = {}) =>
    turnedJob({ profile: even(20), sides, blockMm: [160, 90, 90], ...over });
  it('regular bars of any number of sides: corners at r over the cosine of half the angle, area N r² tan(π/N)', () => {
    for (const sides of [4, 6, 8] as const) {
      const job = bar(sides);
      const half = 180 / sides;
      expect(reachOf(job, 80, 90)).toBeCloseTo(20, 9);
      expect(reachOf(job, 80, 90 + half)).toBeCloseTo(20 / Math.cos((half * Math.PI) / 180), 9);
      let area = 0;
      const n = 7200;
      for (let i = 0; i < n; i++)
        area += 0.5 * reachOf(job, 80, (360 * (i + 0.5)) / n) ** 2 * ((2 * Math.PI) / n);
      expect(area / (sides * 400 * Math.tan(Math.PI / sides))).toBeCloseTo(1, 4);
    }
  });
  it('two sides are bounded by the block, three by themselves or by it; two profiles make a rectangle', () => {
    expect(reachOf(bar(2), 80, 0)).toBeCloseTo(45, 9);
    expect(reachOf(bar(2), 80, 90)).toBeCloseTo(20, 9);
    // A triangle's corner is twice its inner radius off.
    expect(reachOf(bar(3), 80, 270)).toBeCloseTo(40, 9);
    const figure = bar(4, { sideProfile: even(30) });
    expect(reachOf(figure, 80, 0)).toBeCloseTo(30, 9);
    expect(reachOf(figure, 80, 90)).toBeCloseTo(20, 9);
    expect(reachOf(figure, 80, (Math.atan2(20, 30) * 180) / Math.PI)).toBeCloseTo(Math.hypot(20, 30), 6);
  });
  it('profiles between their points, beyond their ends, and at a step', () => {
    const job = turnedJob({ profile: STEPPED });
    expect(profileAt(job.profile, 0)).toBe(30);
    expect(profileAt(job.profile, 39)).toBe(30);
    expect(profileAt(job.profile, 41)).toBeCloseTo(20.08, 9);
    expect(profileAt(job.profile, 500)).toBe(24);
    const places = placesOf(job);
    expect(places[0]).toBe(10);
    expect(places.at(-1)).toBe(90);
    const radii = places.map((x) => reachOf(job, x, 90));
    expect(radii).toContainEqual(30);
    expect(Math.min(...radii)).toBeCloseTo(20, 2);
  });
});
