'use client';
import Button from '@mui/material/Button';
import { useRouter } from 'next/navigation';
import { useState, type ReactNode } from 'react';
import { ALLOYS } from '@/core/catalog/alloys';
import { FOAMS } from '@/core/catalog/foams';
import type { FoamStock, Spool, Stock, StockKind, SupplyStock } from '@/state/types';
import { call, inWords } from '@/state/api';
import { OriginMark } from '@/ui/OriginMark';
import { useUnits } from '@/ui/Units';
import { CONTROL_WORDS, SUPPLY_WORDS } from './names';
import css from './drawer.module.css';
import { RemoveDialog, type Removal } from './RemoveDialog';
import { StockDialog, type Editing } from './StockDialog';
import { LISTS } from './words';

/** The drawer: foam, wire and power. */
export function Drawer({ stock }: { stock: Stock }) {
  const router = useRouter();
  const { typed } = useUnits();
  const [editing, edit] = useState<Editing | null>(null);
  const [removal, setRemoval] = useState<Removal | null>(null);
  const remove = async (kind: StockKind, id: string, name: string, sure: boolean) => {
    const answer = await call('DELETE', `/api/drawer/${kind}/${id}${sure ? '?sure=1' : ''}`);
    if (answer.kind === 'done') {
      setRemoval(null);
      return router.refresh();
    }
    const users =
      answer.kind === 'refused' ? (answer.body['users'] as { name: string }[] | undefined) : undefined;
    setRemoval({ kind, id, name, users: users ?? null, problem: users ? null : inWords(answer) });
  };
  const row = (kind: StockKind, item: FoamStock | Spool | SupplyStock, cells: ReactNode[]) => (
    <tr key={item.id}>
      <th scope="row">
        {item.name}
        {item.demo && <span className={css.sample}>sample</span>}
        {item.note && <p>{item.note}</p>}
      </th>
      {cells.map((c, i) => (
        <td key={i}>{c}</td>
      ))}
      <td className={css.acts}>
        <button
          type="button"
          className="quiet"
          aria-label={`Change ${item.name}`}
          onClick={() => edit({ kind, item } as Editing)}
        >
          change
        </button>
        <button
          type="button"
          className="quiet"
          aria-label={`Take out ${item.name}`}
          onClick={() => setRemoval({ kind, id: item.id, name: item.name, users: null, problem: null })}
        >
          take out
        </button>
      </td>
    </tr>
  );
  return (
    <div className="page">
      <h1>The drawer</h1>
      <List
        kind="supplies"
        heads={['kind', 'label says', 'control']}
        onAdd={() => edit({ kind: 'supplies', item: null })}
      >
        {stock.supplies.map((s) =>
          row('supplies', s, [
            SUPPLY_WORDS[s.supply.kind],
            <span key="l" className="num">
              {typed(s.supply.volts, 'volts')}
              {s.supply.maxAmps !== null
                ? `, ${typed(s.supply.maxAmps, 'amps')}`
                : s.supply.ratedVA
                  ? `, ${s.supply.ratedVA} VA`
                  : ', amps not known'}
              {s.supply.current === 'ac' ? ' ac' : ''}
            </span>,
            CONTROL_WORDS[s.control],
          ]),
        )}
      </List>
      <List kind="spools" heads={['alloy', 'gauge', 'left']} onAdd={() => edit({ kind: 'spools', item: null })}>
        {stock.spools.map((s) =>
          row('spools', s, [
            ALLOYS[s.alloy].name,
            <span key="g" className="num">
              {typed(s.diameterMm, 'wireDiameter')}
              {s.strands > 1 ? ` × ${s.strands}` : ''}
            </span>,
            <span key="m" className="num">
              {s.metres === null ? '–' : `${s.metres} m`}
            </span>,
          ]),
        )}
      </List>
      <List
        kind="foams"
        heads={['kind', 'density', 'where from']}
        onAdd={() => edit({ kind: 'foams', item: null })}
      >
        {stock.foams.map((f) =>
          row('foams', f, [
            FOAMS[f.kind].name,
            <span key="d" className="num">
              {typed(f.densityKgM3, 'density')}
            </span>,
            <OriginMark key="o" origin={f.origin} />,
          ]),
        )}
      </List>
      {editing && <StockDialog editing={editing} onClose={() => edit(null)} onSaved={() => router.refresh()} />}
      <RemoveDialog
        removal={removal}
        onClose={() => setRemoval(null)}
        onRemove={(r, sure) => void remove(r.kind, r.id, r.name, sure)}
      />
    </div>
  );
}

function List(p: { kind: StockKind; heads: readonly string[]; onAdd: () => void; children: ReactNode[] }) {
  const words = LISTS[p.kind];
  return (
    <section className={css.list} aria-label={words.title}>
      <div className={css.head}>
        <div>
          <h2>{words.title}</h2>
          <p className="dim">{words.lead}</p>
        </div>
        <Button variant="outlined" size="small" onClick={p.onAdd}>
          Add {words.one}
        </Button>
      </div>
      {p.children.length === 0 ? (
        <p className={css.none}>{words.none}</p>
      ) : (
        <div className={css.scroll} tabIndex={0} role="group" aria-label={`${words.title}, table`}>
          <table className={css.table}>
            <thead>
              <tr>
                <th scope="col">name</th>
                {p.heads.map((h) => (
                  <th key={h} scope="col">
                    {h}
                  </th>
                ))}
                <th scope="col">
                  <span className="hidden-visually">what to do</span>
                </th>
              </tr>
            </thead>
            <tbody>{p.children}</tbody>
          </table>
        </div>
      )}
    </section>
  );
}
