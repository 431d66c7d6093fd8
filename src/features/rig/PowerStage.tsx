'use client';
import { memo, useState } from 'react';
import type { ControlKind } from '@/core/documents/control';
import type { Rig } from '@/core/documents/rig';
import { SUPPLY_KINDS, type SupplyKind } from '@/core/documents/supply';
import { evaluate } from '@/core/engine/evaluate';
import { ohmPerMetre } from '@/core/engine/setup';
import type { WindowCurve } from '@/core/engine/windowCurve';
import { SETTING_ROLE } from '@/core/words/control';
import type { Stock } from '@/state/types';
import { apply } from '@/state/edit';
import { useDerived, useRig, useRigStore } from '@/state/RigContext';
import { Choice } from '@/ui/Choice';
import { Link } from '@/ui/Link';
import { later } from '@/ui/later';
import { Dial } from './Dial';
import { ChoiceField, NumberField, optionsOf } from './Field';
import css from './rig.module.css';
import { CutFields } from './CutFields';
import { FindIt } from './FindIt';
import { Marks } from './Marks';
import { CONTROL_NAMES, SETTING_NAMES, SUPPLY_NAMES } from './words';
import { places } from '@/state/places';

const MoreLeads = later(() => import('./MoreLeads').then((m) => m.MoreLeads));
const BatteryFields = later(() => import('./BatteryFields').then((m) => m.BatteryFields));
const BatteryVolts = later(() => import('./BatteryFields').then((m) => m.BatteryVolts));

const NONE = '';
/** Stands before a kind in the list of supplies, so that no thing of the drawer has its value. */
const KIND = 'kind:';
const FIND = <FindIt what="setting" />;
/** A setting to begin with where the control is changed. */
function firstSetting(kind: ControlKind, rig: Rig): number | null {
  const { supply, wire } = rig;
  if (kind === 'clip') return wire.lengthMm;
  if (kind === 'hold-ohm') return hotOhm(rig);
  if (kind === 'none') return null;
  if (kind === 'volts' || kind === 'buck') return supply.volts / 2;
  if (kind === 'amps') return Math.min(2, supply.maxAmps ?? 2);
  if (kind === 'phase') return 90;
  return 0.5;
}

/** Ohms of the wire as hot as it is now: where a controller would begin. */
function hotOhm(rig: Rig): number {
  const { s, idle } = evaluate(rig);
  return Number((ohmPerMetre(s, idle.airC) * s.length).toPrecision(4));
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
  const [more, openMore] = useState(false);
  const supplyKind = useRig((s) => s.doc.supply.kind);
  const ratedVA = useRig((s) => s.doc.supply.ratedVA);
  const battery = useRig((s) => s.doc.supply.battery !== undefined);
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
  const kindChosen = async (kind: SupplyKind) => {
    const { PLAIN_SUPPLIES } = await import('@/core/documents/plainSupplies');
    store.getState().edit(
      'supply',
      apply(store.getState().doc, {
        supply: { ...blank, ...PLAIN_SUPPLIES[kind].supply },
        from: { 'supply.volts': 'assumed', 'supply.maxAmps': 'assumed' },
      }),
      { supplyId: null },
    );
  };
  const controlChosen = (kind: ControlKind) =>
    store.getState().edit(
      'control',
      apply(store.getState().doc, {
        control: { kind, setting: firstSetting(kind, store.getState().doc) },
      }),
    );
  return (
    <>
      <Choice
        label="Supply"
        name="supply.kind"
        value={id === NONE ? `${KIND}${supplyKind}` : id}
        onChoose={(v) => (v.startsWith(KIND) ? kindChosen(v.slice(KIND.length) as SupplyKind) : take(v))}
        options={[
          ...stock.supplies.map((s) => ({ value: s.id, name: s.name, group: 'In the drawer' })),
          ...SUPPLY_KINDS.map((k) => ({ value: `${KIND}${k}`, name: SUPPLY_NAMES[k], group: 'By its kind' })),
        ]}
      />
      <div className={css.pair}>
        {battery ? <BatteryVolts /> : <NumberField path="supply.volts" />}
        <NumberField path="supply.maxAmps" whenEmpty={ratedVA ? `from its ${ratedVA} VA` : 'not known'} />
      </div>
      {supplyKind === 'battery' && <BatteryFields />}
      {supplyKind === 'transformer' && (
        <div className={css.pair}>
          <NumberField path="supply.ratedVA" role="count" whenEmpty="not known" />
          <p className={css.says}>
            <Link href={places.drawer('rewind')}>Rewind or count its turns</Link>
          </p>
        </div>
      )}
      {(supplyKind === 'transformer' || supplyKind === 'other') && (
        <ChoiceField
          path="supply.current"
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
        options={optionsOf(CONTROL_NAMES)}
      />
      {role && rated ? (
        <div className={css.pair}>
          <NumberField path="control.setting" label={SETTING_NAMES[kind]} role={role} action={FIND} />
          <NumberField path="control.ratedAmps" whenEmpty="not known" />
        </div>
      ) : (
        role && <NumberField path="control.setting" label={SETTING_NAMES[kind]} role={role} action={FIND} />
      )}
      {role && <LiveDial curve={curve} />}
      <CutFields />
      <div className={css.quad}>
        <NumberField path="leads.areaMm2" />
        <NumberField path="leads.lengthMm" />
        <NumberField path="leads.fuseA" whenEmpty="none" />
        <NumberField path="leads.switchA" whenEmpty="none" />
      </div>
      <details className={css.more} onToggle={(e) => openMore(e.currentTarget.open)}>
        <summary>Contacts, and what else is in the loop</summary>
        {more && <MoreLeads leads={stock.leads} />}
      </details>
    </>
  );
});

/** The part of the stage that is painted anew at each step. */
function LiveDial({ curve }: { curve: WindowCurve | null }) {
  const { rig, evaluation } = useDerived();
  const feedMmS = evaluation.feed === null ? null : evaluation.feed * 1000;
  return (
    <Dial rig={rig} curve={curve} feedMmS={feedMmS}>
      <Marks />
    </Dial>
  );
}
