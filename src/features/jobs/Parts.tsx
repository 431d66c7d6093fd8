'use client';
import type { WorksheetFigures } from '@/core/documents/worksheet';
import { useUnits } from '@/ui/Units';
import { Body, Cell, Head, Row, Table } from '@/ui/table';
import css from './jobs.module.css';
import { PLACES } from './words';

const MOST = 60;

/** The pieces or positions of a job: where the wire's axis or the tool goes for each. */
export function Parts({ sheet }: { sheet: WorksheetFigures }) {
  const { say } = useUnits();
  const { parts } = sheet;
  if (sheet.kind === 'build' || parts.length === 0) return null;
  const boards = sheet.kind === 'segments';
  return (
    <div className={css.scroll} role="region" aria-label="Pieces and positions" tabIndex={0}>
      <Table className={css.parts}>
        <Head>
          <Row>
            <Cell>Piece</Cell>
            {boards && <Cell>Board</Cell>}
            <Cell>{PLACES[sheet.kind]}</Cell>
            <Cell>Length</Cell>
          </Row>
        </Head>
        <Body>
          {parts.slice(0, MOST).map((p, i) => (
            <Row key={i}>
              <Cell>{p.name}</Cell>
              {boards && <Cell>{p.board}</Cell>}
              <Cell>{p.atMm === null ? '–' : say(p.atMm, 'foamSize')}</Cell>
              <Cell>{p.lengthMm === null ? '–' : say(p.lengthMm, 'foamSize')}</Cell>
            </Row>
          ))}
        </Body>
      </Table>
      {parts.length > MOST && <p className="dim">and {parts.length - MOST} more, in the job’s document</p>}
    </div>
  );
}
