import { describe, expect, it } from 'vitest';
import { creepOf, type PullReading } from './creep';
import { springFound, springLengthAt, springPullAt } from './springTest';

const DAY = 86_400_000;
const at = (day: number, newtons: number, when: 'cold' | 'hot' = 'cold'): PullReading => ({
  at: 1.79e12 + day * DAY,
  newtons,
  when,
});

describe('creep', () => {
  // A wire that loses 2 N for each e-fold of days, read without error.
  const fading = [0, 1, 4, 10].map((d) => at(d, 60 - 2 * Math.log(1 + d)));

  it('finds the law it was made by, and the day it reaches the least', () => {
    const c = creepOf(fading, 1400, 54)!;
    expect(c.used).toBe(4);
    expect(c.lostN).toBeCloseTo(2 * Math.log(11), 9);
    expect(c.stretch).toBeCloseTo(c.lostN / 1400, 12);
    // 60 − 2·ln(1 + t) = 54 → t = e³ − 1 days from the first.
    expect(c.setAgainDays).toBeCloseTo(Math.exp(3) - 1 - 10, 6);
  });
  it('begins anew where the wire was set again, and reads one state only', () => {
    const c = creepOf([...fading, at(11, 60), at(11.5, 52, 'hot'), at(13, 59)], 1400, 54)!;
    expect(c.used).toBe(2);
    expect(c.firstN).toBe(60);
    expect(c.days).toBeCloseTo(2, 9);
  });
  it('says when it is already too loose, and when it never will be', () => {
    expect(creepOf([at(0, 60), at(3, 50)], 1400, 54)).toMatchObject({ now: true, setAgainDays: 0 });
    expect(creepOf([at(0, 60), at(3, 60)], 1400, 54)).toMatchObject({ lostN: 0, setAgainDays: null });
    expect(creepOf([at(0, 60), at(3, 59.9)], 1400, 54)!.setAgainDays).toBeNull();
  });
  it('needs two readings of one state, some time apart', () => {
    expect(creepOf([], 1400, 54)).toBeNull();
    expect(creepOf([at(0, 60)], 1400, 54)).toBeNull();
    expect(creepOf([at(0, 60), at(1, 55, 'hot')], 1400, 54)).toBeNull();
    expect(creepOf([at(0, 60), at(0.01, 59)], 1400, 54)).toBeNull();
  });
  it('the least is nine tenths of what was set, however low the readings since were taken for the rig’s own', () => {
    expect(creepOf(fading, 1400, 20)!.leastN).toBeCloseTo(54, 12);
    expect(creepOf([at(0, 60), at(3, 53)], 1400, 20)).toMatchObject({ now: true, setAgainDays: 0 });
  });
  it('a weight loses no pull by stretching', () => {
    expect(creepOf(fading, 0, 54)!.stretch).toBe(0);
  });
});

describe('a spring on the bench', () => {
  it('one weight gives its rate', () => {
    const s = springFound({ free: 0.062, loads: [{ mass: 2, length: 0.07508 }] })!;
    expect(s.rate).toBeCloseTo((2 * 9.80665) / 0.01308, 6);
    expect(s.initial).toBe(0);
  });
  it('two give the pull at which it opens too', () => {
    // F = 8 + 1500·x: 2 kg at 7.74 mm, 4 kg at 20.82 mm.
    const length = (kg: number) => 0.062 + (kg * 9.80665 - 8) / 1500;
    const s = springFound({
      free: 0.062,
      loads: [
        { mass: 4, length: length(4) },
        { mass: 2, length: length(2) },
      ],
    })!;
    expect(s.rate).toBeCloseTo(1500, 6);
    expect(s.initial).toBeCloseTo(8, 6);
    expect(springPullAt(s, 0.062, springLengthAt(s, 0.062, 50))).toBeCloseTo(50, 9);
    expect(springPullAt(s, 0.062, 0.06)).toBe(0);
  });
  it('what does not grow with its weight is no spring', () => {
    expect(springFound({ free: 0.062, loads: [] })).toBeNull();
    expect(springFound({ free: 0.062, loads: [{ mass: 2, length: 0.06 }] })).toBeNull();
    expect(
      springFound({
        free: 0.062,
        loads: [
          { mass: 2, length: 0.08 },
          { mass: 4, length: 0.08 },
        ],
      }),
    ).toBeNull();
  });
});
