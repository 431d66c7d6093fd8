'use client';
import { useId } from 'react';
import type { PassView, PlanView } from '@/core/engine/template/view';
import { boxOf, type Pt } from '@/core/numeric/polyline';
import { useUnits } from '@/ui/Units';
import { useWidth } from '@/ui/useWidth';
import { pathOf } from './EndsDrawing';
import css from './frame.module.css';
import { END_NAMES, SIDE_NAMES } from './words';

/** One template to scale: what is cut, its stations, pins, chord line and rest, over what is wanted of the core. */
export function TemplateDrawing({ view, pass, end }: { view: PlanView; pass: PassView; end: 'root' | 'tip' }) {
  const [ref, width] = useWidth(400);
  const { say } = useUnits();
  const id = useId();
  const piece = pass.pieces[end];
  const wanted = view.sections[end];
  const all = boxOf([...piece.outline, ...wanted]);
  const scale = (width - 16) / (all.x1 - all.x0);
  const height = (all.y1 - all.y0) * scale + 40;
  const x = (v: number) => 8 + (v - all.x0) * scale;
  const y = (v: number) => 16 + (all.y1 - v) * scale;
  const marks = piece.marks.filter((m) => m.kind === 'station');
  const every = marks.length > 24 ? 5 : marks.length > 12 ? 2 : 1;
  const at = (a: Pt, b: Pt): Pt => {
    const run = Math.hypot(b[0] - a[0], b[1] - a[1]) || 1;
    const k = 13 / scale / run;
    return [b[0] + (b[0] - a[0]) * k, b[1] + (b[1] - a[1]) * k];
  };
  return (
    <div ref={ref}>
      <svg className={css.svg} viewBox={`0 0 ${width} ${height}`} role="img" aria-labelledby={id}>
        <title
          id={id}
        >{`${END_NAMES[end]} template, ${SIDE_NAMES[pass.side].toLowerCase()}: ${say(all.x1 - all.x0, 'foamSize')} long with lead-in and lead-out, ${marks.length} stations.`}</title>
        <path className={css.cut} d={pathOf(piece.outline, x, y)} />
        <path className={css.want} d={pathOf(wanted, x, y)} />
        {piece.marks.map((m, i) => (
          <g key={i}>
            <line
              className={m.kind === 'chord' ? css.chord : css.mark}
              x1={x(m.from[0])}
              y1={y(m.from[1])}
              x2={x(m.to[0])}
              y2={y(m.to[1])}
            />
            {m.kind === 'station' && Number(m.text) % every === 0 && (
              <text x={x(at(m.from, m.to)[0])} y={y(at(m.from, m.to)[1]) + 4} fontSize={13} textAnchor="middle">
                {m.text}
              </text>
            )}
            {m.kind === 'rest' && (
              <text
                x={x(m.to[0])}
                y={y(m.to[1]) + (m.to[1] < m.from[1] ? 14 : -4)}
                fontSize={13}
                textAnchor="end"
              >
                rest
              </text>
            )}
          </g>
        ))}
        {piece.holes.map((h, i) => (
          <circle
            key={i}
            className={css.hole}
            cx={x(h.at[0])}
            cy={y(h.at[1])}
            r={Math.max(2.5, h.radius * scale)}
          />
        ))}
        <text className={css.strong} x={8} y={12} fontSize={14}>
          {piece.label[0]}
        </text>
      </svg>
    </div>
  );
}
