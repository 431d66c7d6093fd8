import type { TemplatesDocument, TemplatesFigures } from '../../documents/templates';
import { arcs, pointAt } from '../../numeric/polyline';
import type { TemplatePlan } from './templatePlan';

/** The greatest deviation along a forecast at one place of the span, with where it is. */
export function worstOf(t: Pick<TemplatePlan, 'passes'>, where: 'root' | 'middle' | 'tip') {
  let worst: TemplatesDocument['forecast']['root'] = { max: null, at: null, side: null };
  for (const p of t.passes)
    for (const f of p.forecast)
      if (worst.max === null || Math.abs(f[where]) > Math.abs(worst.max))
        worst = { max: f[where], at: f.at, side: p.pass.side };
  return worst;
}

/** What was worked out as a document. */
export function writtenTemplates(t: TemplatePlan): TemplatesFigures {
  return {
    format: 'upwind-rod/templates',
    version: 1,
    ends: t.passes.flatMap(({ pass, pieces, paced }) =>
      (['root', 'tip'] as const).map((end) => {
        const line = pass[end];
        const along = arcs(line.points);
        const lead = line.nodes[1]!;
        return {
          end,
          side: pass.side,
          feedMmS: t.feed[end],
          kerfMm: t.slot[end],
          growMm: pass.side === 'bottom' ? t.grows[end].bottom : pass.side === 'square' ? 0 : t.grows[end].top,
          outline: pieces[end].outline.map(([x, y]): [number, number] => [x, y]),
          stations: pass.nodes.flatMap((node, i) => {
            if (node.kind !== 'station') return [];
            const [x, y] = pointAt(line.points, along, line.nodes[i]!);
            return [{ n: node.n, x, y, arcMm: line.nodes[i]! - lead, timeS: paced ? paced.arrive[i]! : null }];
          }),
        };
      }),
    ),
    timeS: t.seconds,
    waits: t.passes.flatMap(({ pass, paced }) =>
      (paced?.waits ?? [])
        .filter((w) => w.seconds > 0)
        .map((w) => ({ side: pass.side, station: w.n, seconds: w.seconds })),
    ),
    method: { ...t.method },
    pull: t.passes.flatMap(({ pass, pulls }) =>
      pulls.map((p) => ({ side: pass.side, station: p.n, newtons: p.newtons })),
    ),
    forecast: { root: worstOf(t, 'root'), middle: worstOf(t, 'middle'), tip: worstOf(t, 'tip') },
    findings: t.findings.map((f) => ({
      code: f.code,
      level: f.level,
      values: { ...f.values },
    })),
  };
}
