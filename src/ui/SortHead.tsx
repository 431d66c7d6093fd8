'use client';
import css from './sortHead.module.css';
import { Cell } from './table';

/** The head of a column that the table is sorted by when it is pressed: downwards or upwards, or null where it is by another. */
export function SortHead(p: {
  text: string;
  sorted: 'down' | 'up' | null;
  figures: boolean;
  onSort: () => void;
}) {
  const order = { down: 'descending', up: 'ascending' } as const;
  return (
    <Cell aria-sort={p.sorted ? order[p.sorted] : 'none'} data-figures={p.figures}>
      <button type="button" className={css.sort} data-sorted={p.sorted !== null} onClick={p.onSort}>
        {p.text}
        {p.sorted && <span aria-hidden="true">{p.sorted === 'down' ? '▾' : '▴'}</span>}
      </button>
    </Cell>
  );
}
