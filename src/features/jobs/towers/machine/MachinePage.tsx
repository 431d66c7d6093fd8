'use client';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { useStore } from 'zustand';
import type { Calibration, KeptMachine } from '@/core/documents/keptMachine';
import type { Machine } from '@/core/documents/machine';
import { withTurn } from '@/core/documents/towerJobs';
import { CALIBRATION_NAMES, calibrationLine } from '@/core/words/calibration';
import { useLeaving } from '@/state/leaving';
import { createMachineStore } from '@/state/machineStore';
import { places } from '@/state/places';
import type { MachineRecord } from '@/state/types';
import { useMachineActs, useMachineNews } from '@/state/useMachines';
import { Act } from '@/ui/Act';
import { Check } from '@/ui/Check';
import { TwoWindows } from '@/ui/FindingCard';
import { Link } from '@/ui/Link';
import { saveFile } from '@/ui/saveFile';
import { SaveLine } from '@/ui/SaveLine';
import { useUnits } from '@/ui/Units';
import { useWhen } from '@/ui/When';
import { MachineForm } from '../MachineForm';
import { Calibrate } from './Calibrate';
import page from '../page.module.css';
import { TextLine } from '@/ui/TextLine';
import css from './machine.module.css';

/** One machine: its axes and code, and its calibration, step by step. */
export function MachinePage({ record }: { record: MachineRecord }) {
  const router = useRouter();
  const { drop } = useMachineActs();
  const [all] = useState(() => [createMachineStore(record)] as const);
  const [store] = all;
  const { store: machine } = store;
  useMachineNews(record.id, store);
  useLeaving(all);
  const { doc: kept, edit, save, theirs, problem, undo, redo, settle, past, future } = useStore(machine);
  const set = (to: KeptMachine, label = 'Machine') => edit(label, to);
  const { say } = useUnits();
  const when = useWhen();
  const [sure, setSure] = useState(false);
  const { doc, calibrations } = kept;
  const note = (c: Calibration, changed: Machine) =>
    set({ ...kept, doc: changed, calibrations: [...calibrations, c] }, CALIBRATION_NAMES[c.kind]);
  const remove = async () => {
    if (!sure) return setSure(true);
    if ((await drop(record.id)).kind === 'done') router.push(places.machines);
  };
  return (
    <div className={page.page}>
      <header className={page.head}>
        <p>
          <Link href={places.machines}>Machines</Link>
        </p>
        <h1>{doc.name || 'Machine without a name'}</h1>
        <SaveLine name="Machine" {...{ save, problem, undo, redo }} past={past.length} future={future.length} />
      </header>
      {theirs && <TwoWindows what="machine" settle={settle} />}
      <div className={css.cols}>
        <section aria-label="Calibration" className={css.side}>
          <Calibrate
            kept={kept}
            onNote={note}
            onDrives={(drives) => set({ ...kept, drives })}
            onScale={(letter, stepsPerMm) =>
              set({
                ...kept,
                doc: { ...doc, axes: { ...doc.axes, [letter]: { ...doc.axes[letter]!, stepsPerMm } } },
              })
            }
          />
          <h2>What was measured</h2>
          {calibrations.length === 0 && <p className="dim">Nothing yet.</p>}
          <ol className={css.history}>
            {[...calibrations].reverse().map((c, i) => (
              <li key={`${c.at} ${i}`}>
                <b>{CALIBRATION_NAMES[c.kind]}</b> <span className="dim">{when.day(c.at)}</span>
                <br />
                {calibrationLine(c, say)}
                {c.note && `. ${c.note}`}
              </li>
            ))}
          </ol>
        </section>
        <section aria-label="Machine" className={css.side}>
          <label className={css.name}>
            Name
            <TextLine
              name="machine.name"
              value={doc.name}
              most={200}
              onText={(name) => set({ ...kept, doc: { ...doc, name } })}
            />
          </label>
          <Check
            label="An axis turns the block"
            checked={doc.turn !== null}
            onChange={(on) => set({ ...kept, doc: on ? withTurn(doc) : { ...doc, turn: null } })}
          />
          <MachineForm m={doc} set={(m) => set({ ...kept, doc: m })} />
          <p className={css.acts}>
            <Act
              onClick={() =>
                saveFile(
                  new File([JSON.stringify(doc, null, 2)], `${doc.name || 'machine'}.json`, {
                    type: 'application/json',
                  }),
                )
              }
            >
              Export
            </Act>
            <Act onClick={() => void remove()}>{sure ? 'Delete it, jobs keep their copies' : 'Delete'}</Act>
          </p>
        </section>
      </div>
    </div>
  );
}
