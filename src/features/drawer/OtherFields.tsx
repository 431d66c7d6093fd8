'use client';
import { ALLOY_IDS, ALLOYS } from '@/core/catalog/alloys';
import { FOAM_IDS, FOAMS } from '@/core/catalog/foams';
import type { ControlKind } from '@/core/documents/control';
import { ORIGINS } from '@/core/documents/rig';
import type { ControlStock, FoamStock, LeadStock, Spool } from '@/state/types';
import { Check } from '@/ui/Check';
import { Choice } from '@/ui/Choice';
import { RangeField, type Put } from './fields';
import { CONTROL_WORDS } from './names';

type Of<T> = Omit<T, 'id' | 'demo'>;

export function FoamFields({ f, put }: { f: Of<FoamStock>; put: Put<FoamStock> }) {
  return (
    <>
      <Choice
        label="Kind"
        name="kind"
        value={f.kind}
        onChoose={(kind) => put({ kind, densityKgM3: FOAMS[kind].usualDensity, origin: 'assumed' })}
        options={FOAM_IDS.map((k) => ({ value: k, name: FOAMS[k].name }))}
        note={FOAMS[f.kind].reason || undefined}
      />
      <RangeField
        label="Density"
        name="density"
        value={f.densityKgM3}
        role="density"
        lo={1}
        hi={1000}
        onTake={(v) => put({ densityKgM3: v! })}
      />
      <Choice
        label="From"
        name="origin"
        value={f.origin}
        onChoose={(origin) => put({ origin })}
        options={ORIGINS.map((o) => ({ value: o, name: o }))}
      />
    </>
  );
}

export function SpoolFields({ f, put }: { f: Of<Spool>; put: Put<Spool> }) {
  return (
    <>
      <Choice
        label="Alloy"
        name="alloy"
        value={f.alloy}
        onChoose={(alloy) => put({ alloy })}
        options={ALLOY_IDS.map((k) => ({ value: k, name: ALLOYS[k].name }))}
        note={ALLOYS[f.alloy].caution ?? undefined}
      />
      <RangeField
        label="Gauge"
        name="diameter"
        value={f.diameterMm}
        role="wireDiameter"
        lo={0.02}
        hi={5}
        onTake={(v) => put({ diameterMm: v! })}
        note="Of one strand."
      />
      <Choice
        label="Strands"
        name="strands"
        value={String(f.strands)}
        onChoose={(v) => put({ strands: Number(v) as Spool['strands'] })}
        options={['1', '3', '7', '19'].map((v) => ({ value: v, name: v }))}
      />
      <RangeField
        label="Resistance, Ω/m"
        name="ohmPerM"
        value={f.ohmPerM}
        role="ohms"
        lo={0.001}
        hi={100000}
        whenEmpty="by the catalogue"
        onTake={(ohmPerM) => put({ ohmPerM })}
        note="Measured, cold, less the probes: beats the catalogue."
      />
      <RangeField
        label="Length left"
        name="metres"
        value={f.metres === null ? null : f.metres * 1000}
        role="wireLength"
        lo={0}
        hi={1e8}
        whenEmpty="not counted"
        onTake={(v) => put({ metres: v === null ? null : v / 1000 })}
      />
      <RangeField
        label="Price a metre"
        name="price"
        value={f.pricePerM}
        role="count"
        lo={0}
        hi={1e6}
        whenEmpty="not known"
        onTake={(pricePerM) => put({ pricePerM })}
      />
    </>
  );
}

/** What somebody has, or has only seen and what it costs. */
export function HaveFields({
  f,
  put,
}: {
  f: { have: boolean; price: number | null };
  put: Put<{ have: boolean; price: number | null }>;
}) {
  return (
    <>
      <Check label="I have it" checked={f.have} onChange={(have) => put({ have })} />
      {!f.have && (
        <RangeField
          label="Price"
          name="price"
          value={f.price}
          role="count"
          lo={0}
          hi={1e6}
          whenEmpty="not known"
          onTake={(price) => put({ price })}
        />
      )}
    </>
  );
}

const LOOSE: readonly ControlKind[] = ['pwm', 'buck', 'phase', 'scale', 'hold-ohm'];

export function ControlFields({ f, put }: { f: Of<ControlStock>; put: Put<ControlStock> }) {
  const set = (part: Partial<ControlStock['control']>) => put({ control: { ...f.control, ...part } });
  return (
    <>
      <Choice
        label="Kind"
        name="kind"
        value={f.control.kind}
        onChoose={(kind) => set({ kind })}
        options={LOOSE.map((k) => ({ value: k, name: CONTROL_WORDS[k] }))}
      />
      <RangeField
        label="Rated current"
        name="ratedAmps"
        value={f.control.ratedAmps}
        role="amps"
        lo={0.01}
        hi={500}
        whenEmpty="not known"
        onTake={(ratedAmps) => set({ ratedAmps })}
        note="Cheap ones carry half of what they say."
      />
      <RangeField
        label="Watts"
        name="ratedWatts"
        value={f.control.ratedWatts}
        role="watts"
        lo={0.01}
        hi={100000}
        whenEmpty="not known"
        onTake={(ratedWatts) => set({ ratedWatts })}
      />
      {(f.control.kind === 'pwm' || f.control.kind === 'hold-ohm') && (
        <RangeField
          label="Pulses a second"
          name="frequencyHz"
          value={f.control.frequencyHz}
          role="count"
          lo={0.01}
          hi={1e6}
          onTake={(v) => set({ frequencyHz: v! })}
        />
      )}
      <RangeField
        label="Steps of dial"
        name="steps"
        value={f.control.steps}
        role="count"
        lo={2}
        hi={100000}
        whenEmpty="fine"
        onTake={(v) => set({ steps: v === null ? null : Math.round(v) })}
      />
      <HaveFields f={f} put={put} />
    </>
  );
}

export function LeadFields({ f, put }: { f: Of<LeadStock>; put: Put<LeadStock> }) {
  return (
    <>
      <RangeField
        label="Lead cross-section"
        name="area"
        value={f.areaMm2}
        role="area"
        lo={0.03}
        hi={100}
        onTake={(v) => put({ areaMm2: v! })}
      />
      <RangeField
        label="Out and back"
        name="length"
        value={f.lengthMm}
        role="leadLength"
        lo={0}
        hi={100000}
        onTake={(v) => put({ lengthMm: v! })}
        note="Out and back."
      />
      <RangeField
        label="Contacts"
        name="contact"
        value={f.contactOhm}
        role="ohms"
        lo={0}
        hi={1000}
        onTake={(v) => put({ contactOhm: v! })}
        note="Clips and plugs together."
      />
    </>
  );
}
