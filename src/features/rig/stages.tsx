'use client';
import dynamic from 'next/dynamic';
import Link from 'next/link';
import { memo, useState } from 'react';
import { ALLOY_IDS, ALLOYS, type AlloyId } from '@/core/catalog/alloys';
import { FOAM_IDS, FOAMS, type FoamId } from '@/core/catalog/foams';
import { CUTTERS } from '@/core/documents/cutters';
import { FRAME_KINDS, type FrameKind } from '@/core/documents/rig';
import type { Spool, Stock } from '@/state/types';
import { apply } from '@/state/edit';
import { useDerived, useRig, useRigStore } from '@/state/RigContext';
import { Check } from '@/ui/Check';
import { Choice } from '@/ui/Choice';
import { Term } from '@/ui/Term';
import { useUnits } from '@/ui/Units';
import { FindIt } from './FindIt';
import { FoamClass } from './FoamClass';
import { HangWire } from './HangWire';
import { LoopLength } from './LoopLength';
import { ChoiceField, NumberField, optionsOf } from './Field';
import css from './rig.module.css';
import { useField } from './useField';
import { ALLOY_GROUPS, FRAME_HELP, FRAME_NAMES, MATERIAL_NAMES } from './words';
import { places } from '@/state/places';

const FoamPath = dynamic(() => import('./FoamPath').then((m) => m.FoamPath), { ssr: false });

const NONE = '';
const FIND_GAUGE = <FindIt what="gauge" />;
const FIND_LENGTH = <FindIt what="length" />;
const DRAUGHT = <Term k="draught">Draught</Term>;

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

/** Cutter: which kind, of what, how the wire lies. */
export const CutterStage = memo(function CutterStage() {
  const { evaluation } = useDerived();
  const { say } = useUnits();
  const lie = useField<'horizontal' | 'vertical'>('wire.lie', 'wire lies');
  const guided = useField<boolean | undefined>('frame.guided', 'guided');
  const kind = useRig((s) => s.doc.frame.kind);
  const free = useRig((s) => (s.doc.wire.lengthMm - s.doc.foam.widthMm) / 2);
  const { pieces, ends } = CUTTERS[kind];
  const onTemplates = guided.value ?? (kind === 'bow' || kind === 'pulled-bow' || kind === 'drop-bow');
  return (
    <>
      <ChoiceField<FrameKind>
        path="frame.kind"
        label="Cutter"
        options={optionsOf(FRAME_NAMES, FRAME_KINDS)}
        note={FRAME_HELP[kind]}
      />
      <ChoiceField path="frame.material" options={optionsOf(MATERIAL_NAMES)} />
      {pieces && (
        <NumberField path="frame.throatMm" whenEmpty="not known" note="Clear depth from wire to bar." />
      )}
      <div className={css.pair}>
        <NumberField path="room.airC" />
        <NumberField path="room.draughtMS" name={DRAUGHT} />
      </div>
      <div className={css.pair}>
        <Check
          label="Wire upright"
          checked={lie.value === 'vertical'}
          onChange={(on) => lie.set(on ? 'vertical' : 'horizontal')}
        />
      </div>
      {pieces && (
        <Check
          label="Led along templates at the faces of the foam"
          checked={onTemplates}
          onChange={(on) => guided.set(on)}
        />
      )}
      <p className={css.says} hidden={!ends}>
        Room each side <b className="num">{say(Math.max(0, free), 'wireLength')}</b>
        {evaluation.coolEnd !== null && (
          <>
            , of which the <Term k="coolEnd">unheated end</Term> takes{' '}
            <b className="num">{say(3000 * evaluation.coolEnd, 'wireLength')}</b>
          </>
        )}
        .
      </p>
    </>
  );
});

/** What a spool makes of a rig's wire. Ohms measured on the spool beat the catalogue: a length has its share of them. */
function hung({ alloy, diameterMm, strands, ohmPerM }: Spool, lengthMm: number) {
  const wire = { alloy, diameterMm, strands, measuredOhm: null };
  if (ohmPerM === null) return { wire };
  const measuredOhm = Number(((ohmPerM * lengthMm) / 1000).toPrecision(4));
  return { wire: { ...wire, measuredOhm }, from: { 'wire.measuredOhm': 'measured' } };
}

/** Wire: alloy, gauge, length; a measured resistance beats the catalogue. */
export const WireStage = memo(function WireStage({ stock }: { stock: Stock }) {
  const store = useRigStore();
  const id = useRig((s) => s.links.spoolId) ?? NONE;
  const alloy = useRig((s) => s.doc.wire.alloy);
  const loop = useRig((s) => s.doc.frame.kind === 'hand-tool');
  const { reading } = useDerived();
  const { say } = useUnits();
  const take = (next: string) => {
    const { doc, edit } = store.getState();
    const spool = stock.spools.find((s) => s.id === next);
    edit('wire', apply(doc, spool ? hung(spool, doc.wire.lengthMm) : {}), { spoolId: spool?.id ?? null });
  };
  const alloyChosen = (next: AlloyId) => {
    const { doc, edit } = store.getState();
    edit('wire', apply(doc, { wire: { alloy: next, measuredOhm: null } }), { spoolId: null });
  };
  const strands = useField<1 | 3 | 7 | 19>('wire.strands', 'strands');
  return (
    <>
      {stock.spools.length > 0 && (
        <Choice
          label="From the drawer"
          name="wire.spool"
          value={id}
          onChoose={take}
          options={[
            { value: NONE, name: 'none of these' },
            ...stock.spools.map((s) => ({ value: s.id, name: s.name })),
          ]}
        />
      )}
      <Choice
        label="Alloy"
        name="wire.alloy"
        value={alloy}
        onChoose={alloyChosen}
        options={ALLOY_IDS.map((a) => ({ value: a, name: ALLOYS[a].name, group: ALLOY_GROUPS[a] }))}
        note={
          ALLOYS[alloy].caution ?? `Up to ${say(ALLOYS[alloy].limitC, 'temperature')}; ${ALLOYS[alloy].source}.`
        }
      />
      <NumberField path="wire.diameterMm" note="Type 24 awg, 0.51 mm or 20 thou." action={FIND_GAUGE} />
      <Choice
        label="Strands"
        name="wire.strands"
        value={String(strands.value)}
        onChoose={(v) => strands.set(Number(v) as 1)}
        options={['1', '3', '7', '19'].map((v) => ({
          value: v,
          name: v === '1' ? 'one, solid' : `${v}, laid together`,
        }))}
      />
      {loop && <LoopLength />}
      <NumberField path="wire.lengthMm" note="Heated length, between the clips." action={FIND_LENGTH} />
      <NumberField
        path="wire.measuredOhm"
        whenEmpty={`${say(reading.cold.wireOhm, 'ohms')} by the catalogue`}
        note="By meter, less its probes: beats the catalogue."
      />
      <p>
        <Link href={places.drawer('wire')}>What wire is this? Identify it by its resistance</Link>
      </p>
      <HangWire spools={stock.spools} />
    </>
  );
});
