import 'server-only';
import { evaluate } from '@/core/engine/evaluate';
import { recipeOf } from '@/core/engine/recipe';
import { tuned } from '@/core/engine/tuned';
import type { Profile } from '@/core/units/profile';
import { findingWords } from '@/core/words/findings';
import { sayIn } from '@/core/words/say';
import { SHEET_CAUTIONS, sheetParts } from '@/core/words/sheet';
import { sheetPdf } from '@/formats/print/sheetPdf';
import { pdfDownload, refusal } from './http';
import { openRig } from './rigs';

/** Everything of a rig on one page of A4, in the units of who asks; `day` as they have it. */
export async function exportSheet(id: string, profile: Profile, day: string): Promise<Response> {
  const open = await openRig(id);
  if (!open) throw refusal(404, 'not-found', 'There is no such rig.');
  const rig = tuned(open.record.doc, open.tuning);
  const say = sayIn(profile);
  const recipe = recipeOf(rig, open.tuning);
  if (recipe.stops.some((d) => d.code === 'mains-direct'))
    throw refusal(422, 'mains-direct', 'A wire on the mains gets no sheet: it kills.');
  const pdf = await sheetPdf({
    title: rig.name || 'A rig without a name',
    note: rig.note,
    parts: sheetParts(evaluate(rig), recipe, say, profile !== 'metric'),
    stops: recipe.stops.map((d) => findingWords(d.code, d.values, say).head),
    cautions: SHEET_CAUTIONS,
    day,
  });
  return pdfDownload(pdf, rig.name, 'sheet');
}
