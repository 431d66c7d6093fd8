'use client';
import type { WorksheetFigures } from '@/core/documents/worksheet';
import { materialText } from '@/core/words/materials';
import { useUnits } from '@/ui/Units';
import { Heads } from '@/ui/Heads';
import { Body, Cell, Row, Table } from '@/ui/table';
import css from './build.module.css';

/** What the cutter is built of: how many, which part, its sizes. */
export function Materials({ sheet }: { sheet: WorksheetFigures }) {
  const { say } = useUnits();
  return (
    <div className={css.scroll} role="region" aria-label="Parts" tabIndex={0}>
      <Table className={css.parts}>
        <Heads of={['Number', 'Part', 'Size, holes, what to buy']} />
        <Body>
          {sheet.materials.map((m) => {
            const { part, size } = materialText(m, say);
            return (
              <Row key={m.code}>
                <Cell>{m.count}</Cell>
                <Cell component="th" scope="row">
                  {part}
                </Cell>
                <Cell>{size}</Cell>
              </Row>
            );
          })}
        </Body>
      </Table>
    </div>
  );
}
