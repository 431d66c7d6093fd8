'use client';
import type { RunEvent } from '@/core/documents/event';
import { handsApart, type CoreOf } from '@/core/engine/call/batch';
import type { PlanView } from '@/core/engine/template/view';
import { useDerived, useRig } from '@/state/RigContext';
import { useWire } from '@/state/useWire';
import { useUnits } from '@/ui/Units';
import css from './call.module.css';

const APART: [keyof RunEvent['measured'], string, 'foamSize' | 'angle' | 'mass'][] = [
  ['rootThickMm', 'root thickness', 'foamSize'],
  ['tipThickMm', 'tip thickness', 'foamSize'],
  ['rootChordMm', 'root chord', 'foamSize'],
  ['tipChordMm', 'tip chord', 'foamSize'],
  ['twistDeg', 'twist', 'angle'],
  ['weightG', 'weight', 'mass'],
];

/** The batch: which cores are done, what is next, the time and battery that are left; left held against right. */
export function Batch(p: { view: PlanView; runs: readonly RunEvent[]; left: readonly CoreOf[] }) {
  const { say } = useUnits();
  const { evaluation } = useDerived();
  const { wire } = useWire(useRig((s) => s.id));
  const { piece, targetless } = { piece: p.view.plan.piece, targetless: p.view.plan.piece.targetG === null };
  const whole = piece.pieces * (piece.hand === 'pair' ? 2 : 1);
  const each =
    (p.view.seconds ?? 0) +
    (p.view.warmUpS ?? 0) * p.view.passes.length +
    (p.view.coolDownS ?? 0) * p.view.passes.length;
  const minutes = evaluation.battery?.minutes ?? null;
  const wants = (each * p.left.length) / 60;
  const apart = handsApart(p.runs);
  const rows = APART.filter(([k]) => apart[k] !== undefined);
  return (
    <section className={css.batch} aria-label="The batch">
      <h2>The batch</h2>
      <p>
        <b className="num">
          {whole - p.left.length} of {whole}
        </b>{' '}
        cores cut.{' '}
        {p.left.length > 0
          ? `Next: ${p.left
              .slice(0, 4)
              .map((c) => `${c.hand} ${c.piece}`)
              .join(', ')}${p.left.length > 4 ? ' …' : ''}.`
          : 'All done.'}
      </p>
      <p>
        Each takes {say(each, 'time')} with warming and cooling; {say(wants * 60, 'time')} for what is left,
        without setting up.{' '}
        {minutes !== null && (
          <b>
            {minutes < wants
              ? `The battery lasts ${Math.round(minutes)} min: charge it in between.`
              : `The battery lasts ${Math.round(minutes)} min.`}
          </b>
        )}
      </p>
      <p>
        A core should come out at {say(p.view.blank.weightG, 'mass')}
        {targetless ? '' : `; ${say(piece.targetG, 'mass')} was asked for`}. {p.view.blank.nest.sheets} sheet
        {p.view.blank.nest.sheets === 1 ? '' : 's'} for the batch, {p.view.plan.stock.count} there.
      </p>
      {wire && (
        <p>
          The wire on it has been hot for {say(wire.minutes * 60, 'time')}, has cut {wire.cuts} times.
        </p>
      )}
      {rows.length > 0 && (
        <p>
          Right against left:{' '}
          {rows
            .map(([k, name, role]) => `${name} ${apart[k]! >= 0 ? '+' : '−'}${say(Math.abs(apart[k]!), role)}`)
            .join(', ')}
          .
        </p>
      )}
    </section>
  );
}
