'use client';
import { CHEMISTRIES } from '@/core/documents/supply';
import {
  batteryOfCells,
  batteryOfChemistry,
  batteryOfVolts,
  setOfSupply,
  type Chemistry,
} from '@/core/engine/battery';
import { limitsOf } from '@/core/documents/fieldPath';
import { rigSchema } from '@/core/documents/rig';
import { outside } from '@/core/words/limits';
import { apply } from '@/state/edit';
import { useRig, useRigStore } from '@/state/RigContext';
import { Choice } from '@/ui/Choice';
import { QuantityField } from '@/ui/QuantityField';
import { useUnits } from '@/ui/Units';
import { NumberField } from './Field';
import { SmallBatteries } from './SmallBatteries';
import css from './rig.module.css';

export const CHEMISTRY_NAMES: Record<Chemistry, string> = {
  'lead-acid': 'Lead-acid',
  'lithium-polymer': 'Lithium-polymer (3.7 V a cell)',
  'lithium-iron': 'Lithium iron phosphate (3.2 V a cell)',
  'nickel-metal': 'Nickel-metal hydride',
  alkaline: 'Alkaline',
};
/** What a battery is taken for until its kind is chosen. */
const FRESH = { chemistry: 'lead-acid', cells: 6, ampHours: 7, charge: 0.8 } as const;

function useBattery() {
  const store = useRigStore();
  const battery = useRig((s) => s.doc.supply.battery);
  const volts = useRig((s) => s.doc.supply.volts);
  const put = (supply: Record<string, unknown>) => {
    const { doc, edit } = store.getState();
    // Ohms that a set of small batteries brought do not stay with another battery.
    const was = setOfSupply(doc.supply);
    edit('battery', apply(doc, { supply: was ? { internalOhm: 0, ...supply } : supply }));
  };
  return { battery, volts, put };
}

/** The volts on a battery's label: typing them finds the cells. */
export function BatteryVolts() {
  const { battery, volts, put } = useBattery();
  const { say } = useUnits();
  if (!battery) return null;
  return (
    <QuantityField
      label="Voltage on its label"
      name="supply.volts"
      value={volts}
      role="volts"
      onValue={(v) => {
        const rule = outside(v, limitsOf(rigSchema, 'supply.volts')!, 'volts', say);
        if (rule === null) put(batteryOfVolts(battery, v!));
        return rule;
      }}
    />
  );
}

/** Kind, cells, amp-hours and charge of a battery, and the volts that follow. */
export function BatteryFields() {
  const { battery, volts, put } = useBattery();
  const choose = (chemistry: Chemistry) => put(batteryOfChemistry({ ...FRESH, ...battery }, chemistry, volts));
  return (
    <>
      <Choice
        label="Chemistry"
        name="supply.battery.chemistry"
        value={battery?.chemistry ?? ''}
        onChoose={(c) => c !== '' && choose(c as Chemistry)}
        options={[
          ...(battery ? [] : [{ value: '', name: 'choose: then minutes and fade are known' }]),
          ...CHEMISTRIES.map((c) => ({ value: c as string, name: CHEMISTRY_NAMES[c] })),
        ]}
      />
      {battery && (
        <>
          <div className={css.quad}>
            <QuantityField
              label="Cells in series"
              name="supply.battery.cells"
              value={battery.cells}
              role="count"
              onValue={(v) => {
                if (v === null || !Number.isInteger(v) || v < 1 || v > 200)
                  return 'must be a whole number from 1 to 200';
                put(batteryOfCells({ ...battery, cells: v }));
                return null;
              }}
            />
            <NumberField path="supply.battery.ampHours" role="count" />
            <NumberField path="supply.battery.charge" />
          </div>
        </>
      )}
      <SmallBatteries />
    </>
  );
}
