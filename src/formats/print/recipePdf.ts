import { RECIPE_CAUTION, type RecipeLine } from '@/core/words/recipe';
import { startPdf } from './pdf';

const PAGE = { width: 105, height: 148, margin: 8 };

/** A recipe card as PDF, one A6 page; `stops` say first why it must not be used as it stands. Needs Node. */
export async function recipePdf(
  title: string,
  lines: readonly RecipeLine[],
  stops: readonly string[],
  day: string,
): Promise<Buffer> {
  const { pdf, put, rule, finish } = await startPdf(title, PAGE);
  const wide = PAGE.width - 2 * PAGE.margin;
  let y = put(title, PAGE.margin, PAGE.margin, 15, 'bold', wide) + 1;
  for (const stop of stops) {
    pdf.fillColor('#A3161A');
    y = put(`Do not use it as it stands: ${stop}`, PAGE.margin, y, 9, 'bold', wide) + 1;
    pdf.fillColor('#16211F');
  }
  for (const line of lines) {
    rule(PAGE.margin, y, wide);
    y += 1.2;
    put(line.what, PAGE.margin, y + 0.9, 8.5, 'plain', 18);
    y = put(line.value, PAGE.margin + 19, y, 12.5, 'bold', wide - 19);
    if (line.mind) y = put(line.mind, PAGE.margin + 19, y, 8.5, 'plain', wide - 19);
    y += 1;
  }
  rule(PAGE.margin, y, wide);
  put(`${RECIPE_CAUTION} Printed ${day}.`, PAGE.margin, PAGE.height - PAGE.margin - 8, 8, 'plain', wide);
  return finish();
}
