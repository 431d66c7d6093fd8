'use client';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { keptMachineSchema } from '@/core/documents/keptMachine';
import { places } from '@/state/places';
import type { MachineRecord } from '@/state/types';
import { useMachineActs } from '@/state/useMachines';
import { Act } from '@/ui/Act';
import { Link } from '@/ui/Link';
import { useWhen } from '@/ui/When';
import page from '../page.module.css';
import css from './machine.module.css';

/** The machines of the workshop: what leads the wire of motor towers. */
export function MachinesPage({ machines }: { machines: readonly MachineRecord[] }) {
  const router = useRouter();
  const { add } = useMachineActs();
  const when = useWhen();
  const [fault, setFault] = useState<string | null>(null);
  const make = async () => {
    const doc = { format: 'upwind-rod/machine', version: 1, name: 'Towers' };
    const answer = await add(keptMachineSchema.parse({ doc }));
    if (answer.kind === 'done') router.push(places.machine(answer.data.id));
    else setFault('It was not added; try again.');
  };
  return (
    <div className={page.page}>
      <h1>Machines</h1>
      <p className="dim">
        What leads the wire of motor towers. Several rigs may use one; each job holds a copy of it.
      </p>
      <ul className={css.machines}>
        {machines.map(({ id, kept }) => {
          const last = kept.calibrations.at(-1);
          return (
            <li key={id}>
              <Link href={places.machine(id)}>{kept.doc.name || 'Machine without a name'}</Link>
              <span className="dim">
                {kept.doc.right ? 'four axes' : 'two axes, coupled'}
                {kept.doc.turn && ' and one that turns'}
                {last ? `; calibrated ${when.day(last.at)}` : '; never calibrated here'}
              </span>
            </li>
          );
        })}
      </ul>
      <p>
        <Act strong onClick={() => void make()}>
          New machine
        </Act>
      </p>
      {fault && <p role="alert">{fault}</p>}
    </div>
  );
}
