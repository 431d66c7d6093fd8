import PeopleIcon from '@mui/icons-material/PeopleOutlineOutlined';
import css from './shell.module.css';

/** Who else looks at the same rig, by the names of their devices. */
export function AlsoHere({ names }: { names: readonly string[] }) {
  const who = names.join(', ');
  return (
    <span className={css.here} role="status" title={`Also open on: ${who}`}>
      <PeopleIcon fontSize="small" aria-hidden />
      <span className={css.who}>{`also here: ${who}`}</span>
    </span>
  );
}
