import 'server-only';
import { evaluate } from '@/core/engine/evaluate';
import { wiringPlan } from '@/core/engine/wiringPlan';
import type { Profile } from '@/core/units/profile';
import { findingWords } from '@/core/words/findings';
import { sayIn } from '@/core/words/say';
import { WIRING_CAUTIONS, wiringLines } from '@/core/words/wiring';
import { drafts } from '@/core/engine/solve';
import { wiringPdf } from '@/formats/print/wiringPdf';
import { wiringDrawing } from '@/formats/wiring/drawing';
import { drawingSvg } from '@/formats/wiring/svg';
import { refusal } from './http';
import { exportRig } from './rigs';

/** The wiring sheet of a rig as a file: the drawing alone as SVG, or the whole sheet as PDF. */
export async function exportWiring(id: string, as: string | null, profile: Profile): Promise<Response> {
  const rig = await exportRig(id);
  const e = evaluate(rig);
  const say = sayIn(profile);
  const plan = wiringPlan(e);
  if (plan.stops.includes('mains-direct'))
    throw refusal(422, 'mains-direct', 'A wire on the mains is not drawn: it kills.');
  const drawing = wiringDrawing(plan, say);
  const title = `Wiring of ${rig.name || 'a rig without a name'}`;
  const name = (rig.name || 'rig').replace(/[^\p{L}\p{N} _-]/gu, '').trim() || 'rig';
  const headers = (type: string, end: string) => ({
    'content-type': type,
    'content-disposition': `attachment; filename*=UTF-8''${encodeURIComponent(name)}.wiring.${end}`,
  });
  if (as === 'svg')
    return new Response(drawingSvg(drawing, title), { headers: headers('image/svg+xml', 'svg') });
  if (as !== 'pdf') throw refusal(404, 'not-found', 'There is a wiring sheet as svg and as pdf.');
  const stops = drafts(e)
    .filter((d) => d.level === 'stop')
    .map((d) => findingWords(d.code, d.values, say).head);
  const pdf = await wiringPdf({
    title,
    drawing,
    lines: wiringLines(plan, say),
    stops,
    cautions: WIRING_CAUTIONS,
  });
  return new Response(new Uint8Array(pdf), { headers: headers('application/pdf', 'pdf') });
}
