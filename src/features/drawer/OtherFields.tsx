'use client';
import { ALLOY_IDS, ALLOYS } from '@/core/catalog/alloys';
import { FOAM_IDS, FOAMS } from '@/core/catalog/foams';
import { ORIGINS } from '@/core/documents/rig';
import type { FoamStock, LeadStock, Spool } from '@/state/types';
import { Choice } from '@/ui/Choice';
import { RangeField, type Put, stockLimits, scaled } from './fields';

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
        limits={stockLimits('foams', 'densityKgM3')}
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
        limits={stockLimits('spools', 'diameterMm')}
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
        limits={stockLimits('spools', 'ohmPerM')}
        whenEmpty="by the catalogue"
        onTake={(ohmPerM) => put({ ohmPerM })}
        note="Measured, cold, less the probes: beats the catalogue."
      />
      <RangeField
        label="Length left"
        name="metres"
        value={f.metres === null ? null : f.metres * 1000}
        role="wireLength"
        limits={scaled(stockLimits('spools', 'metres'), 1000)}
        whenEmpty="not counted"
        onTake={(v) => put({ metres: v === null ? null : v / 1000 })}
      />
      <RangeField
        label="Price a metre"
        name="price"
        value={f.pricePerM}
        role="count"
        limits={stockLimits('spools', 'pricePerM')}
        whenEmpty="not known"
        onTake={(pricePerM) => put({ pricePerM })}
      />
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
        limits={stockLimits('leads', 'areaMm2')}
        onTake={(v) => put({ areaMm2: v! })}
      />
      <RangeField
        label="Out and back"
        name="length"
        value={f.lengthMm}
        role="leadLength"
        limits={stockLimits('leads', 'lengthMm')}
        onTake={(v) => put({ lengthMm: v! })}
        note="Out and back."
      />
      <RangeField
        label="Contacts"
        name="contact"
        value={f.contactOhm}
        role="ohms"
        limits={stockLimits('leads', 'contactOhm')}
        onTake={(v) => put({ contactOhm: v! })}
        note="Clips and plugs together."
      />
    </>
  );
}
