'use client';
import { arcs, boxOf, pointAt, type Pt } from '@/core/numeric/polyline';
import type { PassView, PlanView } from '@/core/engine/template/view';
import css from './call.module.css';
import { pathOf } from '../EndsDrawing';
import { END_NAMES } from '../words';

const W = 180;
const H = 74;

/** Where the wire is on both sections at once. */
export function Places(p: {
  view: PlanView;
  pass: PassView;
  place: number;
  reach: readonly number[];
  leave: readonly number[];
}) {
  let leg = 0;
  while (leg < p.pass.legs.length - 1 && p.place > p.reach[leg + 1]!) leg++;
  const run = p.reach[leg + 1]! - p.leave[leg]!;
  const share = Math.min(1, Math.max(0, (p.place - p.leave[leg]!) / (run || 1)));
  return (
    <div className={css.places} aria-hidden="true">
      {(['root', 'tip'] as const).map((end) => {
        const loop = p.view.sections[end];
        const line = p.pass.lines[end];
        const b = boxOf([...loop, ...line.points]);
        const s = Math.min((W - 16) / (b.x1 - b.x0), (H - 24) / Math.max(1e-6, b.y1 - b.y0));
        const x = (v: number) => 8 + (v - b.x0) * s;
        const y = (v: number) => (H + 12) / 2 - (v - (b.y0 + b.y1) / 2) * s;
        const at: Pt = pointAt(
          line.points,
          arcs(line.points),
          line.nodes[leg]! + share * (line.nodes[leg + 1]! - line.nodes[leg]!),
        );
        return (
          <svg key={end} viewBox={`0 0 ${W} ${H}`}>
            <text x={8} y={13}>
              {END_NAMES[end]}
            </text>
            <path className={css.section} d={pathOf(loop, x, y)} />
            <path className={css.way} d={pathOf(line.points, x, y, false)} />
            <circle cx={x(at[0])} cy={y(at[1])} r={5} fill="#e0571b" stroke="var(--ink)" />
          </svg>
        );
      })}
    </div>
  );
}
