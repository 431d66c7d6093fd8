'use client';
import { useId, type ReactNode } from 'react';
import { useWidth } from '@/ui/useWidth';
import css from './jobs.module.css';

/** The paper that a job is drawn on: as wide as its column, with a title for those who do not see it. */
export function Paper(p: {
  height: number | ((width: number) => number);
  title: string;
  children: (width: number) => ReactNode;
}) {
  const [ref, width] = useWidth(560);
  const id = useId();
  const height = typeof p.height === 'number' ? p.height : p.height(width);
  return (
    <div ref={ref}>
      <svg className={css.drawing} viewBox={`0 0 ${width} ${height}`} role="img" aria-labelledby={id}>
        <title id={id}>{p.title}</title>
        {p.children(width)}
      </svg>
    </div>
  );
}

/** A length along the paper with its ends marked and its words under the middle. */
export function Across(p: { from: number; to: number; y: number; text: string; below?: boolean }) {
  const { from, to, y } = p;
  return (
    <g>
      <path className={css.line} d={`M${from} ${y - 4}V${y + 4}M${from} ${y}H${to}M${to} ${y - 4}V${y + 4}`} />
      <text x={(from + to) / 2} y={p.below === false ? y - 6 : y + 16} fontSize={14} textAnchor="middle">
        {p.text}
      </text>
    </g>
  );
}
