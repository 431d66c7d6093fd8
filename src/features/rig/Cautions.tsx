import css from './rig.module.css';
import { CAUTIONS } from './words';

/** The usual cautions, where power is chosen and before the wire is hot. */
export function Cautions() {
  return (
    <ul className={css.cautions} aria-label="Cautions">
      {Object.values(CAUTIONS).map((words) => (
        <li key={words}>{words}</li>
      ))}
    </ul>
  );
}
