/** Paper that templates are printed on, mm. */
export const PAPERS = {
  a4: { width: 210, height: 297 },
  a3: { width: 297, height: 420 },
  letter: { width: 215.9, height: 279.4 },
} as const;
export type Paper = keyof typeof PAPERS;

/** Edge that printers leave white, and what neighbouring pages have in common, mm. Ours. */
export const EDGE = 10;
export const OVERLAP = 12;

/** One page of a drawing: its row and column, and where the drawing's own 0, 0 stands on it. */
export interface Tile {
  readonly row: number;
  readonly column: number;
  /** Window of the drawing that this page shows, mm of the drawing from its upper left corner. */
  readonly x: number;
  readonly y: number;
}
export interface Tiling {
  readonly page: { readonly width: number; readonly height: number };
  readonly window: { readonly width: number; readonly height: number };
  readonly rows: number;
  readonly columns: number;
  readonly tiles: readonly Tile[];
}

/** Pages that a drawing of a size takes, upright or across, whichever is fewer. */
export function tilingOf(width: number, height: number, paper: Paper): Tiling {
  const p = PAPERS[paper];
  const upright = laid(width, height, p.width, p.height);
  const across = laid(width, height, p.height, p.width);
  return across.tiles.length < upright.tiles.length ? across : upright;
}

function laid(width: number, height: number, pageWidth: number, pageHeight: number): Tiling {
  const w = pageWidth - 2 * EDGE;
  const h = pageHeight - 2 * EDGE;
  const count = (size: number, shown: number) =>
    size <= shown ? 1 : Math.ceil((size - OVERLAP) / (shown - OVERLAP) - 1e-9);
  const columns = count(width, w);
  const rows = count(height, h);
  return {
    page: { width: pageWidth, height: pageHeight },
    window: { width: w, height: h },
    rows,
    columns,
    tiles: Array.from({ length: rows * columns }, (_, i) => {
      const row = Math.floor(i / columns);
      const column = i % columns;
      return { row, column, x: column * (w - OVERLAP), y: row * (h - OVERLAP) };
    }),
  };
}
