'use client';
import type { WorksheetFigures } from '@/core/documents/worksheet';
import { materialText } from '@/core/words/materials';
import { useUnits } from '@/ui/Units';
import css from './build.module.css';

/** What the cutter is built of: how many, which part, its sizes. */
export function Materials({ sheet }: { sheet: WorksheetFigures }) {
  const { say } = useUnits();
  return (
    <div className={css.scroll} role="region" aria-label="Parts" tabIndex={0}>
      <table className={css.parts}>
        <thead>
          <tr>
            <th scope="col">Number</th>
            <th scope="col">Part</th>
            <th scope="col">Size, holes, what to buy</th>
          </tr>
        </thead>
        <tbody>
          {sheet.materials.map((m) => {
            const { part, size } = materialText(m, say);
            return (
              <tr key={m.code}>
                <td>{m.count}</td>
                <th scope="row">{part}</th>
                <td>{size}</td>
              </tr>
            );
          })}
        </tbody>
      </table>
    </div>
  );
}
