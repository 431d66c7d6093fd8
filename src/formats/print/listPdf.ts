import { PAPERS, type Paper } from './tiles';
import { startPdf } from './pdf';

/** Lines of text as a one-page list. Needs Node. */
export async function listPdf(title: string, lines: readonly string[], paper: Paper): Promise<Buffer> {
  const page = PAPERS[paper];
  const { put, rule, finish } = startPdf(title, page);
  const wide = page.width - 28;
  let y = put(title, 14, 14, 20, 'bold', wide) + 3;
  for (const line of lines) {
    rule(14, y, wide);
    y = put(line, 14, y + 1.5, 12, 'plain', wide) + 1.5;
  }
  return finish();
}
