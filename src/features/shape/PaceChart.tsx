'use client';
import { useId, useState } from 'react';
import type { PlanView } from '@/core/engine/template/view';
import { useUnits } from '@/ui/Units';
import { useWidth } from '@/ui/useWidth';
import css from './pace.module.css';
import shape from './shape.module.css';
import { SIDE_NAMES } from './words';

const H = 200;

/** Feed of both ends from station to station over the clean window, waits as gaps with their seconds. */
export function PaceChart({ view }: { view: PlanView }) {
  const [ref, width] = useWidth(560);
  const [which, choose] = useState(0);
  const { say } = useUnits();
  const id = useId();
  const pass = view.passes[Math.min(which, view.passes.length - 1)]!;
  if (view.fastest === null || pass.legs.length === 0)
    return <p className="dim">The wire does not cut at this setting: there is no pace yet.</p>;
  const total = pass.leave[pass.leave.length - 1]!;
  const top = view.fastest * 1.1;
  const x = (t: number) => 44 + (t / total) * (width - 56);
  const y = (v: number) => 12 + (1 - v / top) * (H - 46);
  const line = (end: 'root' | 'tip') =>
    pass.legs
      .map((l, i) => `M${x(pass.leave[i]!)} ${y(l[end] / l.seconds)}H${x(pass.arrive[i + 1]!)}`)
      .join('');
  const every = pass.nodes.filter((n) => n.kind === 'station').length > 26 ? 5 : 2;
  return (
    <div ref={ref}>
      {view.passes.length > 1 && (
        <div className={shape.tabs} role="group" aria-label="Pass">
          {view.passes.map((p, i) => (
            <button key={p.side} type="button" aria-pressed={which === i} onClick={() => choose(i)}>
              {SIDE_NAMES[p.side]}, {say(p.leave[p.leave.length - 1] ?? null, 'time')}
            </button>
          ))}
        </div>
      )}
      <svg className={css.chart} viewBox={`0 0 ${width} ${H}`} role="img" aria-labelledby={id}>
        <title
          id={id}
        >{`Feed of root and tip by station, ${SIDE_NAMES[pass.side].toLowerCase()} pass of ${say(total, 'time')}; clean between ${say(view.slowest, 'feed')} and ${say(view.fastest, 'feed')}.`}</title>
        <rect
          className={css.clean}
          x={44}
          width={width - 56}
          y={y(view.fastest)}
          height={y(view.slowest!) - y(view.fastest)}
        />
        <text x={width - 16} y={y(view.fastest) + 15} textAnchor="end">
          clean window
        </text>
        {[0, view.slowest!, view.advised!, view.fastest].map((v) => (
          <text key={v} x={40} y={y(v) + 4} textAnchor="end">
            {v === 0 ? '0' : v.toPrecision(2)}
          </text>
        ))}
        <text x={4} y={10}>
          {say(null, 'feed') === '' ? '' : 'mm/s'}
        </text>
        <path className={css.root} d={line('root')} />
        <path className={css.tip} d={line('tip')} />
        {pass.waits
          .filter((w) => w.seconds > 0)
          .map((w) => (
            <g key={w.node}>
              <rect
                className={css.wait}
                x={x(pass.arrive[w.node]!)}
                width={Math.max(2, x(pass.leave[w.node]!) - x(pass.arrive[w.node]!))}
                y={12}
                height={H - 46}
              />
              <text x={x(pass.leave[w.node]!) + 4} y={24}>
                wait {say(w.seconds, 'time')}
              </text>
            </g>
          ))}
        {pass.nodes.map((n, i) =>
          n.kind === 'station' ? (
            <g key={i}>
              <line
                className={css.tick}
                x1={x(pass.arrive[i]!)}
                x2={x(pass.arrive[i]!)}
                y1={H - 34}
                y2={H - 29}
              />
              {n.n % every === 0 && (
                <text x={x(pass.arrive[i]!)} y={H - 16} textAnchor="middle">
                  {n.n}
                </text>
              )}
            </g>
          ) : null,
        )}
        <text x={(width + 32) / 2} y={H - 2} textAnchor="middle">
          station, spaced by its second
        </text>
      </svg>
      <p className={shape.key}>
        <span data-end="root">root</span> <span data-end="tip">tip</span>
      </p>
    </div>
  );
}
