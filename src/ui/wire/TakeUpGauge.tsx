'use client';
import { takeUpAt } from '@/core/engine/takeUp';
import css from './band.module.css';
import type { Layout } from './layout';
import type { Evaluation } from '@/core/engine/evaluation';

/** Under the take-up: its stretch to its own scale, safe load to the right end; cold as a full mark, hot and cutting as short ones. */
export function TakeUpGauge({ l, e }: { l: Layout; e: Evaluation }) {
  const t = e.tension;
  const { kind, travelMm } = e.s.rig.tension;
  if (kind === 'fixed' || kind === 'weight' || kind === 'flex')
    return t.hotN === null || kind !== 'fixed' ? null : (
      <text x={l.left + 8} y={l.wireY - 14} className={css.caption}>
        {t.hotN > 0 ? 'no give' : 'slack hot'}
      </text>
    );
  const { holder, safeN } = t.takeUp;
  const at = (n: number) => takeUpAt(holder, n);
  const cold = at(t.coldN);
  const most = Math.max(cold, safeN === null ? 0 : at(safeN), 1e-4) * 1.05;
  const x0 = l.left + 6;
  const w = l.x0 - l.left - 12;
  const x = (m: number) => x0 + (w * Math.min(Math.max(m, 0), most)) / most;
  const y = l.wireY + 22;
  const travel = travelMm === null ? cold : Math.min(cold, travelMm / 1000);
  return (
    <g>
      <rect x={x0} y={y} width={w} height={7} fill="var(--paper)" stroke="var(--line)" />
      <rect x={x(cold - travel)} y={y} width={x(cold) - x(cold - travel)} height={7} fill="var(--clean)" />
      {safeN !== null && <path d={`M${x(at(safeN))} ${y - 3} v13`} stroke="var(--fix)" strokeWidth={2} />}
      {t.hotN !== null && (
        <rect
          x={x(at(t.hotN))}
          y={y + 2}
          width={Math.max(1.5, x(cold) - x(at(t.hotN)))}
          height={3}
          fill="var(--act)"
        />
      )}
      {t.cutN !== null && <path d={`M${x(at(t.cutN))} ${y - 2} v6`} stroke="var(--ink)" />}
      <path d={`M${x(cold)} ${y - 3} v13`} stroke="var(--ink)" strokeWidth={2} />
    </g>
  );
}
