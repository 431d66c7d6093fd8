import fs from 'node:fs';
import path from 'node:path';
import { describe, expect, it } from 'vitest';
import { boxOf, signedArea } from '@/core/numeric/polyline';
import { lacking, loopsOf, readFont, textLoops } from './outlines';

const file = fs.readFileSync(
  path.resolve(
    'node_modules/@fontsource/barlow-semi-condensed/files/barlow-semi-condensed-latin-700-normal.woff',
  ),
);
const font = readFont(file.buffer.slice(file.byteOffset, file.byteOffset + file.byteLength) as ArrayBuffer);

describe('text as outlines', () => {
  it('capitals as high as asked, holes where letters have them', () => {
    const h = textLoops(font, 'H', 100)!;
    const box = boxOf(h.flat());
    expect(h.length).toBe(1);
    expect(box.y1 - box.y0).toBeCloseTo(100, 0);
    expect(box.y0).toBeCloseTo(0, 1);
    const solids = (text: string) => textLoops(font, text, 50)!.filter((l) => signedArea(l) > 0).length;
    const holes = (text: string) => textLoops(font, text, 50)!.filter((l) => signedArea(l) < 0).length;
    // Counted by hand: O and A have one hole, B two, i two parts.
    expect([solids('OAK'), holes('OAK')]).toEqual([3, 2]);
    expect([solids('B'), holes('B')]).toEqual([1, 2]);
    expect([solids('i'), holes('i')]).toEqual([2, 0]);
    expect(textLoops(font, '  ', 50)).toBeNull();
    expect(lacking(font, 'OAK Ж Ж 木')).toEqual(['Ж', '木']);
  });
  it('two lines stand under one another', () => {
    const two = boxOf(textLoops(font, 'H\nH', 40)!.flat());
    expect(two.y0).toBeLessThan(-10);
    expect(two.y1).toBeCloseTo(40, 0);
  });
  it('curves are followed to 0.02 mm: a quarter of a circle drawn as a cubic, by its own formula', () => {
    const k = 0.5522847498;
    const arc = loopsOf(
      [
        { type: 'M', x: 100, y: 0 },
        { type: 'C', x1: 100, y1: 100 * k, x2: 100 * k, y2: 100, x: 0, y: 100 },
        { type: 'L', x: 0, y: 0 },
        { type: 'Z' },
      ],
      1,
    )[0]!;
    // The middle of each chord against the circle; the cubic itself leaves that by 0.027 % of its radius.
    const on = arc.filter(([x, y]) => Math.hypot(x, y) > 50);
    for (let i = 1; i < on.length; i++) {
      const [a, b] = [on[i - 1]!, on[i]!];
      expect(Math.abs(Math.hypot((a[0] + b[0]) / 2, (a[1] + b[1]) / 2) - 100)).toBeLessThan(0.02 + 0.028);
    }
    expect(on.length).toBeGreaterThan(8);
  });
});
