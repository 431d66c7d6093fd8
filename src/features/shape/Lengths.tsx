'use client';
import { useState } from 'react';
import { halvesOf, lengthsOf } from '@/core/engine/template/parts';
import type { PlanView } from '@/core/engine/template/view';
import { usePieces } from '@/state/PlanContext';
import { Act } from '@/ui/Act';
import { useUnits } from '@/ui/Units';
import { Select } from '@/ui/Select';
import { Body, Cell, Row, Table } from '@/ui/table';
import css from './frame.module.css';

/** How many lengths one may be cut in. */
const LENGTHS = Array.from({ length: 11 }, (_, i) => [String(i + 2), String(i + 2)] as const);

/** A piece cut in lengths: what each of them is, and a plan of its own for each with one press. */
export function Lengths({ view }: { view: PlanView }) {
  const { say, typed } = useUnits();
  const { add } = usePieces();
  const needed = view.blank.lengths;
  const strong = view.findings.some((f) => f.code === 'taper-too-strong');
  const [count, setCount] = useState(Math.max(2, Math.min(12, needed)));
  const [told, tell] = useState<string | null>(null);
  if (needed <= 1 && !strong) return null;
  const parts = lengthsOf(view.plan, count);
  const make = async () => {
    for (const part of parts) {
      const fault = await add(part);
      if (fault) return tell(fault);
    }
    tell(`${count} pieces are planned; neighbours share a template.`);
  };
  return (
    <section className={css.sheet} aria-label="In lengths">
      <h2>In lengths</h2>
      <div className={css.files}>
        {needed > 1
          ? 'The span is more than this wire cuts at once. '
          : 'The taper is more than one pass takes. '}
        Cut it in{' '}
        <div>
          <Select
            label="How many lengths"
            value={String(count)}
            options={LENGTHS}
            onChoose={(n) => setCount(Number(n))}
          />
        </div>{' '}
        lengths of {say(view.plan.piece.spanMm / count, 'foamSize')}:
      </div>
      <Table className={css.table}>
        <Body>
          {parts.map((p, k) => (
            <Row key={k}>
              <Cell component="th" scope="row">
                Length {k + 1}
              </Cell>
              <Cell className={css.n}>
                {say(p.piece.root.chordMm, 'foamSize')} to {say(p.piece.tip.chordMm, 'foamSize')} of chord
              </Cell>
              <Cell className={css.n}>
                {typed(Number(p.piece.root.twistDeg.toFixed(2)), 'angle')} to{' '}
                {typed(Number(p.piece.tip.twistDeg.toFixed(2)), 'angle')}
              </Cell>
            </Row>
          ))}
        </Body>
      </Table>
      <p className={css.files}>
        <Act strong onClick={() => void make()}>
          Plan each length
        </Act>
        {told && <span role="status">{told}</span>}
      </p>
    </section>
  );
}

/** A piece thicker than the board: a plan of its own for its upper and its lower half. */
export function Halves({ view }: { view: PlanView }) {
  const { add } = usePieces();
  const [told, tell] = useState<string | null>(null);
  if (view.blank.layers < 2) return null;
  const make = async () => {
    for (const half of halvesOf(view.plan)) {
      const fault = await add(half);
      if (fault) return tell(fault);
    }
    tell('Both halves are planned. Glue them on the chord line after cutting.');
  };
  return (
    <section className={css.sheet} aria-label="In halves">
      <h2>In halves</h2>
      <p>
        The block would be thicker than the board. Parted along the chord line each half is cut from a board of
        its own, on the same pins;{' '}
        {view.blank.layers > 2 ? 'even so it wants more than one board a half. ' : ''}no wire has to cut through
        glue.
      </p>
      <p className={css.files}>
        <Act strong onClick={() => void make()}>
          Plan both halves
        </Act>
        {told && <span role="status">{told}</span>}
      </p>
    </section>
  );
}
