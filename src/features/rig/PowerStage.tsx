'use client';
import type { ControlKind } from '@/core/documents/control';
import { SUPPLY_KINDS, type Supply, type SupplyKind } from '@/core/documents/supply';
import type { WindowCurve } from '@/core/engine/windowCurve';
import { SETTING_ROLE } from '@/core/words/control';
import type { Stock } from '@/db/stock';
import { apply } from '@/state/edit';
import { useDerived, useRig, useRigStore } from '@/state/RigContext';
import { Choice } from '@/ui/Choice';
import { Dial, dialOf } from './Dial';
import { ChoiceField, NumberField, optionsOf } from './Field';
import { CutFields } from './stages';
import { CONTROL_NAMES, CONTROLS_BUILT, SETTING_NAMES, SUPPLY_NAMES } from './words';

const NONE = '';
/** A plain start of each kind, as such things are commonly sold. */
export const PLAIN_SUPPLIES: Record<SupplyKind, Supply> = {
  bench: { kind: 'bench', volts: 30, maxAmps: 5, internalOhm: 0, current: 'dc' },
  brick: { kind: 'brick', volts: 19, maxAmps: 3.4, internalOhm: 0, current: 'dc' },
  'computer-supply': { kind: 'computer-supply', volts: 12, maxAmps: 15, internalOhm: 0, current: 'dc' },
  battery: { kind: 'battery', volts: 12, maxAmps: 10, internalOhm: 0, current: 'dc', battery: { chemistry: 'lead-acid', cells: 6, ampHours: 7, charge: 0.8 } },
  transformer: { kind: 'transformer', volts: 24, maxAmps: null, internalOhm: 0, current: 'ac', ratedVA: 60 },
  charger: { kind: 'charger', volts: 12, maxAmps: 6, internalOhm: 0, current: 'dc' },
  other: { kind: 'other', volts: 12, maxAmps: null, internalOhm: 0, current: 'dc' },
};

/** A setting to begin with where the control is changed. */
function firstSetting(kind: ControlKind, supply: Supply): number | null {
  if (kind === 'none') return null;
  if (kind === 'volts') return supply.volts / 2;
  if (kind === 'amps') return Math.min(2, supply.maxAmps ?? 2);
  if (kind === 'phase') return 90;
  return 0.5;
}

/** Power: what drives the wire, its dial with the clean range on it, and the leads. */
export function PowerStage({ stock, curve }: { stock: Stock; curve: WindowCurve | null }) {
  const store = useRigStore();
  const id = useRig((s) => s.links.supplyId) ?? NONE;
  const doc = useRig((s) => s.doc);
  const { rig, evaluation } = useDerived();
  const { supply, control } = doc;
  const role = SETTING_ROLE[control.kind];
  const blank = { battery: undefined, ratedVA: undefined, isolated: undefined };
  const take = (next: string) => {
    const found = stock.supplies.find((s) => s.id === next);
    if (!found) return void store.getState().edit('supply', apply(doc, {}), { supplyId: null });
    const kind = control.kind === found.control ? control.kind : found.control;
    const setting = kind === control.kind ? control.setting : firstSetting(kind, found.supply);
    store.getState().edit('supply', apply(doc, { supply: { ...blank, ...found.supply }, control: { kind, setting } }), { supplyId: found.id });
  };
  const kindChosen = (kind: SupplyKind) =>
    store.getState().edit('supply', apply(doc, { supply: { ...blank, ...PLAIN_SUPPLIES[kind] }, from: { 'supply.volts': 'assumed', 'supply.maxAmps': 'assumed' } }), { supplyId: null });
  const controlChosen = (kind: ControlKind) => store.getState().edit('control', apply(doc, { control: { kind, setting: firstSetting(kind, supply) } }));
  return (
    <>
      {stock.supplies.length > 0 && (
        <Choice label="From the drawer" name="supply.stock" value={id} onChoose={take} options={[{ value: NONE, name: 'none of these' }, ...stock.supplies.map((s) => ({ value: s.id, name: s.name }))]} />
      )}
      <Choice label="Supply" name="supply.kind" value={supply.kind} onChoose={kindChosen} options={optionsOf(SUPPLY_NAMES, SUPPLY_KINDS)} />
      <NumberField path="supply.volts" label="Volts" role="volts" />
      <NumberField path="supply.maxAmps" label="Most amps" role="amps" whenEmpty={supply.ratedVA ? `from its ${supply.ratedVA} VA` : 'not known'} />
      {(supply.kind === 'transformer' || supply.kind === 'other') && <ChoiceField path="supply.current" label="Gives" options={[{ value: 'dc', name: 'direct current' }, { value: 'ac', name: 'alternating current' }]} />}
      <Choice label="Control" name="control.kind" value={control.kind} onChoose={controlChosen} options={optionsOf(CONTROL_NAMES, [...new Set([...CONTROLS_BUILT, control.kind])])} />
      {role && <NumberField path="control.setting" label={SETTING_NAMES[control.kind]} role={role} />}
      {role && dialOf(rig) && <Dial rig={rig} curve={curve} feedMmS={evaluation.feed === null ? null : evaluation.feed * 1000} />}
      <CutFields />
      <NumberField path="leads.areaMm2" label="Leads" role="area" />
    </>
  );
}
