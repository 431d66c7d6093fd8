'use client';
import { useState } from 'react';
import type { CombSlot } from '@/core/engine/motion/comb';
import { useDerived } from '@/state/RigContext';
import { Act } from '@/ui/Act';
import { QuantityField } from '@/ui/QuantityField';
import { useUnits } from '@/ui/Units';
import { useLogCut } from '../Measured';
import jobs from '../jobs.module.css';
import { Heads } from '@/ui/Heads';
import { Body, Cell, Row, Table } from '@/ui/table';
import css from './towers.module.css';

/** A kerf that can be gauged of a slot, mm. */
const LEAST_MM = 0.05;
const MOST_MM = 50;

/** Slots of a test comb with the kerf to expect; what was gauged of each is typed in, and logged as so many cuts. */
export function CombTable({ slots }: { slots: readonly CombSlot[] }) {
  const { say } = useUnits();
  const { rig } = useDerived();
  const { told, busy, log } = useLogCut();
  const [kerfs, setKerfs] = useState<Readonly<Record<number, number>>>({});
  const [done, setDone] = useState(0);
  const gauged = slots.filter((s) => kerfs[s.n] !== undefined);
  const keep = async () => {
    let kept = 0;
    for (const s of gauged) {
      const cut = {
        widthMm: rig.foam.widthMm,
        feedMmS: Number(s.feedMmS.toPrecision(4)),
        kerfMm: kerfs[s.n],
        grade: 'good',
        note: `Cut ${s.n} of a test comb.`,
      };
      if (!(await log(cut))) break;
      kept++;
      setKerfs(({ [s.n]: _, ...rest }) => rest);
    }
    setDone(done + kept);
  };
  return (
    <section aria-label="Cuts of the comb">
      <Table className={css.comb}>
        <Heads of={['Cut', 'Up', 'Feed', 'Kerf to expect', 'Kerf as gauged']} />
        <Body>
          {slots.map((s) => (
            <Row key={s.n}>
              <Cell component="th" scope="row">
                {s.n}
              </Cell>
              <Cell>{say(s.upMm, 'foamSize')}</Cell>
              <Cell>{say(s.feedMmS, 'feed')}</Cell>
              <Cell>{say(s.kerfMm, 'slot')}</Cell>
              <Cell>
                <QuantityField
                  label={<span className="hidden-visually">Kerf of cut {s.n}</span>}
                  name={`comb.${s.n}`}
                  role="slot"
                  value={kerfs[s.n] ?? null}
                  whenEmpty="not yet"
                  onValue={(v) => {
                    if (v !== null && !(v >= LEAST_MM && v <= MOST_MM))
                      return `must lie between ${say(LEAST_MM, 'slot')} and ${say(MOST_MM, 'slot')}`;
                    setKerfs(({ [s.n]: _, ...rest }) => (v === null ? rest : { ...rest, [s.n]: v }));
                    return null;
                  }}
                />
              </Cell>
            </Row>
          ))}
        </Body>
      </Table>
      <p className={jobs.acts}>
        <Act strong disabled={busy || gauged.length === 0} onClick={() => void keep()}>
          Log {gauged.length === 1 ? 'this cut' : `these ${gauged.length || ''} cuts`}
        </Act>
      </p>
      <p role="status">{told && `${done} of them logged. ${told}`}</p>
    </section>
  );
}
