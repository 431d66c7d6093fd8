'use client';
import { useId } from 'react';
import { boxOf, type Pt } from '@/core/numeric/polyline';
import { blockOf, type PlanView } from '@/core/engine/template/view';
import { useUnits } from '@/ui/Units';
import { useWidth } from '@/ui/useWidth';
import css from './shape.module.css';

export const pathOf = (
  points: readonly Pt[],
  x: (v: number) => number,
  y: (v: number) => number,
  closed = true,
) => `M${points.map(([px, py]) => `${x(px).toFixed(2)} ${y(py).toFixed(2)}`).join('L')}${closed ? 'Z' : ''}`;

/** Both ends drawn over each other in the block, to scale, with one rule below. */
export function EndsDrawing({ view, height = 204 }: { view: PlanView; height?: number }) {
  const [ref, width] = useWidth(560);
  const { say } = useUnits();
  const id = useId();
  const { box, smallest } = view.blank;
  const size = view.plan.blank ?? smallest;
  const block = blockOf(view);
  const all = boxOf([
    [block.x0, block.y0],
    [block.x1, block.y1],
    [box.x0, box.y0],
    [box.x1, box.y1],
  ]);
  const scale = Math.min((width - 20) / (all.x1 - all.x0), (height - 50) / (all.y1 - all.y0));
  const x = (v: number) => (width - (all.x1 - all.x0) * scale) / 2 + (v - all.x0) * scale;
  const top = (height - 36 - (all.y1 - all.y0) * scale) / 2 + 4;
  const y = (v: number) => top + (all.y1 - v) * scale;
  const chord = (loop: readonly Pt[]) => {
    const nose = loop.reduce((a, b) => (b[0] < a[0] ? b : a));
    return { nose, tail: loop[0]! };
  };
  const skin = (view.plan.blank?.skinMm ?? 0) * scale;
  const rule = y(all.y0) + 12;
  return (
    <div ref={ref}>
      <svg className={css.drawing} viewBox={`0 0 ${width} ${height}`} role="img" aria-labelledby={id}>
        <title id={id}>
          {`Both ends in a block of ${say(size.widthMm, 'foamSize')} by ${say(size.heightMm, 'foamSize')}: the root drawn full, the tip in dashes.`}
        </title>
        <rect
          className={css.block}
          x={x(block.x0)}
          y={y(block.y1)}
          width={(block.x1 - block.x0) * scale}
          height={(block.y1 - block.y0) * scale}
        />
        {skin > 0 &&
          [y(block.y1) + skin, y(block.y0) - skin].map((at) => (
            <line
              key={at}
              className={css.thin}
              x1={x(block.x0)}
              x2={x(block.x1)}
              y1={at}
              y2={at}
              strokeDasharray="2 4"
            />
          ))}
        {(['root', 'tip'] as const).map((end) => {
          const { nose, tail } = chord(view.sections[end]);
          return (
            <g key={end}>
              <path className={css[end]} d={pathOf(view.sections[end], x, y)} />
              <line
                className={css.thin}
                x1={x(nose[0])}
                y1={y(nose[1])}
                x2={x(tail[0])}
                y2={y(tail[1])}
                strokeDasharray="1 4"
              />
            </g>
          );
        })}
        {(['root', 'tip'] as const).flatMap((end) =>
          view.dowels[end].map((d, i) => (
            <circle
              key={end + i}
              className={css.thin}
              cx={x(d.at)}
              cy={y(d.above)}
              r={(d.diameterMm / 2) * scale}
              strokeDasharray={end === 'tip' ? '3 2' : undefined}
              fill="none"
            />
          )),
        )}
        <g fontSize={14}>
          <line className={css.thin} x1={x(block.x0)} x2={x(block.x1)} y1={rule} y2={rule} />
          {[block.x0, box.x0, box.x1, block.x1].map((v, i) => (
            <line key={i} className={css.thin} x1={x(v)} x2={x(v)} y1={rule - 4} y2={rule + 4} />
          ))}
          <text x={x((block.x0 + block.x1) / 2)} y={rule + 19} textAnchor="middle">
            {say(size.widthMm, 'foamSize')} wide, {say(size.heightMm, 'foamSize')} high,{' '}
            {say(size.lengthMm, 'foamSize')} long
          </text>
        </g>
      </svg>
      <p className={css.key} aria-hidden="true">
        <span data-end="root">root</span> <span data-end="tip">tip</span>
      </p>
    </div>
  );
}
