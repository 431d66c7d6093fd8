import 'server-only';
import { z } from 'zod';
import { planOut } from '@/core/engine/template/template';
import { CoreFault } from '@/core/numeric/fault';
import type { Profile } from '@/core/units/profile';
import { templateLines } from '@/core/words/planSheet';
import { cuttingLines } from '@/core/words/cuttingSheet';
import { sayIn } from '@/core/words/say';
import { listPdf } from '@/formats/print/listPdf';
import { templatePdf } from '@/formats/print/templatePdf';
import { templateDxf } from '@/formats/template/dxf';
import { templateSvg } from '@/formats/template/svg';
import { planSchema, type Plan } from '@/core/documents/plan';
import { tuned } from '@/core/engine/tuned';
import { keptPlans } from '@/db/kept';
import { database } from './db';
import { pdfDownload, Refusal, refusal } from './http';
import { openRig } from './rigs';
import { keptService } from './keptService';
import type { TemplatePlan } from '@/core/engine/template/templatePlan';

const gone = () => refusal(404, 'not-found', 'There is no such piece.');
export const planService = keptService(keptPlans, gone);

/** Pieces of every rig in use, by name: what a core on motor towers can be taken from. */
export const allPieces = async () => keptPlans.names(await database());

/** A plan as an open document: its rig laid in as it stands, with its tuning. */
export async function wholePlan(id: string): Promise<Plan> {
  const db = await database();
  const record = await keptPlans.get(db, id);
  const open = record && (await openRig(record.rigId));
  if (!record || !open) throw gone();
  return planSchema.parse({ ...record.doc, rig: tuned(open.record.doc, open.tuning) });
}

/** Asked of the templates' route: a format, which piece (all where left out), the paper. */
export const templateQuerySchema = z.strictObject({
  format: z.enum(['svg', 'dxf', 'pdf', 'list']),
  end: z.enum(['root', 'tip']).optional(),
  side: z.enum(['top', 'bottom', 'outline', 'square']).optional(),
  paper: z.enum(['a4', 'a3', 'letter']).default('a4'),
});
type TemplateQuery = z.infer<typeof templateQuerySchema>;

/** Templates of a plan as files at full size. SVG and DXF hold one piece; PDF all of them, or one. */
export async function exportTemplates(id: string, q: TemplateQuery, profile: Profile): Promise<Response> {
  const plan = await wholePlan(id);
  const t = planned(plan);
  const say = sayIn(profile);
  const name = plan.name || 'piece';
  if (q.format === 'list')
    return pdfDownload(
      // Foam is sold in one unit and marked in another: the list has both.
      await listPdf(
        `${name}: cutting list`,
        [...cuttingLines(t, say), ...cuttingLines(t, sayIn(profile === 'metric' ? 'inch' : 'metric'))],
        q.paper,
      ),
      name,
      'cutting-list',
    );
  const pieces = [...new Set(t.passes.flatMap((p) => [p.pieces.root, p.pieces.tip]))].filter(
    (x) => (!q.end || x.end === q.end) && (!q.side || x.side === q.side),
  );
  if (pieces.length === 0) throw refusal(404, 'not-found', 'This plan has no such template.');
  if (q.format === 'pdf') {
    const pdf = await templatePdf({
      title: `${name}: templates`,
      pieces,
      lines: templateLines(t, say),
      paper: q.paper,
    });
    return pdfDownload(pdf, name, 'templates');
  }
  const piece = pieces[0]!;
  const file = q.format === 'svg' ? templateSvg(piece) : templateDxf(piece);
  const clean = name.replace(/[^\p{L}\p{N} _-]/gu, '').trim() || 'piece';
  return new Response(file, {
    headers: {
      'content-type': q.format === 'svg' ? 'image/svg+xml; charset=utf-8' : 'application/dxf; charset=utf-8',
      'content-disposition': `attachment; filename*=UTF-8''${encodeURIComponent(clean)}.${piece.end}-${piece.side}.${q.format}`,
    },
  });
}

/** Works a plan out; what only the work finds (a skin thicker than the section) is refused by its field. */
function planned(plan: Plan): TemplatePlan {
  try {
    return planOut(plan);
  } catch (e) {
    if (e instanceof CoreFault) throw new Refusal(422, [{ path: e.field, rule: e.code, message: e.rule }]);
    throw e;
  }
}
