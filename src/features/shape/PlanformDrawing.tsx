'use client';
import { useId } from 'react';
import type { Planform } from '@/core/engine/template/planform';
import { useUnits } from '@/ui/Units';
import { useWidth } from '@/ui/useWidth';
import css from './frame.module.css';
import shape from './shape.module.css';

const LEFT = 96;
const TOP = 22;
const MOST_HIGH = 260;

/** A blank on its sheet from above, to scale: both lines, the squared edge, a mark every so far, spars, dowel holes, and what each end is marked at. */
export function PlanformDrawing({ p }: { p: Planform }) {
  const [ref, width] = useWidth(700);
  const { say } = useUnits();
  const id = useId();
  const far = Math.max(p.root.rear, p.tip.rear);
  const scale = Math.min((width - 2 * LEFT) / p.spanMm, MOST_HIGH / far);
  const x = (mm: number) => LEFT + mm * scale;
  const y = (mm: number) => TOP + mm * scale;
  const height = y(far) + 30;
  const along = (from: number, to: number, c: Planform['front']) =>
    c.marks.map(({ mm }) => {
      const share = mm / c.lengthMm;
      const [px, py] = [x(share * p.spanMm), y(from + share * (to - from))];
      return <path key={mm} className={css.mark} d={`M${px} ${py - 4}v8`} />;
    });
  return (
    <div ref={ref}>
      <svg className={css.svg} viewBox={`0 0 ${width} ${height}`} role="img" aria-labelledby={id}>
        <title
          id={id}
        >{`The blank from above: ${say(p.root.rear - p.root.front, 'foamSize')} wide at the root, ${say(p.tip.rear - p.tip.front, 'foamSize')} at the tip, ${say(p.spanMm, 'foamSize')} apart.`}</title>
        <path className={shape.block} d={`M${x(0)} ${y(0)}H${x(p.spanMm)}V${y(far)}H${x(0)}Z`} />
        <path
          className={css.cut}
          d={`M${x(0)} ${y(p.root.front)}L${x(p.spanMm)} ${y(p.tip.front)}V${y(p.tip.rear)}L${x(0)} ${y(p.root.rear)}Z`}
        />
        {p.root.spars.map((s, i) => (
          <path key={i} className={css.chord} d={`M${x(0)} ${y(s)}L${x(p.spanMm)} ${y(p.tip.spars[i]!)}`} />
        ))}
        {(['root', 'tip'] as const).flatMap((end) =>
          p[end].dowels.map((d, i) => {
            const from = end === 'root' ? 0 : p.spanMm;
            const to = end === 'root' ? d.depthMm : p.spanMm - d.depthMm;
            return (
              <path
                key={end + i}
                className={css.dowel}
                d={`M${x(from)} ${y(d.at)}H${x(to)}`}
                strokeWidth={Math.max(2, d.diameterMm * scale)}
              />
            );
          }),
        )}
        {along(p.root.front, p.tip.front, p.front)}
        {along(p.root.rear, p.tip.rear, p.rear)}
        <text x={x(0)} y={14} fontSize={14}>
          squared edge
        </text>
        {(['root', 'tip'] as const).map((end) => (
          <g key={end} textAnchor={end === 'root' ? 'end' : 'start'} fontSize={14}>
            <text x={end === 'root' ? x(0) - 8 : x(p.spanMm) + 8} y={y(p[end].front) + 5}>
              {say(p[end].front, 'foamSize')}
            </text>
            <text x={end === 'root' ? x(0) - 8 : x(p.spanMm) + 8} y={y(p[end].rear) + 5}>
              {say(p[end].rear, 'foamSize')}
            </text>
          </g>
        ))}
        <text x={x(p.spanMm / 2)} y={height - 8} fontSize={14} textAnchor="middle">
          {say(p.spanMm, 'foamSize')} from root to tip
        </text>
      </svg>
    </div>
  );
}
