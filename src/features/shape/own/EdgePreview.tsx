'use client';
import { standsBeyond } from '@/core/engine/template/own';
import { boxOf, type Pt } from '@/core/numeric/polyline';
import { useUnits } from '@/ui/Units';
import { useWidth } from '@/ui/useWidth';
import css from './own.module.css';

/** An edge beside the section that it is meant for, both from the nose along the chord line, to scale, and how far it stands off. */
export function EdgePreview({ edge, section }: { edge: readonly Pt[]; section: readonly Pt[] }) {
  const { say } = useUnits();
  const [ref, width] = useWidth(480);
  const b = boxOf([...edge, ...section]);
  const scale = (width - 16) / (b.x1 - b.x0 || 1);
  const height = Math.min(260, (b.y1 - b.y0) * scale + 16);
  const path = (points: readonly Pt[], end: '' | 'Z') =>
    `M${points.map(([x, y]) => `${(8 + (x - b.x0) * scale).toFixed(1)} ${(8 + (b.y1 - y) * scale).toFixed(1)}`).join('L')}${end}`;
  const { least, most } = standsBeyond(edge, section);
  return (
    <div ref={ref}>
      <svg className={css.preview} viewBox={`0 0 ${width} ${height}`} height={height} aria-hidden="true">
        <path className={css.wanted} d={path(section, 'Z')} />
        <path className={css.edge} strokeWidth={2} d={path(edge, '')} />
      </svg>
      <p role="status">
        Your edge stands <b className="num">{say(least, 'slot')}</b> to{' '}
        <b className="num">{say(most, 'slot')}</b> beyond what is wanted (dashed); under 0 it lies inside.
      </p>
    </div>
  );
}
