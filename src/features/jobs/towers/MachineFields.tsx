'use client';
import { useCallback, useState } from 'react';
import { keptMachineSchema } from '@/core/documents/keptMachine';
import type { Machine } from '@/core/documents/machine';
import { withTurn } from '@/core/documents/towerJobs';
import { useJob } from '@/state/JobContext';
import { places } from '@/state/places';
import { useMachineActs, useMachines } from '@/state/useMachines';
import { Act } from '@/ui/Act';
import { Link } from '@/ui/Link';
import { Select } from '@/ui/Select';
import { useJobField } from '../inputs';
import jobs from '../jobs.module.css';
import { MachineForm } from './MachineForm';

/** What belongs to the block on the machine, not to the machine: it stays with the job. */
const onJob = (m: Machine, of: Machine): Machine => ({
  ...m,
  leftToBlockMm: of.leftToBlockMm,
  zeroMm: of.zeroMm,
});
const same = (a: Machine, b: Machine) => JSON.stringify(onJob(a, b)) === JSON.stringify(b);

/** The machine that leads the wire: one of the workshop's, taken as it is now, or one of the job's own. */
export function MachineFields() {
  const { value: m, set } = useJobField<Machine>('machine', 'Machine');
  const kind = useJob((s) => s.doc.kind);
  const { machines } = useMachines();
  const { add } = useMachineActs();
  const [told, tell] = useState<string | null>(null);
  const fit = useCallback((doc: Machine) => (kind === 'turned' ? withTurn(doc) : doc), [kind]);
  const mine = machines?.find((r) => r.kept.doc.name === m.name && m.name !== '');
  const stale = mine !== undefined && !same(fit(mine.kept.doc), m);
  const take = (doc: Machine) => tell(set(onJob(fit(doc), m)));
  const keep = async () => {
    const name = m.name || 'Towers';
    const answer = await add(keptMachineSchema.parse({ doc: { ...m, name } }));
    tell(answer.kind === 'done' ? set({ ...m, name }) : 'It was not kept; try again.');
  };
  return (
    <section aria-label="Machine">
      <h3>Machine</h3>
      {machines && machines.length > 0 && (
        <div className={jobs.pick}>
          <Select
            label="Machine of the workshop"
            value={mine?.id ?? ''}
            unchosen="One of this job’s own"
            options={machines.map((r) => [r.id, r.kept.doc.name || 'Machine without a name'] as const)}
            onChoose={(id) => {
              const chosen = machines.find((r) => r.id === id);
              if (chosen) take(chosen.kept.doc);
            }}
          />
        </div>
      )}
      {mine && stale && (
        <p>
          The workshop’s {m.name} is another now than this job has it.{' '}
          <Act onClick={() => take(mine.kept.doc)}>Take it as it is now</Act>
        </p>
      )}
      <p className={jobs.acts}>
        {mine ? (
          <Link href={places.machine(mine.id)}>Calibrate {m.name}</Link>
        ) : (
          <Act onClick={() => void keep()}>Keep it as a machine of the workshop</Act>
        )}
        <Link href={places.machines}>All machines</Link>
      </p>
      {told && <p role="alert">{told}</p>}
      <details>
        <summary>Its travel, speed and code, for this job</summary>
        <MachineForm m={m} set={set} />
      </details>
    </section>
  );
}
