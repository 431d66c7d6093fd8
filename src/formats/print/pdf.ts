import fs from 'node:fs';
import path from 'node:path';

/** Points of a millimetre. */
export const MM = 72 / 25.4;
const FACES = path.join('node_modules', '@fontsource', 'barlow-semi-condensed', 'files');
const face = (weight: 400 | 600) =>
  fs.readFileSync(path.resolve(FACES, `barlow-semi-condensed-latin-${weight}-normal.woff`));

/** The face has no ohm and no primes: they are said in letters. */
export function plain(text: string): string {
  return text.replaceAll('Ω', 'ohm').replaceAll('\u202f', ' ').replaceAll('\u00a0', ' ');
}

/**
 * A page begun: `put` sets text at mm and gives the y below it; `finish` ends it and gives the bytes. The same input, the same bytes. What
 * writes it is loaded with the first one: what only shows a rig does without.
 */
export async function startPdf(title: string, page: { readonly width: number; readonly height: number }) {
  const { default: PDFDocument } = await import('pdfkit');
  const pdf = new PDFDocument({
    size: [page.width * MM, page.height * MM],
    margin: 0,
    info: { Title: title, Producer: 'Upwind Rod', Creator: 'Upwind Rod', CreationDate: new Date(0) },
  });
  const chunks: Buffer[] = [];
  const done = new Promise<Buffer>((resolve, reject) => {
    pdf.on('data', (c: Buffer) => chunks.push(c));
    pdf.on('end', () => resolve(Buffer.concat(chunks)));
    pdf.on('error', reject);
  });
  pdf.registerFont('plain', face(400));
  pdf.registerFont('bold', face(600));
  const put = (text: string, x: number, y: number, size: number, font: 'plain' | 'bold', width: number) => {
    pdf
      .font(font)
      .fontSize(size)
      .text(plain(text), x * MM, y * MM, { width: width * MM });
    return pdf.y / MM;
  };
  const rule = (x: number, y: number, width: number) => {
    pdf
      .moveTo(x * MM, y * MM)
      .lineTo((x + width) * MM, y * MM)
      .lineWidth(0.3)
      .stroke('#C6D0CD');
  };
  const next = (size = page) => void pdf.addPage({ size: [size.width * MM, size.height * MM], margin: 0 });
  return { pdf, put, rule, next, finish: () => (pdf.end(), done) };
}
