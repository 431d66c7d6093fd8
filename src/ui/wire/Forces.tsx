'use client';
import { barOf } from '@/core/engine/takeUp';
import { useUnits } from '../Units';
import css from './band.module.css';
import type { Layout } from './layout';
import type { Evaluation } from '@/core/engine/evaluation';

/** What the pull does to the frame: at the anchors, along the bar, in the tie. */
export function Forces({ l, e }: { l: Layout; e: Evaluation }) {
  const { say } = useUnits();
  const { kind, throatMm } = e.s.rig.frame;
  if (kind === 'table' || kind === 'gantry' || kind === 'slicer') return null;
  const arms = barOf(e.s, e.tension.mostN);
  const middle = (l.left + l.right) / 2;
  const arrow = (x: number, way: 1 | -1) =>
    `M${x} ${l.wireY - 18} h${way * 26} m${way * -8} -5 l${way * 8} 5 l${way * -8} 5`;
  const y = l.barY - 9;
  const press = (x: number, way: 1 | -1) =>
    `M${x} ${l.barY} m0 -7 h${way * 22} m${way * -7} -4 l${way * 7} 4 l${way * -7} 4`;
  return (
    <g stroke="var(--note)" strokeWidth={2} fill="none">
      <path d={`${arrow(l.left + 6, 1)} ${arrow(l.right - 6, -1)}`} />
      <path d={`${press(l.left + 14, 1)} ${press(l.right - 14, -1)}`} />
      <text x={middle} y={y} textAnchor="middle" className={css.caption} stroke="none">
        {arms ? (
          <>
            bar pressed by <tspan className={css.strong}>{say(arms.bar, 'force')}</tspan>, buckles at{' '}
            <tspan className={css.strong}>{say(arms.bucklesN, 'force')}</tspan>; tie{' '}
            <tspan className={css.strong}>{say(arms.tie, 'force')}</tspan>
          </>
        ) : (
          <>
            bar pressed by <tspan className={css.strong}>{say(e.tension.mostN, 'force')}</tspan>
            {throatMm !== null && (
              <>
                {' '}
                and each corner bent by{' '}
                <tspan className={css.strong}>{say((e.tension.mostN * throatMm) / 1000, 'moment')}</tspan>
              </>
            )}
          </>
        )}
      </text>
    </g>
  );
}
