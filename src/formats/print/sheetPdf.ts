import type { SheetPart } from '@/core/words/sheet';
import { startPdf } from './pdf';

const PAGE = { width: 210, height: 297, margin: 14 };
/** Largest type first; the first that puts everything on one page is taken. */
const SIZES = [11, 10.5, 10, 9.5, 9, 8.5, 8];

/** A rig's sheet as PDF, one A4 page; `stops` say first why it must not be used as it stands. Needs Node. */
export async function sheetPdf(sheet: {
  readonly title: string;
  readonly note: string;
  readonly parts: readonly SheetPart[];
  readonly stops: readonly string[];
  readonly cautions: readonly string[];
  readonly day: string;
}): Promise<Buffer> {
  for (const size of SIZES) {
    const { bytes, bottom } = await draw(sheet, size);
    if (bottom <= PAGE.height - PAGE.margin || size === SIZES[SIZES.length - 1]) return bytes;
  }
  throw new Error('no size of type');
}

async function draw(
  sheet: Parameters<typeof sheetPdf>[0],
  size: number,
): Promise<{ bytes: Buffer; bottom: number }> {
  const { pdf, put, rule, finish } = await startPdf(sheet.title, PAGE);
  const { margin } = PAGE;
  const wide = PAGE.width - 2 * margin;
  let y = put(sheet.title, margin, margin, 1.8 * size, 'bold', wide) + 1;
  if (sheet.note) y = put(sheet.note.slice(0, 300), margin, y, size, 'plain', wide) + 1;
  for (const stop of sheet.stops) {
    pdf.fillColor('#A3161A');
    y = put(`Do not power it as it stands: ${stop}`, margin, y, size, 'bold', wide) + 1;
    pdf.fillColor('#16211F');
  }
  for (const part of sheet.parts) {
    y = put(part.head, margin, y + 0.25 * size, 1.25 * size, 'bold', wide) + 0.8;
    for (const [what, value, mind] of part.lines) {
      rule(margin, y, wide);
      y += 0.6;
      const a = put(what, margin, y, size, 'plain', 32);
      const b = put(value, margin + 34, y, size, 'bold', 58);
      const c = mind ? put(mind, margin + 95, y, size, 'plain', wide - 95) : 0;
      y = Math.max(a, b, c) + 0.4;
    }
  }
  rule(margin, y, wide);
  y += 0.3 * size;
  for (const caution of sheet.cautions) y = put(caution, margin, y, size, 'plain', wide) + 0.3;
  y = put(`Printed ${sheet.day}.`, margin, y + 1, 0.85 * size, 'plain', wide);
  return { bytes: await finish(), bottom: y };
}
