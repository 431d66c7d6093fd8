import { mdiMonitorMultiple } from '@mdi/js';
import { Icon } from '@/ui/Icon';
import css from './shell.module.css';

/** Who else looks at the same rig, by the names of their devices. */
export function AlsoHere({ names }: { names: readonly string[] }) {
  const who = names.join(', ');
  return (
    <span className={css.here} role="status" title={`Also open on: ${who}`}>
      <Icon path={mdiMonitorMultiple} />
      <span className={css.who}>{`also here: ${who}`}</span>
    </span>
  );
}
