'use client';
import Button from '@mui/material/Button';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { PLAIN_SUPPLIES } from '@/core/documents/plainSupplies';
import type { NewStock, Stock, StockKind } from '@/state/types';
import { inWords } from '@/state/api';
import css from './drawer.module.css';
import { IdentifyWire } from './IdentifyWire';
import { QuickEntry } from './QuickEntry';
import { RemoveDialog, type Removal } from './RemoveDialog';
import { StockDialog, type Editing } from './StockDialog';
import { StockTable } from './StockTable';
import { places } from '@/state/places';
import { useStock } from '@/state/useStock';
import { Link } from '@/ui/Link';

const ORDER = ['spools', 'supplies', 'controls', 'leads', 'foams'] as const satisfies readonly StockKind[];

/** A transformer to be rewound, as its dialog begins. */
const REWIND: Partial<NewStock<'supplies'>> = {
  supply: PLAIN_SUPPLIES.transformer.supply,
  control: 'scale',
};

/** The drawer: wire, power, controls, leads and foam. */
export function Drawer({ stock, asked }: { stock: Stock; asked?: string | undefined }) {
  const router = useRouter();
  const { drop } = useStock();
  // A stage of a rig sends here for what it does not know: its wire, its supply, a transformer's turns.
  const [editing, edit] = useState<Editing | null>((): Editing | null =>
    asked === 'supply'
      ? { kind: 'supplies', item: null }
      : asked === 'rewind'
        ? ({ kind: 'supplies', item: null, start: REWIND } satisfies Editing<'supplies'> as Editing)
        : null,
  );
  const [identifying, identify] = useState(asked === 'wire');
  const [removal, setRemoval] = useState<Removal | null>(null);
  const remove = async (kind: StockKind, id: string, name: string, sure: boolean) => {
    const answer = await drop(kind, id, sure);
    if (answer.kind === 'done') {
      setRemoval(null);
      return router.refresh();
    }
    const users =
      answer.kind === 'refused' ? (answer.body['users'] as { name: string }[] | undefined) : undefined;
    setRemoval({ kind, id, name, users: users ?? null, problem: users ? null : inWords(answer) });
  };
  return (
    <div className="page">
      <div className={css.title}>
        <h1>The drawer</h1>
        <Link href={places.machines}>Machines</Link>
        <Link href={places.match()} className={css.go}>
          What works with all this?
        </Link>
      </div>
      <QuickEntry onSaved={() => router.refresh()} />
      {ORDER.map((kind) => (
        <StockTable
          key={kind}
          kind={kind}
          items={stock[kind]}
          onAdd={() => edit({ kind, item: null })}
          onChange={(item) => edit({ kind, item })}
          onRemove={({ id, name }) => setRemoval({ kind, id, name, users: null, problem: null })}
          extra={
            kind === 'spools' ? (
              <Button size="small" onClick={() => identify(true)}>
                Identify my wire
              </Button>
            ) : (
              kind === 'supplies' && (
                <Button size="small" onClick={() => edit({ kind, item: null })}>
                  Identify my supply
                </Button>
              )
            )
          }
        />
      ))}
      {editing && (
        <StockDialog
          editing={editing}
          spools={stock.spools}
          onClose={() => edit(null)}
          onSaved={() => router.refresh()}
        />
      )}
      {identifying && (
        <IdentifyWire
          onClose={() => identify(false)}
          onTake={(start) => {
            identify(false);
            edit({ kind: 'spools', item: null, start });
          }}
        />
      )}
      <RemoveDialog
        removal={removal}
        onClose={() => setRemoval(null)}
        onRemove={(r, sure) => void remove(r.kind, r.id, r.name, sure)}
      />
    </div>
  );
}
