import { memo } from 'react';
import type { CutRecord } from '@/state/types';
import css from './chart.module.css';
import { markOf, MARKS, type Mark } from './marks';
import { MarkShape } from './WindowChart';

/** What the lines and marks of the window chart are. */
export const ChartKey = memo(function ChartKey({
  cuts,
  reserve,
}: {
  cuts: readonly CutRecord[];
  reserve: number;
}) {
  const used = [...new Set(cuts.map((c) => markOf(c.cut)))] as Mark[];
  const line = (dash: string, width: number, colour: string) => (
    <svg width="24" height="8" aria-hidden="true">
      <path d="M0 4H24" stroke={`var(--${colour})`} strokeWidth={width} strokeDasharray={dash} />
    </svg>
  );
  return (
    <div className={css.key}>
      <span>{line('', 2.2, 'ink')}max feed</span>
      <span>{line('', 1, 'edge')}its range</span>
      <span>
        {line('1 3', 2, 'act')}advised, {Math.round((1 - reserve) * 100)} % margin
      </span>
      <span>{line('6 4', 2, 'ink')}melt-back</span>
      <span>{line('2 3', 2, 'ink')}fume</span>
      {used.map((m) => (
        <span key={m}>
          <svg width="12" height="12" aria-hidden="true">
            <MarkShape mark={m} x={6} y={6} />
          </svg>
          {MARKS[m].word}
        </span>
      ))}
    </div>
  );
});
