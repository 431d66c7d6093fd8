'use client';
import Button from '@mui/material/Button';
import { useState } from 'react';
import type { StockItems, StockKind } from '@/state/types';
import { SortHead } from '@/ui/SortHead';
import { useUnits } from '@/ui/Units';
import { COLUMNS, sorted, type Column } from './columns';
import { Body, Cell, Head, Row, Table } from '@/ui/table';
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
    <SortHead
      key={text}
      text={text}
      figures={columns[at]?.figures ?? false}
      sorted={by.at !== at ? null : by.down ? 'down' : 'up'}
      onSort={() => setBy({ at, down: by.at === at && !by.down })}
    />
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
          <Table className={css.table}>
            <Head>
              <Row>
                {head(-1, 'name')}
                {columns.map((c, i) => head(i, c.head))}
                <Cell>
                  <span className="hidden-visually">what to do</span>
                </Cell>
              </Row>
            </Head>
            <Body>
              {rows.map((item) => (
                <Row key={item.id}>
                  <Cell component="th" scope="row">
                    {item.name}
                    {item.demo && <span className={css.sample}>sample</span>}
                    {item.note && <p>{item.note}</p>}
                  </Cell>
                  {columns.map((c) => (
                    <Cell
                      key={c.head}
                      className={c.figures ? 'num' : undefined}
                      data-figures={c.figures ?? false}
                    >
                      {c.cell(item, typed)}
                    </Cell>
                  ))}
                  <Cell className={css.acts}>
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
                  </Cell>
                </Row>
              ))}
            </Body>
          </Table>
        </div>
      )}
    </section>
  );
}
