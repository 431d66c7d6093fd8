'use client';
import type { WindowCurve } from '@/core/engine/windowCurve';
import css from './chart.module.css';

/** The name of a slow edge, at its right end, where it lies within the chart. */
export function Edge(p: {
  name: string;
  curve: WindowCurve;
  of: readonly number[];
  inX: (v: number) => number;
  inY: (v: number) => number;
}) {
  const i = Math.floor(p.of.length * 0.93);
  const v = p.of[i]!;
  if (!(v > 0)) return null;
  return (
    <text x={p.inX(p.curve.x[i]!)} y={p.inY(v) - 6} textAnchor="end" className={css.edge}>
      {p.name}
    </text>
  );
}
