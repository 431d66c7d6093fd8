'use client';
import { memo } from 'react';
import { ALLOY_IDS, ALLOYS, type AlloyId } from '@/core/catalog/alloys';
import type { Stock } from '@/state/types';
import { apply } from '@/state/edit';
import { useDerived, useRig, useRigStore } from '@/state/RigContext';
import { Choice } from '@/ui/Choice';
import { Link } from '@/ui/Link';
import { useUnits } from '@/ui/Units';
import { FindIt } from './FindIt';
import { HangWire } from './HangWire';
import { LoopLength } from './LoopLength';
import { NumberField } from './Field';
import { useField } from './useField';
import { ALLOY_GROUPS } from './stageWords';
import { places } from '@/state/places';

import { spoolOn } from './spoolOn.view';

const NONE = '';
const FIND_GAUGE = <FindIt what="gauge" />;
const FIND_LENGTH = <FindIt what="length" />;

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
    edit('wire', apply(doc, spool ? spoolOn(spool, doc.wire.lengthMm) : {}), { spoolId: spool?.id ?? null });
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
