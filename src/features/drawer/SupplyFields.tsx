'use client';
import { COMPUTER_SUPPLY_FACTS, RAILS, railAmps } from '@/core/catalog/computerSupply';
import { PLAIN_SUPPLIES } from '@/core/documents/plainSupplies';
import type { ControlKind } from '@/core/documents/control';
import { batteryOfVolts } from '@/core/engine/battery';
import { SUPPLY_KINDS, supplySchema, type Supply, type SupplyKind } from '@/core/documents/supply';
import type { Spool, SupplyStock } from '@/state/types';
import { Choice } from '@/ui/Choice';
import css from './drawer.module.css';
import { RangeField, type Put, stockLimits } from './fields';
import { CONTROL_WORDS, SUPPLY_WORDS } from './names';
import { BatteryFields } from './SupplyBattery';
import { HaveFields } from './ControlFields';
import { Claim, OnOwnWires, Rewinding, Sag } from './SupplyMeaning';

type Fields = Omit<SupplyStock, 'id' | 'demo'>;

/** A supply by its label, and what the label means for a wire. */
export function SupplyFields({
  f,
  put,
  spools,
}: {
  f: Fields;
  put: Put<SupplyStock>;
  spools: readonly Spool[];
}) {
  const { supply } = f;
  const set = (part: Partial<Supply>) => put({ supply: { ...supply, ...part } });
  const kindChosen = (kind: SupplyKind) => {
    const { battery: _b, ratedVA: _r, isolated: _i, ...plain } = PLAIN_SUPPLIES[kind].supply;
    const own = PLAIN_SUPPLIES[kind].supply;
    put({
      supply: supplySchema.parse({
        ...plain,
        volts: supply.volts,
        maxAmps: supply.maxAmps,
        ...(own.battery ? batteryOfVolts(own.battery, supply.volts) : {}),
        ...(own.ratedVA ? { ratedVA: own.ratedVA } : {}),
      }),
      control: PLAIN_SUPPLIES[kind].control,
    });
  };
  const isolated = supply.isolated === undefined ? 'kind' : String(supply.isolated);
  return (
    <>
      <Choice
        label="Kind"
        name="supply"
        value={supply.kind}
        onChoose={kindChosen}
        options={SUPPLY_KINDS.map((k) => ({ value: k, name: SUPPLY_WORDS[k] }))}
      />
      {supply.kind === 'computer-supply' && <Rails supply={supply} set={set} />}
      <RangeField
        label="Voltage"
        name="volts"
        value={supply.volts}
        role="volts"
        limits={stockLimits('supplies', 'supply.volts')}
        onTake={(v) => set(supply.battery ? batteryOfVolts(supply.battery, v!) : { volts: v! })}
      />
      <RangeField
        label="Max current"
        name="amps"
        value={supply.maxAmps}
        role="amps"
        limits={stockLimits('supplies', 'supply.maxAmps')}
        whenEmpty="not known"
        onTake={(maxAmps) => set({ maxAmps })}
      />
      {supply.kind === 'transformer' && (
        <RangeField
          label="Rated VA"
          name="va"
          value={supply.ratedVA ?? null}
          role="count"
          limits={stockLimits('supplies', 'supply.ratedVA')}
          whenEmpty="not known"
          onTake={(v) => set({ ratedVA: v ?? undefined })}
          note="A quarter is kept back: VA ≥ 1.25 · volts · amps."
        />
      )}
      {supply.kind === 'battery' && supply.battery && (
        <BatteryFields battery={supply.battery} volts={supply.volts} set={set} />
      )}
      {(supply.kind === 'transformer' || supply.kind === 'other') && (
        <Choice
          label="Gives"
          name="current"
          value={supply.current}
          onChoose={(current) => set({ current })}
          options={[
            { value: 'dc', name: 'direct current' },
            { value: 'ac', name: 'alternating current' },
          ]}
        />
      )}
      <Choice
        label="Isolated"
        name="isolated"
        value={isolated}
        onChoose={(v) =>
          set({ isolated: v === 'kind' ? undefined : v === 'unknown' ? 'unknown' : v === 'true' })
        }
        options={[
          { value: 'kind', name: 'as its kind usually is' },
          { value: 'true', name: 'yes, tested by a competent person' },
          { value: 'unknown', name: 'nobody knows' },
          { value: 'false', name: 'no: tied to the mains' },
        ]}
      />
      <Claim supply={supply} />
      <OnOwnWires supply={supply} spools={spools} />
      <Sag supply={supply} set={set} />
      {supply.kind === 'transformer' && <Rewinding supply={supply} />}
      <Choice
        label="Control"
        name="control"
        value={f.control}
        onChoose={(control) => put({ control })}
        options={(Object.keys(CONTROL_WORDS) as ControlKind[]).map((k) => ({
          value: k,
          name: CONTROL_WORDS[k],
        }))}
      />
      <HaveFields f={f} put={put} />
    </>
  );
}

function Rails({ supply, set }: { supply: Supply; set: (part: Partial<Supply>) => void }) {
  const rail = RAILS.find((r) => r.volts === supply.volts);
  return (
    <>
      <Choice
        label="Output"
        name="rail"
        value={String(rail?.volts ?? '')}
        onChoose={(v) => set({ volts: Number(v), maxAmps: railAmps(Number(v), supply.maxAmps ?? 500) })}
        options={[
          ...(rail ? [] : [{ value: '', name: 'choose' }]),
          ...RAILS.map((r) => ({
            value: String(r.volts),
            name: `${r.name}, ${r.colour} (±${r.tolerance * 100} %)`,
          })),
        ]}
        note={rail?.note}
      />
      <ul className={css.facts}>
        {COMPUTER_SUPPLY_FACTS.map((t) => (
          <li key={t}>{t}</li>
        ))}
      </ul>
    </>
  );
}
