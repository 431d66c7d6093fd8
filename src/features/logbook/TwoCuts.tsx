'use client';
import Button from '@mui/material/Button';
import type { LogEntry } from '@/state/types';
import { useUnits } from '@/ui/Units';
import { cutLines } from './cutLines';
import css from './logbook.module.css';

/** Two cuts side by side; what differs stands out. */
export function TwoCuts({ chosen, onClear }: { chosen: readonly LogEntry[]; onClear: () => void }) {
  const { say } = useUnits();
  const [a, b] = chosen;
  if (!b)
    return (
      <p className={css.hint} role="status">
        One cut is chosen; tick a second to lay them side by side.{' '}
        <button type="button" className="quiet" onClick={onClear}>
          put it back
        </button>
      </p>
    );
  const [left, right] = [cutLines(a!, say), cutLines(b, say)];
  const differs = left.filter(([, v], i) => v !== right[i]![1]).length;
  return (
    <section className={css.two} aria-label="Two cuts side by side">
      <div className={css.twoHead}>
        <h2>Two cuts side by side</h2>
        <span className="dim">{differs} of {left.length} lines differ</span>
        <Button size="small" onClick={onClear}>Put them back</Button>
      </div>
      <table>
        <thead>
          <tr>
            <td />
            <th scope="col">{a!.at.slice(0, 10)}</th>
            <th scope="col">{b.at.slice(0, 10)}</th>
          </tr>
        </thead>
        <tbody>
          {left.map(([name, value], i) => (
            <tr key={name} data-same={value === right[i]![1]}>
              <th scope="row">{name}</th>
              <td>{value}</td>
              <td>{right[i]![1]}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  ); // prettier-ignore
}
