import type { ReactNode } from 'react';
import { Body, Cell, Row, Table } from '@/ui/table';
import css from './frame.module.css';

/** Values, each by its name. */
export function Values({ of }: { of: readonly (readonly [name: string, value: ReactNode])[] }) {
  return (
    <Table className={css.table}>
      <Body>
        {of.map(([name, value]) => (
          <Row key={name}>
            <Cell component="th" scope="row">
              {name}
            </Cell>
            <Cell className={css.n}>{value}</Cell>
          </Row>
        ))}
      </Body>
    </Table>
  );
}
