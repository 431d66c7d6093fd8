import type { PrintedPiece } from '@/core/engine/template/pieces';
import type { Pt } from '@/core/numeric/polyline';
import { AT_FULL_SIZE, CHECK_MM, extentOf, textAt } from '../template/svg';
import { MM, plain, startPdf } from './pdf';
import { EDGE, OVERLAP, PAPERS, tilingOf, type Paper, type Tile, type Tiling } from './tiles';

/** What stands on the first page beside the check square: lines of text, the mounting of both ends among them. */
export interface TemplatePrint {
  readonly title: string;
  readonly pieces: readonly PrintedPiece[];
  readonly lines: readonly string[];
  readonly paper: Paper;
}
type Pdf = Awaited<ReturnType<typeof startPdf>>;

/** Templates at full size: a first page with a 100 mm square to check by, then each piece over as many pages as it takes. Needs Node. */
export async function templatePdf(print: TemplatePrint): Promise<Buffer> {
  const page = PAPERS[print.paper];
  const pdf = await startPdf(print.title, page);
  const wide = page.width - 2 * 14;
  let y = pdf.put(print.title, 14, 14, 20, 'bold', wide) + 2;
  y = pdf.put(`At full size: ${AT_FULL_SIZE}.`, 14, y, 14, 'bold', wide) + 3;
  pdf.pdf
    .rect(14 * MM, y * MM, CHECK_MM * MM, CHECK_MM * MM)
    .lineWidth(0.2 * MM)
    .stroke('#16211F');
  pdf.put(
    'Each side must measure 100 mm. If it does not, throw these sheets away and print again.',
    20,
    y + 6,
    11,
    'plain',
    88,
  );
  y += CHECK_MM + 5;
  for (const line of print.lines) y = pdf.put(line, 14, y, 11, 'plain', wide) + 1;
  for (const piece of print.pieces) pages(pdf, piece, print.paper);
  return pdf.finish();
}

function pages(pdf: Pdf, piece: PrintedPiece, paper: Paper): void {
  const b = extentOf(piece);
  const tiling = tilingOf(b.x1 - b.x0, b.y1 - b.y0, paper);
  for (const tile of tiling.tiles) {
    pdf.next(tiling.page);
    const at = ([x, y]: Pt): Pt => [(EDGE + x - b.x0 - tile.x) * MM, (EDGE + b.y1 - y - tile.y) * MM];
    const { pdf: d } = pdf;
    d.save();
    d.rect(EDGE * MM, EDGE * MM, tiling.window.width * MM, tiling.window.height * MM).clip();
    path(d, piece.outline.map(at), true);
    d.lineWidth(0.2 * MM).stroke('#000000');
    for (const h of piece.holes) {
      const [x, y] = at(h.at);
      d.circle(x, y, h.radius * MM).stroke('#000000');
    }
    for (const m of piece.marks) {
      path(d, [at(m.from), at(m.to)], false);
      d.lineWidth(0.15 * MM).stroke('#38566B');
      if (m.text === '') continue;
      const [x, y] = at(textAt(m.from, m.to));
      d.font('plain')
        .fontSize(8)
        .fillColor('#16211F')
        .text(plain(m.text), x - 20, y - 4, { width: 40, align: 'center' });
    }
    piece.label.forEach((l, i) => {
      const [x, y] = at(piece.labelAt);
      d.font(i === 0 ? 'bold' : 'plain')
        .fontSize(9)
        .text(plain(l), x, y + i * 11, { lineBreak: false });
    });
    d.restore();
    joining(pdf, tiling, tile);
    const name = `${piece.label[0]}, sheet ${String.fromCharCode(65 + tile.row)}${tile.column + 1} of ${tiling.rows * tiling.columns}; ${AT_FULL_SIZE}`;
    pdf.put(name, EDGE, 3, 8, 'plain', tiling.window.width);
  }
}

function path(d: PDFKit.PDFDocument, points: readonly Pt[], closed: boolean): void {
  points.forEach(([x, y], i) => (i === 0 ? d.moveTo(x, y) : d.lineTo(x, y)));
  if (closed) d.closePath();
}

/** Crosses in the middle of what two sheets have in common: lay cross on cross. */
function joining(pdf: Pdf, tiling: Tiling, tile: Tile): void {
  const { window } = tiling;
  const half = OVERLAP / 2;
  const cross = (x: number, y: number) => {
    const d = pdf.pdf;
    d.moveTo((x - 3) * MM, y * MM).lineTo((x + 3) * MM, y * MM);
    d.moveTo(x * MM, (y - 3) * MM).lineTo(x * MM, (y + 3) * MM);
    d.lineWidth(0.2).stroke('#A3161A');
  };
  const xs = [0.2, 0.8].map((s) => EDGE + s * window.width);
  const ys = [0.2, 0.8].map((s) => EDGE + s * window.height);
  if (tile.column > 0) ys.forEach((y) => cross(EDGE + half, y));
  if (tile.column < tiling.columns - 1) ys.forEach((y) => cross(EDGE + window.width - half, y));
  if (tile.row > 0) xs.forEach((x) => cross(x, EDGE + half));
  if (tile.row < tiling.rows - 1) xs.forEach((x) => cross(x, EDGE + window.height - half));
}
