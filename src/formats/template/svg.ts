import type { PrintedPiece, TemplatePiece } from '@/core/engine/template/pieces';
import { boxOf, type Pt } from '@/core/numeric/polyline';

/** Space about a drawing and the side of the check square, mm. */
export const PAGE_MARGIN = 8;
export const CHECK_MM = 100;
export const AT_FULL_SIZE = 'print at 100 %, never fitted to the page';

const esc = (s: string) =>
  s.replace(/[&<>"]/g, (c) => ({ '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;' })[c]!);
const n = (v: number) => Number(v.toFixed(4));

/** What a piece takes on paper, mm: its outline, its marks, and the check square beside it. */
export function extentOf(piece: PrintedPiece): ReturnType<typeof boxOf> {
  return boxOf([...piece.outline, ...piece.marks.flatMap((m) => [m.from, m.to])]);
}

/** A template as SVG at full size: millimetres, y turned down; cut lines and marks in groups of their own, a 100 mm square to check by. */
export function templateSvg(piece: TemplatePiece): string {
  const b = extentOf(piece);
  const width = Math.max(b.x1 - b.x0, CHECK_MM) + 2 * PAGE_MARGIN;
  const height = b.y1 - b.y0 + CHECK_MM + 4 * PAGE_MARGIN;
  const x = (v: number) => n(v - b.x0 + PAGE_MARGIN);
  const y = (v: number) => n(b.y1 - v + PAGE_MARGIN);
  const line = (a: Pt, c: Pt) => `<line x1="${x(a[0])}" y1="${y(a[1])}" x2="${x(c[0])}" y2="${y(c[1])}"/>`;
  const square = b.y1 - b.y0 + 3 * PAGE_MARGIN;
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" width="${n(width)}mm" height="${n(height)}mm" viewBox="0 0 ${n(width)} ${n(height)}">`,
    `<title>${esc(piece.label.join(', '))}</title>`,
    '<g id="cut" fill="none" stroke="#000" stroke-width="0.2">',
    `<path d="M${piece.outline.map((p) => `${x(p[0])} ${y(p[1])}`).join('L')}Z"/>`,
    ...piece.holes.map((h) => `<circle cx="${x(h.at[0])}" cy="${y(h.at[1])}" r="${h.radius}"/>`),
    '</g>',
    '<g id="marks" fill="none" stroke="#666" stroke-width="0.15">',
    ...piece.marks.map((m) => line(m.from, m.to)),
    '</g>',
    '<g id="words" font-family="sans-serif" font-size="3" fill="#000">',
    ...piece.marks
      .filter((m) => m.text !== '')
      .map((m) => {
        const at = textAt(m.from, m.to);
        return `<text x="${x(at[0])}" y="${n(y(at[1]) + 1)}" text-anchor="middle">${esc(m.text)}</text>`;
      }),
    ...piece.label.map(
      (l, i) => `<text x="${x(piece.labelAt[0])}" y="${n(y(piece.labelAt[1]) + i * 4)}">${esc(l)}</text>`,
    ),
    '</g>',
    `<g id="check" fill="none" stroke="#000" stroke-width="0.2"><rect x="${PAGE_MARGIN}" y="${n(square)}" width="${CHECK_MM}" height="${CHECK_MM}"/></g>`,
    `<text x="${PAGE_MARGIN + 4}" y="${n(square + 8)}" font-family="sans-serif" font-size="4">100 mm, to be checked; ${AT_FULL_SIZE}</text>`,
    '</svg>',
  ].join('\n');
}

/** Where the words of a mark stand: beyond its end; of a long line, beside its middle. */
export function textAt(from: Pt, to: Pt): Pt {
  const run = Math.hypot(to[0] - from[0], to[1] - from[1]) || 1;
  if (run > 20) return [from[0] + 0.5 * (to[0] - from[0]), from[1] + 0.5 * (to[1] - from[1]) + 1.5];
  return [to[0] + (2.6 * (to[0] - from[0])) / run, to[1] + (2.6 * (to[1] - from[1])) / run];
}
