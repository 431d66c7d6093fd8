'use client';
import Button from '@mui/material/Button';
import { useState } from 'react';
import type { StockItems, StockKind } from '@/state/types';
import { useUnits } from '@/ui/Units';
import { COLUMNS, sorted, type Column } from './columns';
import css from './drawer.module.css';
import { LISTS } from './words';

/** One list of the drawer: sorted by any column, each thing changed or taken out from its row. */
export function StockTable<K extends StockKind>(p: {
  kind: K;
  items: readonly StockItems[K][];
  onAdd: () => void;
  onChange: (item: StockItems[K]) => void;
  onRemove: (item: StockItems[K]) => void;
  extra?: React.ReactNode;
}) {
  const { typed } = useUnits();
  const words = LISTS[p.kind];
  const columns = COLUMNS[p.kind] as readonly Column<K>[];
  const [by, setBy] = useState<{ at: number; down: boolean }>({ at: -1, down: false });
  const rows = sorted(p.items, columns[by.at] ?? null, by.down);
  const head = (at: number, text: string) => (
    <th
      key={text}
      scope="col"
      aria-sort={by.at === at ? (by.down ? 'descending' : 'ascending') : 'none'}
      data-figures={columns[at]?.figures ?? false}
    >
      <button type="button" className={css.sort} onClick={() => setBy({ at, down: by.at === at && !by.down })}>
        {text}
        <span aria-hidden="true">{by.at === at ? (by.down ? '▾' : '▴') : ''}</span>
      </button>
    </th>
  );
  return (
    <section className={css.list} aria-label={words.title}>
      <div className={css.head}>
        <div>
          <h2>{words.title}</h2>
          <p className="dim">{words.lead}</p>
        </div>
        <div className={css.headActs}>
          {p.extra}
          <Button variant="outlined" size="small" onClick={p.onAdd}>
            Add {words.one}
          </Button>
        </div>
      </div>
      {rows.length === 0 ? (
        <p className={css.none}>{words.none}</p>
      ) : (
        <div className={css.scroll} tabIndex={0} role="group" aria-label={`${words.title}, table`}>
          <table className={css.table}>
            <thead>
              <tr>
                {head(-1, 'name')}
                {columns.map((c, i) => head(i, c.head))}
                <th scope="col">
                  <span className="hidden-visually">what to do</span>
                </th>
              </tr>
            </thead>
            <tbody>
              {rows.map((item) => (
                <tr key={item.id}>
                  <th scope="row">
                    {item.name}
                    {item.demo && <span className={css.sample}>sample</span>}
                    {item.note && <p>{item.note}</p>}
                  </th>
                  {columns.map((c) => (
                    <td
                      key={c.head}
                      className={c.figures ? 'num' : undefined}
                      data-figures={c.figures ?? false}
                    >
                      {c.cell(item, typed)}
                    </td>
                  ))}
                  <td className={css.acts}>
                    <button
                      type="button"
                      className="quiet"
                      aria-label={`Edit ${item.name}`}
                      onClick={() => p.onChange(item)}
                    >
                      edit
                    </button>
                    <button
                      type="button"
                      className="quiet"
                      aria-label={`Delete ${item.name}`}
                      onClick={() => p.onRemove(item)}
                    >
                      delete
                    </button>
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        </div>
      )}
    </section>
  );
}
