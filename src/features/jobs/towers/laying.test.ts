import { describe, expect, it } from 'vitest';
import { boxOf, type Pt } from '@/core/numeric/polyline';
import { byItself, copied, loopsOfParts, movedBy, partsOf, withPart, withSlit } from './laying';

const square = (x: number, y: number, s: number): [number, number][] => [
  [x, y],
  [x + s, y],
  [x + s, y + s],
  [x, y + s],
];
const loops = [square(10, 10, 40), square(20, 20, 10), square(80, 15, 20)];
const boxes = (parts: ReturnType<typeof partsOf>) =>
  loopsOfParts(loops, parts).map((l) => {
    const b = boxOf(l.flat());
    return [b.x0, b.y0, b.x1, b.y1];
  });

const slit = (from: Pt, to: Pt) => [from, to] as const;

describe('laying parts out', () => {
  const drawn = partsOf({ loops, parts: null });
  it('begins with the parts of the drawing where they lie, holes with their solids', () => {
    expect(drawn.map((p) => p.loops)).toEqual([[0, 1], [2]]);
    expect(boxes(drawn)).toEqual([
      [10, 10, 50, 50],
      [80, 15, 100, 35],
    ]);
  });
  it('moved, copied, packed; the drawing itself stays', () => {
    const moved = withPart(drawn, 1, movedBy(5, -5));
    expect(boxes(moved)[1]).toEqual([85, 10, 105, 30]);
    expect(boxes(copied(loops, drawn, 0, 6))[2]).toEqual([56, 10, 96, 50]);
    const { parts, left } = byItself(loops, drawn, [100, 60], 5);
    expect(left).toBe(0);
    expect(boxes(parts)).toEqual([
      [5, 5, 45, 45],
      [50, 5, 70, 25],
    ]);
    // The larger one needs 50 mm of it, the smaller one 30.
    expect(byItself(loops, drawn, [45, 60], 5).left).toBe(1);
    expect(partsOf({ loops, parts })).toEqual(parts);
  });
  it('a slit that is put elsewhere keeps its direction, and replaces what was wished of it before', () => {
    const once = withSlit([], slit([0, 30], [10, 30]), [10, 45]);
    expect(once).toEqual([{ from: [0, 45], to: [10, 45] }]);
    const again = withSlit(once, slit([0, 45], [10, 45]), [10, 20]);
    expect(again).toEqual([{ from: [0, 20], to: [10, 20] }]);
    expect(withSlit(once, slit([50, 25], [80, 25]), [80, 30]).length).toBe(2);
  });
});
