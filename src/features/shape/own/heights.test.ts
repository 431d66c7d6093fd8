import { describe, expect, it } from 'vitest';
import { readHeights, writtenHeights } from './heights';

describe('heights of an edge as typed', () => {
  it('a station a line, with spaces, tabs or semicolons, a comma or a point; empty lines are left out', () => {
    expect(readHeights('0 0\n\n12,5 4.2\n 90;7\n180\t0,1\n', 'metric')).toEqual({
      ok: true,
      points: [
        [0, 0],
        [12.5, 4.2],
        [90, 7],
        [180, 0.1],
      ],
    });
  });
  it('inches with fractions, and a unit where it is another', () => {
    expect(readHeights('0;0\n1 1/2;3/8\n100 mm;2 mm', 'inch')).toEqual({
      ok: true,
      points: [
        [0, 0],
        [38.1, 9.525],
        [100, 2],
      ],
    });
  });
  it.each([
    ['0 0\n1 2 3\n4 5', 'line 2: two numbers are wanted, not 3'],
    ['0 0\nten 2\n4 5', 'line 2, along the chord: '],
    ['0 0\n10 2 kg\n4 5', 'line 2: '],
    ['0 0\n10;2 kg\n4;5', 'line 2, height: '],
    ['0 0\n5 5', '3 stations are the least'],
    ['0 0\n5 5\n5 5\n9 2', 'station 3 is the same as the one before'],
    [Array.from({ length: 401 }, (_, i) => `${i} 1`).join('\n'), '400 stations are the most'],
  ])('%j is refused', (text, fault) => {
    const read = readHeights(text, 'metric');
    expect(read.ok ? '' : read.fault).toContain(fault);
  });
  it('what was typed comes back in either profile', () => {
    const points: [number, number][] = [
      [0, 0],
      [12.7, 4.25],
      [150, -1.5],
    ];
    for (const profile of ['metric', 'inch'] as const) {
      const back = readHeights(writtenHeights({ kind: 'points', points }, profile), profile);
      expect(back.ok).toBe(true);
      if (back.ok)
        back.points.forEach((p, i) => {
          expect(Math.abs(p[0] - points[i]![0])).toBeLessThan(0.02);
          expect(Math.abs(p[1] - points[i]![1])).toBeLessThan(0.02);
        });
    }
  });
});
