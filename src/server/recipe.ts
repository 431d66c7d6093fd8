import 'server-only';
import { recipeOf } from '@/core/engine/recipe';
import { tuned } from '@/core/engine/tuned';
import type { Profile } from '@/core/units/profile';
import { findingWords } from '@/core/words/findings';
import { recipeLines } from '@/core/words/recipe';
import { sayIn } from '@/core/words/say';
import { recipePdf } from '@/formats/print/recipePdf';
import { pdfDownload, refusal } from './http';
import { openRig } from './rigs';

/** The recipe card of a rig as PDF, A6, in the units of who asks; `day` as they have it. */
export async function exportRecipe(id: string, profile: Profile, day: string): Promise<Response> {
  const open = await openRig(id);
  if (!open) throw refusal(404, 'not-found', 'There is no such rig.');
  const rig = tuned(open.record.doc, open.tuning);
  const say = sayIn(profile);
  const recipe = recipeOf(rig, open.tuning);
  const stops = recipe.stops.map((d) => findingWords(d.code, d.values, say).head);
  const lines = recipeLines(rig, recipe, say, profile !== 'metric');
  const pdf = await recipePdf(rig.name || 'A rig without a name', lines, stops, day);
  return pdfDownload(pdf, rig.name, 'recipe');
}
