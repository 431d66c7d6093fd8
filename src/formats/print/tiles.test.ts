import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { EDGE, OVERLAP, PAPERS, tilingOf, type Paper } from './tiles';

describe('tiling', () => {
  it('covers every place of a drawing, neighbours having the overlap in common, on as few pages as it can', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 5, max: 2500, noNaN: true }),
        fc.double({ min: 5, max: 900, noNaN: true }),
        fc.constantFrom<Paper>('a4', 'a3', 'letter'),
        (width, height, paper) => {
          const t = tilingOf(width, height, paper);
          const sides = [t.page.width, t.page.height].sort((a, b) => a - b);
          expect(sides).toEqual([PAPERS[paper].width, PAPERS[paper].height]);
          expect(t.window).toEqual({ width: t.page.width - 2 * EDGE, height: t.page.height - 2 * EDGE });
          const last = t.tiles[t.tiles.length - 1]!;
          expect(last.x + t.window.width).toBeGreaterThanOrEqual(width - 1e-6);
          expect(last.y + t.window.height).toBeGreaterThanOrEqual(height - 1e-6);
          for (const tile of t.tiles) {
            if (tile.column > 0) {
              const before = t.tiles.find((o) => o.row === tile.row && o.column === tile.column - 1)!;
              expect(before.x + t.window.width - tile.x).toBeCloseTo(OVERLAP, 9);
            }
            // No page is empty: something of the drawing lies beyond what its neighbour shows.
            expect(tile.x === 0 || tile.x + OVERLAP < width).toBe(true);
            expect(tile.y === 0 || tile.y + OVERLAP < height).toBe(true);
          }
        },
      ),
      { seed: 11 },
    );
  });
  it('a drawing that fits takes one page, turned if that is what it takes', () => {
    expect(tilingOf(190, 277, 'a4').tiles).toHaveLength(1);
    const across = tilingOf(277, 100, 'a4');
    expect(across.tiles).toHaveLength(1);
    expect(across.page.width).toBe(297);
  });
});
