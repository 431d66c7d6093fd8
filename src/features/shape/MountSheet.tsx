'use client';
import { useState } from 'react';
import { mountOff, skewOf, type Mount, type MountFound } from '@/core/engine/template/mount';
import type { PlanView } from '@/core/engine/template/view';
import { QuantityField } from '@/ui/QuantityField';
import { useUnits } from '@/ui/Units';
import { Heads } from '@/ui/Heads';
import { Body, Cell, Row, Table } from '@/ui/table';
import css from './frame.module.css';
import { END_NAMES } from './words';

type Found = { [K in keyof MountFound]: number | null };
const EMPTY: Found = { noseHeightMm: null, tailHeightMm: null, noseFromFrontMm: null };
const whole = (f: Found): f is MountFound => Object.values(f).every((v) => v !== null);

/** Where both templates go on the block, and what they would cut as they were found after pinning. */
export function MountSheet({ view }: { view: PlanView }) {
  const { say, typed } = useUnits();
  const [found, setFound] = useState<Record<'root' | 'tip', Found>>({ root: EMPTY, tip: EMPTY });
  const off = (end: 'root' | 'tip') => {
    const f = found[end];
    return whole(f) ? mountOff(view.mounts[end], f) : null;
  };
  const [root, tip] = [off('root'), off('tip')];
  const skew = root && tip ? skewOf(root, tip) : null;
  const tolerance = view.plan.toleranceMm;
  const mm = (v: number) => `${v > 0 ? '+' : v < 0 ? '−' : ''}${say(Math.abs(v), 'slot')}`;
  const deg = (v: number) => `${v > 0 ? '+' : v < 0 ? '−' : ''}${Math.abs(v).toFixed(2)}°`;
  return (
    <section className={css.sheet} aria-label="Mounting sheet">
      <h2>Mounting sheet</h2>
      <p className="dim">
        The block stands square on the bench, front face towards you. Heights are over the bench, each to be
        held within {typed(Number((tolerance / 2).toPrecision(3)), 'slot')}. Type what you measure after
        pinning, before any heat.
      </p>
      <div className={css.mounts}>
        {(['root', 'tip'] as const).map((end) => (
          <div key={end}>
            <h3>{END_NAMES[end]}</h3>
            <Field
              mount={view.mounts[end]}
              end={end}
              k="noseHeightMm"
              label="Leading edge over the bench"
              found={found}
              set={setFound}
            />
            <Field
              mount={view.mounts[end]}
              end={end}
              k="tailHeightMm"
              label="Trailing edge over the bench"
              found={found}
              set={setFound}
            />
            <Field
              mount={view.mounts[end]}
              end={end}
              k="noseFromFrontMm"
              label="Leading edge from the front"
              found={found}
              set={setFound}
            />
          </div>
        ))}
      </div>
      {skew && (
        <Table className={css.table} aria-live="polite">
          <caption className="hidden-visually">What these mountings would cut</caption>
          <Heads of={['As pinned it would cut', 'Twist', 'Up', 'Along']} />
          <Body>
            {(
              [
                ['Root deviation', root!],
                ['Tip deviation', tip!],
                ['Core skewed by', skew],
              ] as const
            ).map(([name, o]) => (
              <Row key={name}>
                <Cell>{name}</Cell>
                <Cell className={css.n}>{deg(o.twistDeg)}</Cell>
                <Cell className={css.n}>{mm(o.upMm)}</Cell>
                <Cell className={css.n}>{mm(o.alongMm)}</Cell>
              </Row>
            ))}
          </Body>
        </Table>
      )}
      {skew && Math.max(Math.abs(skew.upMm), Math.abs(skew.alongMm)) > tolerance && (
        <p role="alert">That is more than {typed(tolerance, 'slot')}: pin them anew before the heat goes on.</p>
      )}
    </section>
  );
}

function Field(p: {
  mount: Mount;
  end: 'root' | 'tip';
  k: keyof MountFound;
  label: string;
  found: Record<'root' | 'tip', Found>;
  set: (f: Record<'root' | 'tip', Found>) => void;
}) {
  const { say } = useUnits();
  return (
    <QuantityField
      label={p.label}
      name={`mount.${p.end}.${p.k}`}
      role="foamSize"
      value={p.found[p.end][p.k]}
      whenEmpty={`${say(p.mount[p.k], 'foamSize')} wanted`}
      onValue={(v) => (p.set({ ...p.found, [p.end]: { ...p.found[p.end], [p.k]: v } }), null)}
    />
  );
}
