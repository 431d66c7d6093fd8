import { MM, plain, startPdf } from './pdf';
import { PAPERS, type Paper } from './tiles';

/** A list of parts and how they go together, on one sheet. */
export interface PartsPrint {
  readonly title: string;
  readonly parts: readonly { readonly count: number; readonly part: string; readonly size: string }[];
  readonly steps: readonly string[];
  readonly paper: Paper;
}

/** Sizes of type that are tried until all of it stands on one page, points. */
const TYPE = [11, 10, 9, 8, 7, 6] as const;
const LEFT = 16;
const TOP = 14;

/** One sheet: parts with their number and sizes, then the steps; the type is as large as one page allows. Needs Node. */
export async function partsPdf(print: PartsPrint): Promise<Buffer> {
  const page = PAPERS[print.paper];
  const wide = page.width - 2 * LEFT;
  const columns = [LEFT, LEFT + 10, LEFT + 10 + 46] as const;
  const sizeWide = page.width - LEFT - columns[2];
  const pdf = await startPdf(print.title, page);
  const tall = (text: string, size: number, width: number, font: 'plain' | 'bold' = 'plain') =>
    pdf.pdf
      .font(font)
      .fontSize(size)
      .heightOfString(plain(text), { width: width * MM }) / MM;
  const steps = print.steps.map((s, i) => `${i + 1}. ${s}`);
  const heightAt = (size: number) =>
    TOP +
    20 +
    print.parts.reduce(
      (sum, p) => sum + Math.max(tall(p.size, size, sizeWide), tall(p.part, size, 44, 'bold')) + 1.6,
      0,
    ) +
    8 +
    steps.reduce((sum, s) => sum + tall(s, size, wide) + 1.2, 0);
  const size = TYPE.find((t) => heightAt(t) < page.height - TOP) ?? TYPE.at(-1)!;
  let y = pdf.put(print.title, LEFT, TOP, 18, 'bold', wide) + 3;
  for (const p of print.parts) {
    pdf.rule(LEFT, y - 0.8, wide);
    pdf.put(String(p.count), columns[0], y, size, 'bold', 9);
    const name = pdf.put(p.part, columns[1], y, size, 'bold', 44);
    y = Math.max(name, pdf.put(p.size, columns[2], y, size, 'plain', sizeWide)) + 1.6;
  }
  pdf.rule(LEFT, y - 0.8, wide);
  y += 4;
  for (const s of steps) y = pdf.put(s, LEFT, y, size, 'plain', wide) + 1.2;
  return pdf.finish();
}
