'use client';
import { memo } from 'react';
import { PLAIN_SUPPLIES } from '@/core/catalog/supplies';
import type { ControlKind } from '@/core/documents/control';
import type { Rig } from '@/core/documents/rig';
import { SUPPLY_KINDS, type SupplyKind } from '@/core/documents/supply';
import type { WindowCurve } from '@/core/engine/windowCurve';
import { SETTING_ROLE } from '@/core/words/control';
import type { Stock } from '@/state/types';
import { apply } from '@/state/edit';
import { useDerived, useRig, useRigStore } from '@/state/RigContext';
import { Choice } from '@/ui/Choice';
import { Dial } from './Dial';
import { ChoiceField, NumberField, optionsOf } from './Field';
import css from './rig.module.css';
import { CutFields } from './stages';
import { CONTROL_NAMES, CONTROLS_BUILT, SETTING_NAMES, SUPPLY_NAMES } from './words';

const NONE = '';
/** A setting to begin with where the control is changed. */
function firstSetting(kind: ControlKind, { supply, wire }: Pick<Rig, 'supply' | 'wire'>): number | null {
  if (kind === 'clip') return wire.lengthMm;
  if (kind === 'hold-ohm') return 5;
  if (kind === 'none') return null;
  if (kind === 'volts' || kind === 'buck') return supply.volts / 2;
  if (kind === 'amps') return Math.min(2, supply.maxAmps ?? 2);
  if (kind === 'phase') return 90;
  return 0.5;
}

/** Power: what drives the wire, its dial with the clean range on it, and the leads. */
export const PowerStage = memo(function PowerStage({
  stock,
  curve,
}: {
  stock: Stock;
  curve: WindowCurve | null;
}) {
  const store = useRigStore();
  const id = useRig((s) => s.links.supplyId) ?? NONE;
  const supplyKind = useRig((s) => s.doc.supply.kind);
  const ratedVA = useRig((s) => s.doc.supply.ratedVA);
  const kind = useRig((s) => s.doc.control.kind);
  const role = SETTING_ROLE[kind];
  const rated = kind === 'pwm' || kind === 'phase' || kind === 'scale' || kind === 'buck';
  const blank = { battery: undefined, ratedVA: undefined, isolated: undefined };
  const take = (next: string) => {
    const { doc } = store.getState();
    const { control } = doc;
    const found = stock.supplies.find((s) => s.id === next);
    if (!found) return void store.getState().edit('supply', apply(doc, {}), { supplyId: null });
    const kind = control.kind === found.control ? control.kind : found.control;
    const setting =
      kind === control.kind ? control.setting : firstSetting(kind, { ...doc, supply: found.supply });
    store
      .getState()
      .edit('supply', apply(doc, { supply: { ...blank, ...found.supply }, control: { kind, setting } }), {
        supplyId: found.id,
      });
  };
  const kindChosen = (kind: SupplyKind) =>
    store.getState().edit(
      'supply',
      apply(store.getState().doc, {
        supply: { ...blank, ...PLAIN_SUPPLIES[kind].supply },
        from: { 'supply.volts': 'assumed', 'supply.maxAmps': 'assumed' },
      }),
      { supplyId: null },
    );
  const controlChosen = (kind: ControlKind) =>
    store.getState().edit(
      'control',
      apply(store.getState().doc, {
        control: { kind, setting: firstSetting(kind, store.getState().doc) },
      }),
    );
  return (
    <>
      {stock.supplies.length > 0 && (
        <Choice
          label="From the drawer"
          name="supply.stock"
          value={id}
          onChoose={take}
          options={[
            { value: NONE, name: 'none of these' },
            ...stock.supplies.map((s) => ({ value: s.id, name: s.name })),
          ]}
        />
      )}
      <Choice
        label="Supply"
        name="supply.kind"
        value={supplyKind}
        onChoose={kindChosen}
        options={optionsOf(SUPPLY_NAMES, SUPPLY_KINDS)}
      />
      <div className={css.pair}>
        <NumberField path="supply.volts" label="Volts" role="volts" />
        <NumberField
          path="supply.maxAmps"
          label="Most amps"
          role="amps"
          whenEmpty={ratedVA ? `from its ${ratedVA} VA` : 'not known'}
        />
      </div>
      {(supplyKind === 'transformer' || supplyKind === 'other') && (
        <ChoiceField
          path="supply.current"
          label="Gives"
          options={[
            { value: 'dc', name: 'direct current' },
            { value: 'ac', name: 'alternating current' },
          ]}
        />
      )}
      <Choice
        label="Control"
        name="control.kind"
        value={kind}
        onChoose={controlChosen}
        options={optionsOf(CONTROL_NAMES, [...new Set([...CONTROLS_BUILT, kind])])}
      />
      {role && rated ? (
        <div className={css.pair}>
          <NumberField path="control.setting" label={SETTING_NAMES[kind]} role={role} />
          <NumberField path="control.ratedAmps" label="It bears" role="amps" whenEmpty="not known" />
        </div>
      ) : (
        role && <NumberField path="control.setting" label={SETTING_NAMES[kind]} role={role} />
      )}
      {role && <LiveDial curve={curve} />}
      <CutFields />
      <div className={css.pair}>
        <NumberField path="leads.areaMm2" label="Leads, copper" role="area" />
        <NumberField path="leads.lengthMm" label="out and back" role="leadLength" />
        <NumberField path="leads.fuseA" label="Fuse" role="amps" whenEmpty="none" />
        <NumberField path="leads.switchA" label="Switch, rated" role="amps" whenEmpty="none" />
      </div>
    </>
  );
});

/** The part of the stage that is painted anew at each step. */
function LiveDial({ curve }: { curve: WindowCurve | null }) {
  const { rig, evaluation } = useDerived();
  return <Dial rig={rig} curve={curve} feedMmS={evaluation.feed === null ? null : evaluation.feed * 1000} />;
}
