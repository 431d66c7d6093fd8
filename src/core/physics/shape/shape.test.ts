import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { CoreFault } from '../../numeric/fault';
import { allowance } from './allowance';
import { headToTail, piecesAcross, taperedAcross } from './blanks';
import { duplicatePoint, selfCrossing } from './crossing';
import { grow, leavable } from './grow';
import { nacaSection } from './naca';
import { mirrored, placed, tailRise, twistOf } from './place';
import {
  apart,
  arcs,
  boxOf,
  lengthOf,
  nearest,
  partOf,
  pointAt,
  signedArea,
  type Pt,
} from '../../numeric/polyline';
import { arcAtShare, monotone, surfacesOf } from './surfaces';
import {
  anchorFor,
  anchoredRatio,
  armRadius,
  correctedRadius,
  lineAt,
  stretchAcross,
  taperBulge,
} from './taper';

const circle = (r: number, n = 720): Pt[] =>
  Array.from({ length: n }, (_, i): Pt => [
    r * Math.cos((2 * Math.PI * i) / n),
    r * Math.sin((2 * Math.PI * i) / n),
  ]);
const square: Pt[] = [[10, 10], [-10, 10], [-10, -10], [10, -10]]; // prettier-ignore

describe('worked values of PHYSICS section 11.8', () => {
  it('swing arm: paths 320 and 200, tip radius 150, root 240', () => {
    expect(armRadius(150, 200, 320)).toBeCloseTo(240, 9);
    expect(correctedRadius(240, 320, 300)).toBeCloseTo(256, 9);
  });
  it('anchored: D 1500, span 600: 0.6; the quarter line of 240 measures 36 at the far face', () => {
    expect(anchoredRatio(1500, 600)).toBeCloseTo(0.6, 12);
    expect(0.25 * 240 * anchoredRatio(1500, 600)).toBeCloseTo(36, 9);
    expect(anchorFor(0.6, 600)).toBeCloseTo(1500, 9);
    expect(anchorFor(1, 600)).toBeNull();
  });
  it('towers: root (0,0) at 100, tip (30,5) at 700, towers at 0 and 900: −5 and 40 in x', () => {
    expect(lineAt(0, 100, 30, 700, 0)).toBeCloseTo(-5, 12);
    expect(lineAt(0, 100, 30, 700, 900)).toBeCloseTo(40, 12);
    expect(stretchAcross(900, 45)).toBeCloseTo(Math.sqrt(900 ** 2 + 45 ** 2) - 900, 12);
  });
  it('twist: chord 150 about a quarter, 2°: the tail rises 3.93', () => {
    expect(tailRise(150, 0.25, 2)).toBeCloseTo(3.93, 2);
    const turned = placed([[1, 0]], {
      chord: 150,
      thicknessScale: 1,
      twistDeg: 2,
      about: [0.25, 0],
      offset: [0, 0],
    });
    expect(turned[0]![1]).toBeCloseTo(3.93, 2);
    expect(twistOf(150, 0, 150 * Math.sin((2 * Math.PI) / 180))).toBeCloseTo(2, 9);
  });
  it('stations: NACA 0012, ten a side: the first tenth has 1.16 times its length, the first fiftieth 1.62', () => {
    const { top } = surfacesOf(nacaSection('0012', 400));
    expect(arcAtShare(top, 0.1) / 0.1).toBeCloseTo(1.16, 2);
    expect(arcAtShare(top, 0.02) / 0.02).toBeCloseTo(1.62, 2);
  });
  it('bulge: kerfs 0.774 and 1.462, 1.038 at the mean feed: 0.040 a side', () => {
    expect(taperBulge(0.774, 1.462, 1.038)).toBeCloseTo(0.04, 3);
  });
});

describe('growing', () => {
  it('a circle of R by g is R+g, and shrunk R−g, within 0.005', () => {
    for (const [r, g] of [
      [40, 0.5],
      [5, 3],
      [120, 0.02],
      [30, -4],
    ] as const)
      for (const p of grow(circle(r), g)) expect(Math.abs(Math.hypot(...p) - (r + g))).toBeLessThan(0.005);
  });
  it('a square’s corners are round outside; shrinking leaves them sharp', () => {
    const out = grow(square, 2);
    const corner = nearest([...out, out[0]!], [12, 12]);
    expect(corner.distance).toBeCloseTo(2 * Math.SQRT2 - 2, 2);
    expect(boxOf(out).x1).toBeCloseTo(12, 4);
    const small = grow(square, -2);
    expect(small.some((p) => apart(p, [8, 8]) < 1e-4)).toBe(true);
  });
  it('grown then shrunk, an inside corner comes back with radius g, within 0.02', () => {
    const notch: Pt[] = [[20, 20], [0, 20], [0, 0], [40, 0], [40, 10], [20, 10]]; // prettier-ignore
    const g = 3;
    const back = leavable(notch, g);
    // The inside corner at (20, 10): its rounding has its centre a radius from both faces.
    const near = nearest([...back, back[0]!], [20, 10]);
    expect(near.distance).toBeCloseTo(g * (Math.SQRT2 - 1), 1);
    const centre: Pt = [20 + g, 10 + g];
    const round = back.filter((p) => p[0] > 20.1 && p[0] < 22.9 && p[1] > 10.1 && p[1] < 12.9);
    expect(round.length).toBeGreaterThan(3);
    for (const p of round) expect(Math.abs(apart(p, centre) - g)).toBeLessThan(0.02);
  });
  it('never inverts or crosses itself over 500 random sections', () => {
    const codes = fc
      .tuple(fc.integer({ min: 0, max: 6 }), fc.integer({ min: 2, max: 7 }), fc.integer({ min: 4, max: 24 }))
      .map(([m, p, t]) => `${m}${m === 0 ? 0 : p}${String(t).padStart(2, '0')}`);
    const wavy = fc
      .array(fc.double({ min: 0.35, max: 1, noNaN: true }), { minLength: 6, maxLength: 40 })
      .map((rs) =>
        rs.map((r, i): Pt => [
          50 * r * Math.cos((2 * Math.PI * i) / rs.length),
          50 * r * Math.sin((2 * Math.PI * i) / rs.length),
        ]),
      );
    const any = fc.oneof(
      fc
        .tuple(codes, fc.double({ min: 30, max: 400, noNaN: true }))
        .map(([c, chord]) => nacaSection(c, 60).map(([x, y]): Pt => [x * chord, y * chord])),
      wavy,
    );
    fc.assert(
      fc.property(any, fc.double({ min: -1, max: 3, noNaN: true }), (loop, g) => {
        let out: Pt[];
        try {
          out = grow(loop, g);
        } catch (e) {
          // Only a section thinner than what is taken off all round may vanish.
          expect(e).toBeInstanceOf(CoreFault);
          const box = boxOf(loop);
          expect(box.y1 - box.y0).toBeLessThan(-2.5 * g);
          return;
        }
        expect(Math.sign(signedArea(out))).toBe(Math.sign(signedArea(loop)));
        expect(selfCrossing(out)).toBeNull();
        if (g > 1e-3) expect(Math.abs(signedArea(out))).toBeGreaterThan(Math.abs(signedArea(loop)));
        if (g < -1e-3) expect(Math.abs(signedArea(out))).toBeLessThan(Math.abs(signedArea(loop)));
      }),
      { numRuns: 500, seed: 20261125 },
    );
  });
  it('says so where nothing is left', () => {
    expect(() => grow(square, -11)).toThrow(/growMm/);
  });
});

describe('allowance', () => {
  const base = { slot: 1.2, diameter: 0.5, pinnedTo: 'core', firstCut: 'bottom', round: 'outside' } as const;
  it('pinned to the core each edge grows by (w − d)/2; inside it shrinks by as much', () => {
    expect(allowance(base)).toMatchObject({ top: 0.35, bottom: 0.35, low: 0 });
    expect(allowance({ ...base, round: 'inside' })).toMatchObject({ top: -0.35, bottom: -0.35 });
  });
  it('pinned to the block: lower cut first, nothing and (w − d)/2 low; upper first, it would lose w', () => {
    expect(allowance({ ...base, pinnedTo: 'block-bottom' })).toEqual({ top: 0, bottom: 0, low: 0.35, loss: 0 });
    const upper = allowance({ ...base, pinnedTo: 'block-bottom', firstCut: 'top' });
    expect(upper.loss).toBe(1.2);
    expect(upper.top + upper.bottom).toBeCloseTo(1.2, 12);
  });
  it('a kerf no wider than the wire grows nothing', () => {
    for (const slot of [0, 0.3, 0.5]) expect(allowance({ ...base, slot })).toMatchObject({ top: 0, bottom: 0 });
  });
});

describe('lines', () => {
  const line: Pt[] = [[0, 0], [3, 4], [3, 10]]; // prettier-ignore
  it('arcs, points and parts', () => {
    expect([...arcs(line)]).toEqual([0, 5, 11]);
    expect(lengthOf(line)).toBe(11);
    expect(pointAt(line, arcs(line), 8)).toEqual([3, 7]);
    expect(partOf(line, 2.5, 8)).toEqual([
      [1.5, 2],
      [3, 4],
      [3, 7],
    ]);
    expect(partOf(line, 8, 2.5)).toEqual([
      [3, 7],
      [3, 4],
      [1.5, 2],
    ]);
    expect(nearest(line, [5, 6])).toMatchObject({ arc: 7, distance: 2 });
  });
  it('finds a crossing and a twin', () => {
    expect(
      selfCrossing([
        [0, 0],
        [4, 4],
        [4, 0],
        [0, 4],
      ]),
    ).toEqual([2, 2]);
    expect(selfCrossing(square)).toBeNull();
    expect(
      duplicatePoint(
        [
          [0, 0],
          [1, 0],
          [1, 0],
          [0, 1],
        ],
        1e-9,
      ),
    ).toBe(2);
  });
  it('parts a loop at its nose and tail, both surfaces from the nose', () => {
    for (const code of ['0012', '4412', '23012']) {
      const { top, bottom } = surfacesOf(nacaSection(code));
      expect(top[0]).toEqual(bottom[0]);
      expect(monotone(top) && monotone(bottom), code).toBe(true);
      expect(top.at(-1)![1]).toBeGreaterThan(bottom.at(-1)![1]);
    }
    const box = surfacesOf([
      [1, 0.2],
      [0, 0.2],
      [0, -0.2],
      [1, -0.2],
    ]);
    expect(box.top).toEqual([
      [0, 0],
      [0, 0.2],
      [1, 0.2],
    ]);
    const half = surfacesOf([
      [1, 0],
      [0.5, 0.5],
      [0, 0],
    ]);
    expect(half.bottom).toEqual([
      [0, 0],
      [1, 0],
    ]);
    expect(box.bottom).toEqual([
      [0, 0],
      [0, -0.2],
      [1, -0.2],
    ]);
  });
  it('a mirror core has the same area, the other way up', () => {
    const loop = nacaSection('4415');
    const other = mirrored(loop, 0);
    expect(signedArea(other)).toBeCloseTo(signedArea(loop), 12);
    expect(boxOf(other).y0).toBeCloseTo(-boxOf(loop).y1, 12);
  });
});

describe('blanks of a board', () => {
  it('floor((W + w)/(c + w)), checked by laying them out', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 100, max: 2000, noNaN: true }),
        fc.double({ min: 20, max: 300, noNaN: true }),
        fc.double({ min: 0, max: 5, noNaN: true }),
        (board, piece, slot) => {
          let at = 0;
          let n = 0;
          while (at + piece <= board + 1e-9) {
            at += piece + slot;
            n++;
          }
          expect(piecesAcross(board, piece, slot)).toBe(n);
        },
      ),
      { seed: 7 },
    );
  });
  it('tapered ones head to tail save board', () => {
    expect(headToTail(195, 135, 1, 15)).toBe(347);
    expect(taperedAcross(700, 195, 135, 1, 15)).toMatchObject({ pairs: 2, odd: 0, pieces: 4 });
    expect(piecesAcross(700, 210, 1)).toBe(3);
  });
});
