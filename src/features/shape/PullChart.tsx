'use client';
import { useId } from 'react';
import type { PlanView } from '@/core/engine/template/view';
import { useUnits } from '@/ui/Units';
import { useWidth } from '@/ui/useWidth';
import { Heads } from '@/ui/Heads';
import { Body, Cell, Row, Table } from '@/ui/table';
import css from './frame.module.css';
import pace from './pace.module.css';
import { SIDE_NAMES } from './words';

const H = 150;
const DOES = { holds: 'holds', stalls: 'stalls', 'runs-away': 'runs away' } as const;

/** The force along the way that holds the feed at each station; of a drive of its own, what to add or take off. */
export function PullChart({ view }: { view: PlanView }) {
  const [ref, width] = useWidth(760);
  const { say } = useUnits();
  const id = useId();
  const pulls = view.passes.flatMap((p) => p.pulls.map((x) => ({ ...x, side: p.side })));
  if (pulls.length === 0)
    return <p className="dim">The wire does not cut at this setting: there is no pull to reckon.</p>;
  const most = Math.max(0.05, ...pulls.map((p) => p.newtons));
  if (most <= 0.05 && view.plan.bow.hung)
    return (
      <p className="dim">
        With so much margin the foam hardly drags: under {say(0.05, 'force')} everywhere. What is felt is the
        bow’s own weight and the templates.
      </p>
    );
  const least = Math.min(0, ...pulls.map((p) => p.newtons));
  const x = (i: number) => 52 + (i / Math.max(1, pulls.length - 1)) * (width - 64);
  const y = (v: number) => 10 + ((most - v) / (most - least)) * (H - 46);
  const driven = view.kind === 'gravity' || view.kind === 'equal-pull';
  const worst = pulls.filter((p) => p.does !== 'holds');
  const first = view.passes[0]!.pulls.length;
  return (
    <div ref={ref}>
      <svg className={pace.chart} viewBox={`0 0 ${width} ${H}`} role="img" aria-labelledby={id}>
        <title id={id}>{`Pull by station: ${say(least, 'force')} to ${say(most, 'force')}.`}</title>
        {[most, 0, ...(least < 0 ? [least] : [])].map((v) => (
          <g key={v}>
            <line className={pace.tick} x1={52} x2={width - 12} y1={y(v)} y2={y(v)} />
            <text x={48} y={y(v) + 4} textAnchor="end">
              {say(v, 'force')}
            </text>
          </g>
        ))}
        {view.passes.map((p, k) => (
          <g key={p.side}>
            <path
              className={pace.root}
              d={`M${p.pulls.map((f, i) => `${x(i + k * first)} ${y(f.newtons)}`).join('L')}`}
            />
            <text x={x(k * first + p.pulls.length / 2)} y={H - 4} textAnchor="middle">
              {SIDE_NAMES[p.side].toLowerCase()}, stations 0 to {p.pulls.length - 1}
            </text>
          </g>
        ))}
      </svg>
      <p className="dim">
        Drag is known to a factor of two until a lag was seen.{' '}
        {view.plan.bow.hung
          ? 'The bow hangs: its weight is not in it.'
          : 'The bow’s weight is in it: more uphill, less down.'}
      </p>
      {driven && (
        <Table className={css.table}>
          <Heads of={['Station', 'It', 'So that the feed holds']} />
          <Body>
            {(worst.length > 0 ? worst : pulls.slice(0, 1)).slice(0, 6).map((p) => (
              <Row key={p.side + p.n}>
                <Cell>
                  {SIDE_NAMES[p.side].toLowerCase()} {p.n}
                </Cell>
                <Cell>{DOES[p.does]}</Cell>
                <Cell className={css.n}>
                  {p.grams >= 0 ? 'add' : 'take off'} {say(Math.abs(p.grams), 'mass')}
                </Cell>
              </Row>
            ))}
          </Body>
        </Table>
      )}
    </div>
  );
}
