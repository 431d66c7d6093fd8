'use client';
import Button from '@mui/material/Button';
import type { LogEntry } from '@/state/types';
import { useUnits } from '@/ui/Units';
import { useWhen } from '@/ui/When';
import { cutLines } from './cutLines';
import { Body, Cell, Head, Row, Table } from '@/ui/table';
import css from './logbook.module.css';

/** Two cuts side by side; what differs stands out. */
export function TwoCuts({ chosen, onClear }: { chosen: readonly LogEntry[]; onClear: () => void }) {
  const { say } = useUnits();
  const when = useWhen();
  const [a, b] = chosen;
  if (!b)
    return (
      <p className={css.hint} role="status">
        One cut is chosen; tick a second to compare them.{' '}
        <button type="button" className="quiet" onClick={onClear}>
          clear
        </button>
      </p>
    );
  const [left, right] = [cutLines(a!, say, when), cutLines(b, say, when)];
  const differs = left.filter(([, v], i) => v !== right[i]![1]).length;
  return (
    <section className={css.two} aria-label="Two cuts compared">
      <div className={css.twoHead}>
        <h2>Two cuts compared</h2>
        <span className="dim">
          {differs} of {left.length} lines differ
        </span>
        <Button size="small" onClick={onClear}>
          Clear
        </Button>
      </div>
      <Table>
        <Head>
          <Row>
            <Cell component="td" />
            <Cell>{when.day(a!.at)}</Cell>
            <Cell>{when.day(b.at)}</Cell>
          </Row>
        </Head>
        <Body>
          {left.map(([name, value], i) => (
            <Row key={name} data-same={value === right[i]![1]}>
              <Cell component="th" scope="row">
                {name}
              </Cell>
              <Cell>{value}</Cell>
              <Cell>{right[i]![1]}</Cell>
            </Row>
          ))}
        </Body>
      </Table>
    </section>
  );
}
