'use client';
import { batteryOfCells, batteryOfChemistry } from '@/core/engine/battery';
import { CHEMISTRIES, type Supply } from '@/core/documents/supply';
import { Choice } from '@/ui/Choice';
import { RangeField, stockLimits } from './fields';

export function BatteryFields({
  battery,
  volts,
  set,
}: {
  battery: NonNullable<Supply['battery']>;
  volts: number;
  set: (part: Partial<Supply>) => void;
}) {
  const put = (part: Partial<typeof battery>) => set({ battery: { ...battery, ...part } });
  return (
    <>
      <Choice
        label="Chemistry"
        name="chemistry"
        value={battery.chemistry}
        onChoose={(chemistry) => set(batteryOfChemistry(battery, chemistry, volts))}
        options={CHEMISTRIES.map((c) => ({ value: c, name: c.replace('-', ' ') }))}
      />
      <RangeField
        label="Cells"
        name="cells"
        value={battery.cells}
        role="count"
        limits={stockLimits('supplies', 'supply.battery.cells')}
        onTake={(v) => set(batteryOfCells({ ...battery, cells: Math.max(1, Math.round(v!)) }))}
      />
      <RangeField
        label="Amp-hours"
        name="ampHours"
        value={battery.ampHours}
        role="count"
        limits={stockLimits('supplies', 'supply.battery.ampHours')}
        onTake={(v) => put({ ampHours: v! })}
      />
      <RangeField
        label="Charge left"
        name="charge"
        value={battery.charge}
        role="share"
        limits={stockLimits('supplies', 'supply.battery.charge')}
        onTake={(v) => put({ charge: v! })}
        note="0 at the stop, 100 % full."
      />
    </>
  );
}
