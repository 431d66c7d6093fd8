'use client';
import PeopleIcon from '@mui/icons-material/PeopleOutlineOutlined';
import { useLive } from '@/state/Live';
import css from './shell.module.css';

/** Who else looks at the same rig, by the name of the device; nothing where nobody does. */
export function AlsoHere() {
  const { others, rig } = useLive();
  if (rig === null) return null;
  const names = [...new Set(others.filter((o) => o.rig === rig).map((o) => o.device))];
  if (names.length === 0) return null;
  const who = names.join(', ');
  return (
    <span className={css.here} role="status" title={`Also open on: ${who}`}>
      <PeopleIcon fontSize="small" aria-hidden />
      <span className={css.who}>
        <span className={css.also}>also here: </span>
        {who}
      </span>
    </span>
  );
}
