import type { WiringLine } from '@/core/words/wiring';
import type { Drawing } from '../wiring/drawing';
import { MM, plain, startPdf } from './pdf';

/** What stands on a wiring sheet. */
export interface WiringSheet {
  readonly title: string;
  readonly drawing: Drawing;
  readonly lines: readonly WiringLine[];
  /** Why it must not be built as it stands; stands first and large. */
  readonly stops: readonly string[];
  readonly cautions: readonly string[];
}

const PAGE = { width: 210, height: 297, margin: 15 };
/** A wiring sheet as PDF, A4, with drawing, list and cautions; the same input gives the same bytes. Needs Node. */
export async function wiringPdf(sheet: WiringSheet): Promise<Buffer> {
  const { pdf, put: set, rule, finish } = await startPdf(sheet.title, PAGE);
  const wide = PAGE.width - 2 * PAGE.margin;
  const put = (
    text: string,
    x: number,
    y: number,
    size: number,
    font: 'plain' | 'bold' = 'plain',
    width = wide,
  ) => set(text, x, y, size, font, width);
  let y = put(sheet.title, PAGE.margin, PAGE.margin, 18, 'bold') + 3;
  for (const stop of sheet.stops) {
    pdf.fillColor('#A3161A');
    y = put(`Do not build it as it stands: ${stop}`, PAGE.margin, y, 11, 'bold') + 1;
    pdf.fillColor('#16211F');
  }
  draw(pdf, sheet.drawing, PAGE.margin, y);
  y += sheet.drawing.height + 5;
  for (const line of sheet.lines) {
    const a = put(line.part, PAGE.margin, y, 10, 'bold', 38);
    const b = put(line.size, PAGE.margin + 40, y, 10, 'plain', 55);
    const c = put(line.mind, PAGE.margin + 98, y, 10, 'plain', wide - 98);
    y = Math.max(a, b, c) + 1.2;
    rule(PAGE.margin, y - 0.6, wide);
  }
  y += 3;
  for (const caution of sheet.cautions) y = put(caution, PAGE.margin, y, 9.5) + 0.8;
  return finish();
}

function draw(pdf: PDFKit.PDFDocument, d: Drawing, x0: number, y0: number): void {
  const px = (x: number) => (x0 + x) * MM;
  const py = (y: number) => (y0 + y) * MM;
  const pen = (width: number, dash?: readonly number[]) => {
    pdf.lineWidth(width * MM).strokeColor('#16211F');
    if (dash) pdf.dash(dash[0]! * MM, { space: dash[1]! * MM });
    else pdf.undash();
  };
  for (const s of d.shapes) {
    if (s.is === 'line') {
      pen(s.width, s.dash);
      s.points.forEach(([x, y], i) => (i === 0 ? pdf.moveTo(px(x), py(y)) : pdf.lineTo(px(x), py(y))));
      pdf.stroke();
    } else if (s.is === 'rect') {
      pen(s.width, s.dash);
      pdf.rect(px(s.x), py(s.y), s.w * MM, s.h * MM).fillAndStroke('#FFFFFF', '#16211F');
    } else if (s.is === 'circle') {
      pen(s.width);
      pdf.circle(px(s.x), py(s.y), s.r * MM);
      if (s.fill) pdf.fillAndStroke('#16211F', '#16211F');
      else pdf.stroke();
    } else {
      const size = s.size * MM;
      pdf
        .font(s.bold ? 'bold' : 'plain')
        .fontSize(size)
        .fillColor('#16211F');
      const wide = pdf.widthOfString(plain(s.text));
      const at = s.anchor === 'middle' ? px(s.x) - wide / 2 : s.anchor === 'end' ? px(s.x) - wide : px(s.x);
      pdf.text(plain(s.text), at, py(s.y) - 0.78 * size, { lineBreak: false });
    }
  }
  pdf.undash();
}
