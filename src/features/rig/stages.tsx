'use client';
import { memo } from 'react';
import { ALLOY_IDS, ALLOYS, type AlloyId } from '@/core/catalog/alloys';
import { FOAM_IDS, FOAMS, type FoamId } from '@/core/catalog/foams';
import { FRAME_KINDS, reserveOf, type FrameKind } from '@/core/documents/rig';
import type { Stock } from '@/state/types';
import { apply } from '@/state/edit';
import { useDerived, useRig, useRigStore } from '@/state/RigContext';
import { Check } from '@/ui/Check';
import { Choice } from '@/ui/Choice';
import { Term } from '@/ui/Term';
import { useUnits } from '@/ui/Units';
import { ChoiceField, NumberField, optionsOf } from './Field';
import css from './rig.module.css';
import { useField } from './useField';
import { ALLOY_GROUPS, FRAME_HELP, FRAME_NAMES, MATERIAL_NAMES, TENSION_NAMES } from './words';

const NONE = '';
const DRAUGHT = <Term k="draught">Draught</Term>;
const FEED = <Term k="feed">Feed</Term>;

/** Foam: what is to be cut, how dense, how wide and high. */
export const FoamStage = memo(function FoamStage({ stock }: { stock: Stock }) {
  const store = useRigStore();
  const id = useRig((s) => s.links.foamStockId) ?? NONE;
  const kind = useRig((s) => s.doc.foam.kind);
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
      <NumberField
        path="foam.densityKgM3"
        label="Density"
        role="density"
        note="Weigh and measure an offcut: a label is a guess."
      />
      <NumberField path="foam.widthMm" label="Width" role="foamSize" note="Across the wire." />
      <NumberField path="foam.heightMm" label="Height" role="foamSize" whenEmpty="not known" />
    </>
  );
});

/** Cutter: which kind, of what, how the wire lies and is held. */
export const CutterStage = memo(function CutterStage() {
  const { evaluation } = useDerived();
  const { say } = useUnits();
  const lie = useField<'horizontal' | 'vertical'>('wire.lie', 'wire lies');
  const guided = useField<boolean | undefined>('frame.guided', 'guided');
  const kind = useRig((s) => s.doc.frame.kind);
  const free = useRig((s) => (s.doc.wire.lengthMm - s.doc.foam.widthMm) / 2);
  const onTemplates = guided.value ?? (kind === 'bow' || kind === 'pulled-bow' || kind === 'drop-bow');
  return (
    <>
      <ChoiceField<FrameKind>
        path="frame.kind"
        label="Cutter"
        options={optionsOf(FRAME_NAMES, FRAME_KINDS)}
        note={FRAME_HELP[kind]}
      />
      <ChoiceField path="frame.material" label="Frame of" options={optionsOf(MATERIAL_NAMES)} />
      <NumberField
        path="frame.throatMm"
        label="Throat"
        role="wireLength"
        whenEmpty="not known"
        note="Clear depth from wire to bar."
      />
      <ChoiceField
        path="tension.kind"
        label="Held tight by"
        name={<Term k="takeUp">Take-up</Term>}
        options={optionsOf(TENSION_NAMES)}
      />
      <NumberField path="tension.setN" label="Pull" role="force" whenEmpty="30 % of its strength" />
      <div className={css.pair}>
        <NumberField path="room.airC" label="Air" role="temperature" />
        <NumberField path="room.draughtMS" label="Draught" name={DRAUGHT} role="draught" />
      </div>
      <Check
        label="The wire stands upright"
        checked={lie.value === 'vertical'}
        onChange={(on) => lie.set(on ? 'vertical' : 'horizontal')}
      />
      <Check
        label="Led along templates at the faces of the foam"
        checked={onTemplates}
        onChange={(on) => guided.set(on)}
      />
      <p className={css.says}>
        Room each side <b className="num">{say(Math.max(0, free), 'wireLength')}</b>
        {evaluation.coolEnd !== null && (
          <>
            , of which the <Term k="coolEnd">cool end</Term> takes{' '}
            <b className="num">{say(3000 * evaluation.coolEnd, 'wireLength')}</b>
          </>
        )}
        .
      </p>
    </>
  );
});

/** Wire: alloy, gauge, length; a measured resistance beats the catalogue. */
export const WireStage = memo(function WireStage({ stock }: { stock: Stock }) {
  const store = useRigStore();
  const id = useRig((s) => s.links.spoolId) ?? NONE;
  const alloy = useRig((s) => s.doc.wire.alloy);
  const { reading } = useDerived();
  const { say } = useUnits();
  const take = (next: string) => {
    const { doc, edit } = store.getState();
    const spool = stock.spools.find((s) => s.id === next);
    const patch = spool
      ? {
          wire: { alloy: spool.alloy, diameterMm: spool.diameterMm, strands: spool.strands, measuredOhm: null },
        }
      : {};
    edit('wire', apply(doc, patch), { spoolId: spool?.id ?? null });
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
      <NumberField
        path="wire.diameterMm"
        label="Gauge"
        role="wireDiameter"
        note="Type 24 awg, 0.51 mm or 20 thou."
      />
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
      <NumberField path="wire.lengthMm" label="Length" role="wireLength" note="Heated, clip to clip." />
      <NumberField
        path="wire.measuredOhm"
        label="Ohms, cold"
        role="ohms"
        whenEmpty={`${say(reading.cold.wireOhm, 'ohms')} by the catalogue`}
        note="By meter, less its probes: beats the catalogue."
      />
    </>
  );
});

/** What room and cut add to a stage: feed and how much is kept in hand. */
export const CutFields = memo(function CutFields() {
  const reserve = useRig((s) => reserveOf(s.doc));
  return (
    <NumberField
      path="cut.feedMmS"
      label="Feed"
      name={FEED}
      role="feed"
      whenEmpty={`${Math.round(reserve * 100)} % of the fastest`}
    />
  );
});
