'use client';
import { useLive } from '@/state/useLive';
import { useOutbox } from '@/state/useOutbox';
import { AlsoHere } from './AlsoHere';
import { Waits } from './Waits';

/** Hears what others save, and shows, only where there is something: what waits to be sent, and who else looks at the same rig. */
export function Others({ made }: { made: number }) {
  const { others, rig, heard } = useLive(made);
  const box = useOutbox(heard);
  const names = rig === null ? [] : [...new Set(others.filter((o) => o.rig === rig).map((o) => o.device))];
  return (
    <>
      {box.waiting.length > 0 && <Waits {...box} />}
      {names.length > 0 && <AlsoHere names={names} />}
    </>
  );
}
