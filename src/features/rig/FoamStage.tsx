'use client';
import { memo, useState } from 'react';
import { FOAM_IDS, FOAMS, type FoamId } from '@/core/catalog/foams';
import type { Stock } from '@/state/types';
import { apply } from '@/state/edit';
import { useRig, useRigStore } from '@/state/RigContext';
import { Choice } from '@/ui/Choice';
import { later } from '@/ui/later';
import { FoamClass } from './FoamClass';
import { NumberField } from './Field';

const FoamPath = later(() => import('./FoamPath').then((m) => m.FoamPath));

const NONE = '';

/** Foam: what is to be cut, how dense, how wide and high. */
export const FoamStage = memo(function FoamStage({ stock }: { stock: Stock }) {
  const store = useRigStore();
  const id = useRig((s) => s.links.foamStockId) ?? NONE;
  const kind = useRig((s) => s.doc.foam.kind);
  const [asking, setAsking] = useState(false);
  const take = (next: string) => {
    const { doc, edit } = store.getState();
    const foam = stock.foams.find((f) => f.id === next);
    const patch = foam
      ? { foam: { kind: foam.kind, densityKgM3: foam.densityKgM3 }, from: { 'foam.densityKgM3': foam.origin } }
      : {};
    edit('foam', apply(doc, patch), { foamStockId: foam?.id ?? null });
  };
  const kindChosen = (next: FoamId) => {
    const { doc, edit } = store.getState();
    edit(
      'foam',
      apply(doc, {
        foam: { kind: next, densityKgM3: FOAMS[next].usualDensity },
        from: { 'foam.densityKgM3': 'assumed' },
      }),
      { foamStockId: null },
    );
  };
  return (
    <>
      {stock.foams.length > 0 && (
        <Choice
          label="From the shelf"
          name="foam.stock"
          value={id}
          onChoose={take}
          options={[
            { value: NONE, name: 'none of these' },
            ...stock.foams.map((f) => ({ value: f.id, name: f.name })),
          ]}
        />
      )}
      <Choice
        label="Kind"
        name="foam.kind"
        value={kind}
        onChoose={kindChosen}
        options={FOAM_IDS.map((f) => ({
          value: f,
          name: FOAMS[f].name,
          group: { cut: 'Cuts', caution: 'With care', refuse: 'Never hot' }[FOAMS[f].verdict],
        }))}
        note={FOAMS[kind].reason || undefined}
      />
      <p>
        <button type="button" className="quiet" onClick={() => setAsking(true)}>
          what is this foam?
        </button>
      </p>
      {asking && <FoamPath onClose={() => setAsking(false)} />}
      <NumberField path="foam.densityKgM3" note="Weigh and measure an offcut: a label is a guess." />
      {(kind === 'eps' || kind === 'xps') && <FoamClass kind={kind} />}
      <NumberField path="foam.widthMm" note="Across the wire." />
      <NumberField path="foam.heightMm" whenEmpty="not known" />
    </>
  );
});
