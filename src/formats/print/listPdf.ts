import { startPdf } from './pdf';
import { PAPERS, type Paper } from './tiles';

const SIDE = 14;
/** Free at the foot of a page, mm. */
const FOOT = 16;
const SIZE = 12;
const MM = 72 / 25.4;

/** A list on paper, a rule over each line; it goes on to further pages as it must. */
export async function listPdf(title: string, lines: readonly string[], paper: Paper): Promise<Buffer> {
  const page = PAPERS[paper];
  const { pdf, put, rule, next, finish } = await startPdf(title, page);
  const wide = page.width - 2 * SIDE;
  const high = (line: string) =>
    pdf
      .font('plain')
      .fontSize(SIZE)
      .heightOfString(line, { width: wide * MM }) /
      MM +
    3;
  let y = put(title, SIDE, SIDE, 20, 'bold', wide) + 3;
  for (const line of lines) {
    if (y + high(line) > page.height - FOOT) {
      next();
      y = SIDE;
    }
    rule(SIDE, y, wide);
    y = put(line, SIDE, y + 1.5, SIZE, 'plain', wide) + 1.5;
  }
  return finish();
}
