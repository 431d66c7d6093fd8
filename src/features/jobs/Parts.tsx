'use client';
import type { WorksheetFigures } from '@/core/documents/worksheet';
import { useUnits } from '@/ui/Units';
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
      <table className={css.parts}>
        <thead>
          <tr>
            <th>Piece</th>
            {boards && <th>Board</th>}
            <th>{PLACES[sheet.kind]}</th>
            <th>Length</th>
          </tr>
        </thead>
        <tbody>
          {parts.slice(0, MOST).map((p, i) => (
            <tr key={i}>
              <td>{p.name}</td>
              {boards && <td>{p.board}</td>}
              <td>{p.atMm === null ? '–' : say(p.atMm, 'foamSize')}</td>
              <td>{p.lengthMm === null ? '–' : say(p.lengthMm, 'foamSize')}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {parts.length > MOST && <p className="dim">and {parts.length - MOST} more, in the job’s document</p>}
    </div>
  );
}
