import { describe, expect, it } from 'vitest';
import type { Pt } from '../../numeric/polyline';
import { boxed, nearestOf } from './near';
import {
  beltScale,
  correctedScale,
  outOfSquare,
  screwScale,
  skewOf,
  teethOf,
  toFaces,
  toTowers,
  turnScale,
  wireBetween,
  zeroAfter,
} from './scale';
import { slitsOf, tourOf } from './slits';

const square = (x: number, y: number, side: number): Pt[] => [
  [x, y],
  [x + side, y],
  [x + side, y + side],
  [x, y + side],
];
/** Even numbers from 0 to 1 by a seed (Park and Miller 1988). */
function even(seed: number): () => number {
  let s = seed;
  return () => (s = (s * 48271) % 2147483647) / 2147483647;
}

describe('scales of axes', () => {
  it('belt and turning axis by MACHINES section 9; a screw and a correction by hand', () => {
    expect(beltScale(200, 16, 2, 20)).toBe(80);
    expect(turnScale(200, 16, 1)).toBeCloseTo(8.889, 3);
    expect(screwScale(200, 16, 8)).toBe(400);
    expect(correctedScale(80, 200, 192.77)).toBeCloseTo(83, 2);
    expect(teethOf(83, 200, 16, 2)).toMatchObject({ teeth: expect.closeTo(19.277, 3), whole: false });
    expect(teethOf(80, 200, 16, 2).whole).toBe(true);
    expect(teethOf(80.5, 200, 16, 2).whole).toBe(true);
  });
  it('a rectangle sheared by an angle is out of square by it; a wire’s skew; a zero half-way', () => {
    const [a, b, angle] = [300, 200, 0.004];
    const diagonal = (s: number) => Math.hypot(a + s * b * Math.sin(angle), b * Math.cos(angle));
    expect(outOfSquare(diagonal(1) - diagonal(-1), a, b)).toBeCloseTo(angle, 6);
    expect(skewOf(1.5, 600)).toBe(0.0025);
    expect(zeroAfter(2, 40.6, 40)).toBeCloseTo(2.3, 12);
  });
  it('towers lie on the line through both faces, and back; the wire between them by Pythagoras', () => {
    const s = { apart: 900, left: 120, block: 640 };
    const faces = { left: [100, 50] as const, right: [60, 40] as const };
    const towers = toTowers(faces, s);
    // By similar triangles: 40 over 640 is 0.0625 a mm.
    expect(towers.left).toEqual([100 + 120 * 0.0625, 50 + (120 * 10) / 640]);
    expect(towers.right[0]).toBeCloseTo(100 - 780 * 0.0625, 9);
    const back = toFaces(towers, s);
    for (const k of [0, 1] as const) {
      expect(back.left[k]).toBeCloseTo(faces.left[k], 9);
      expect(back.right[k]).toBeCloseTo(faces.right[k], 9);
    }
    expect(wireBetween(800, 60)).toBeCloseTo(802.247, 3);
  });
});

/** Distance of two loops by trying 2000 points along each edge of both. */
function byTrying(a: readonly Pt[], b: readonly Pt[]): number {
  let best = Infinity;
  const on = (l: readonly Pt[], i: number, t: number): Pt => {
    const [p, q] = [l[i]!, l[(i + 1) % l.length]!];
    return [p[0] + t * (q[0] - p[0]), p[1] + t * (q[1] - p[1])];
  };
  for (let i = 0; i < a.length; i++)
    for (let j = 0; j < b.length; j++)
      for (let s = 0; s <= 1; s += 0.05)
        for (let t = 0; t <= 1; t += 0.05) {
          const [p, q] = [on(a, i, s), on(b, j, t)];
          best = Math.min(best, Math.hypot(p[0] - q[0], p[1] - q[1]));
        }
  return best;
}

/** Least sum of a spanning tree, every tree tried (Prüfer's sequences of n − 2 numbers, 1918). */
function leastTree(d: readonly (readonly number[])[]): number {
  const n = d.length;
  if (n === 2) return d[0]![1]!;
  let best = Infinity;
  const code = new Array<number>(n - 2).fill(0);
  for (let c = 0; c < n ** (n - 2); c++) {
    for (let k = 0, rest = c; k < n - 2; k++, rest = Math.floor(rest / n)) code[k] = rest % n;
    const degree = Array.from({ length: n }, (_, i) => 1 + code.filter((x) => x === i).length);
    let sum = 0;
    for (const x of code) {
      const leaf = degree.indexOf(1);
      sum += d[leaf]![x]!;
      degree[leaf] = 0;
      degree[x]!--;
    }
    const [p, q] = degree.flatMap((g, i) => (g === 1 ? [i] : []));
    best = Math.min(best, sum + d[p!]![q!]!);
  }
  return best;
}

describe('slits', () => {
  const sum = (slits: readonly { lengthMm: number }[]) => slits.reduce((a, s) => a + s.lengthMm, 0);
  it('of MACHINES section 9: 25 mm in three; 55 mm', () => {
    const two = slitsOf([0, 0], [square(10, 0, 20), square(40, 0, 20), square(15, 5, 10)]);
    expect(two).toHaveLength(3);
    expect(sum(two)).toBeCloseTo(25, 9);
    const holes = [square(10, 10, 10), square(40, 10, 10), square(10, 40, 10)];
    expect(sum(slitsOf([-5, 30], [square(0, 0, 60), ...holes, square(80, 0, 20)]))).toBeCloseTo(55, 9);
  });
  it('no tree of nearest points is shorter, of 40 seeded fields of up to five loops', () => {
    for (let seed = 1; seed <= 40; seed++) {
      const r = even(seed * 7919);
      const loops = Array.from({ length: 2 + Math.floor(4 * r()) }, (_, i): Pt[] =>
        Array.from({ length: 3 + Math.floor(5 * r()) }, (_, k): Pt => {
          const a = (2 * Math.PI * k) / 8;
          const size = 5 + 10 * r();
          return [60 * (i % 3) + size * Math.cos(a), 60 * Math.floor(i / 3) + size * Math.sin(a)];
        }),
      );
      const entry: Pt = [-30, 80 * r()];
      const all = [[entry], ...loops];
      const d = all.map((a) => all.map((b) => (a === b ? 0 : nearestOf(boxed(a), boxed(b))!.distance)));
      expect(sum(slitsOf(entry, loops)), `seed ${seed}`).toBeCloseTo(leastTree(d), 9);
      expect(d[1]![2]!, `seed ${seed}`).toBeLessThanOrEqual(byTrying(loops[0]!, loops[1]!) + 1e-9);
      expect(d[1]![2]!, `seed ${seed}`).toBeGreaterThan(byTrying(loops[0]!, loops[1]!) - 1.5);
    }
  });
  it('boxes round runs change no answer: a long loop against a small one, point by point', () => {
    const round: Pt[] = Array.from({ length: 500 }, (_, i) => [
      100 * Math.cos((i * Math.PI) / 250),
      100 * Math.sin((i * Math.PI) / 250),
    ]);
    const small = square(20, 40, 7);
    const plain = Math.min(...small.map(([x, y]) => 100 * Math.cos(Math.PI / 500) - Math.hypot(x, y)));
    expect(nearestOf(boxed(round), boxed(small))!.distance).toBeCloseTo(plain, 1);
    expect(nearestOf(boxed(round), boxed(small), 1)).toBeNull();
  });
  it('one way round all: each loop once and whole, each slit in and out, what hangs on a loop before it closes, home at the end', () => {
    const loops = [
      square(0, 0, 60),
      square(10, 10, 10),
      square(40, 10, 10),
      square(10, 40, 10),
      square(80, 0, 20),
    ];
    const entry: Pt = [-5, 30];
    const slits = slitsOf(entry, loops);
    const tour = tourOf(entry, loops, slits);
    expect(tour[0]!.at).toEqual(entry);
    expect(tour.at(-1)!.at).toEqual(entry);
    const length = loops.map(() => 0);
    const crossed = slits.map(() => 0);
    tour.slice(1).forEach((s, i) => {
      const run = Math.hypot(s.at[0] - tour[i]!.at[0], s.at[1] - tour[i]!.at[1]);
      if (s.along.kind === 'loop') length[s.along.loop]! += run;
      else crossed[s.along.slit]! += run;
    });
    expect(length.map((l) => Math.round(l * 1e6) / 1e6)).toEqual([240, 40, 40, 40, 80]);
    crossed.forEach((c, i) => expect(c).toBeCloseTo(2 * slits[i]!.lengthMm, 9));
    const last = (k: number) => tour.findLastIndex((s) => s.along.kind === 'loop' && s.along.loop === k);
    for (const hole of [1, 2, 3]) expect(last(hole)).toBeLessThan(last(0));
    // Every way lies on its loop or slit: two steps that follow share an edge or a slit.
    expect(tour.filter((s) => s.along.kind === 'slit').length).toBe(1 + 2 * slits.length);
  });
  it('what hangs low on a loop is done last, whichever way about the loop is given', () => {
    for (const turn of [1, -1]) {
      const big = turn === 1 ? square(0, 0, 100) : square(0, 0, 100).reverse();
      const loops = [big, square(110, 80, 10), square(110, 5, 10)];
      const tour = tourOf([-5, 50], loops, slitsOf([-5, 50], loops));
      const first = (k: number) => tour.findIndex((s) => s.along.kind === 'loop' && s.along.loop === k);
      expect(first(1)).toBeLessThan(first(2));
    }
  });
});
