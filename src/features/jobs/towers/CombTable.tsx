'use client';
import { useState } from 'react';
import type { CombSlot } from '@/core/engine/motion/comb';
import { useDerived } from '@/state/RigContext';
import { Act } from '@/ui/Act';
import { QuantityField } from '@/ui/QuantityField';
import { useUnits } from '@/ui/Units';
import { useLogCut } from '../Measured';
import jobs from '../jobs.module.css';
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
      <table className={css.comb}>
        <thead>
          <tr>
            <th scope="col">Cut</th>
            <th scope="col">Up</th>
            <th scope="col">Feed</th>
            <th scope="col">Kerf to expect</th>
            <th scope="col">Kerf as gauged</th>
          </tr>
        </thead>
        <tbody>
          {slots.map((s) => (
            <tr key={s.n}>
              <th scope="row">{s.n}</th>
              <td>{say(s.upMm, 'foamSize')}</td>
              <td>{say(s.feedMmS, 'feed')}</td>
              <td>{say(s.kerfMm, 'slot')}</td>
              <td>
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
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className={jobs.acts}>
        <Act strong disabled={busy || gauged.length === 0} onClick={() => void keep()}>
          Log {gauged.length === 1 ? 'this cut' : `these ${gauged.length || ''} cuts`}
        </Act>
      </p>
      <p role="status">{told && `${done} of them logged. ${told}`}</p>
    </section>
  );
}
