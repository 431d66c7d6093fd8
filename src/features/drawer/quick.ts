import { ALLOYS, type AlloyId } from '@/core/catalog/alloys';
import { FOAMS, type FoamId } from '@/core/catalog/foams';
import { PLAIN_SUPPLIES } from '@/core/catalog/supplies';
import type { ControlKind } from '@/core/documents/controlKinds';
import { supplySchema, type SupplyKind } from '@/core/documents/supply';
import { parseQuantity } from '@/core/units/parse';
import type { NewStock, StockKind } from '@/state/types';

/** A thing read from one line of text, or what is still missing. */
export type Quick =
  | {
      [K in StockKind]: { readonly ok: true; readonly kind: K; readonly item: Omit<NewStock<K>, 'demo'> };
    }[StockKind]
  | { readonly ok: false; readonly wants: string };

const NUM = String.raw`(\d+(?:[.,]\d+)?)`;

/** Words that name an alloy, the longest first so that "hard stainless" is not taken for stainless. */
const ALLOY_WORDS: readonly [RegExp, AlloyId][] = [
  [/\b(60 ?ni|nicr ?60|nickel-chromium 60|ni-?cr-?fe)\b/i, 'nicr-60'],
  [/\b(ni-?cr|nickel-?chrom\w*)\b/i, 'nicr-80'],
  [/\b(iron-?chrom\w*|fe-?cr-?al)\b/i, 'fecral-145'],
  [/\b(leader|hard stainless|spring stainless)\b/i, 'ss-304-hard'],
  [/\b(stainless|locking wire|ss)\b/i, 'ss-304'],
  [/\b(superalloy|n07041)\b/i, 'n07041'],
  [/\b(music|piano|spring) (wire|steel)\b/i, 'steel-music'],
  [/\b(fence|soft|galvani[sz]ed|black)( steel)? wire\b/i, 'steel-soft'],
  [/\btitanium\b/i, 'ti-2'],
  [/\b(constantan|cu-?ni)\b/i, 'cuni-44'],
];
const SUPPLY_WORDS: readonly [RegExp, SupplyKind][] = [
  [/\bbench\b/i, 'bench'],
  [/\bcomputer\b/i, 'computer-supply'],
  [/\b(battery|accumulator|pack)\b/i, 'battery'],
  [/\btransformer\b/i, 'transformer'],
  [/\bcharger\b/i, 'charger'],
  [/\b(brick|adapter|laptop|supply)\b/i, 'brick'],
];
const CONTROL_WORDS: readonly [RegExp, ControlKind][] = [
  [/\b(pulse|pwm|speed control\w*)\b/i, 'pwm'],
  [/\b(buck|converter)\b/i, 'buck'],
  [/\bvariac\b/i, 'scale'],
  [/\bdimmer\b/i, 'pwm'],
];
const FOAM_WORDS: readonly [RegExp, FoamId][] = (Object.keys(FOAMS) as FoamId[]).map((id) => [
  new RegExp(`\\b${id.replace(/[^a-z]/g, '\\W?')}\\b`, 'i'),
  id,
]);

function named<T>(words: readonly (readonly [RegExp, T])[], text: string): T | null {
  return words.find(([re]) => re.test(text))?.[1] ?? null;
}

function figure(text: string, unit: string): number | null {
  const m = new RegExp(`${NUM}\\s*${unit}`, 'i').exec(text);
  return m ? Number(m[1]!.replace(',', '.')) : null;
}

/**
 * Reads a line such as "Ni-Cr 26 awg 12 m", "brick 19 V 3.4 A", "pulse dimmer 8 A", "leads 1.5 mm2 3 m", "XPS 33 kg/m3".
 * What it cannot read it does not guess: it says what is missing.
 */
export function readQuick(line: string): Quick {
  const text = line.trim();
  if (text === '') return no('');
  const alloy = named(ALLOY_WORDS, text);
  if (alloy) return wire(text, alloy);
  if (/\bleads?\b/i.test(text)) return leads(text);
  const control = named(CONTROL_WORDS, text);
  if (control && figure(text, 'V(?![a-z])') === null) return controlOf(text, control);
  const supply = named(SUPPLY_WORDS, text);
  if (supply) return power(text, supply);
  const foam = named(FOAM_WORDS, text);
  if (foam) return foamOf(text, foam);
  return no('an alloy, a supply, a control, leads or a foam by name');
}

const no = (wants: string): Quick => ({ ok: false, wants });

function wire(text: string, alloy: AlloyId): Quick {
  const size = new RegExp(`${NUM}\\s*(awg|gauge|ga\\b|mm(?!2|²)|thou|in(?:ch)?\\b|")`, 'i').exec(text);
  if (!size) return no('its gauge, as 26 awg or 0.4 mm');
  const unit = /^(gauge|ga)$/i.test(size[2]!) ? 'awg' : size[2]!;
  const parsed = parseQuantity(`${size[1]} ${unit}`, 'wireDiameter', 'metric');
  if (!parsed.ok || !(parsed.value >= 0.02 && parsed.value <= 5)) return no('a gauge from 0.02 to 5 mm');
  const metres = figure(text, 'm(?![a-z0-9²])') ?? feet(text);
  const diameterMm = Number(parsed.value.toPrecision(6));
  const name = `${ALLOYS[alloy].plain}, ${size[1]} ${unit}`;
  return {
    ok: true,
    kind: 'spools',
    item: { name, alloy, diameterMm, strands: 1, metres, ohmPerM: null, pricePerM: null, note: '' },
  };
}

function feet(text: string): number | null {
  const ft = figure(text, `(?:ft|feet|')`);
  return ft === null ? null : Number((ft * 0.3048).toFixed(4));
}

function power(text: string, kind: SupplyKind): Quick {
  const volts = figure(text, 'V(?!A)');
  if (volts === null) return no('its volts');
  const amps = figure(text, 'A(?![hw])');
  const ampHours = figure(text, 'Ah');
  const ratedVA = figure(text, 'VA');
  const plain = PLAIN_SUPPLIES[kind];
  const cells = Math.max(1, Math.round(volts / 2));
  const parsed = supplySchema.safeParse({
    ...plain.supply,
    volts,
    maxAmps: amps,
    ratedVA: ratedVA ?? undefined,
    battery: kind === 'battery' && ampHours !== null ? { chemistry: 'lead-acid', cells, ampHours } : undefined,
    ...(kind === 'battery' && amps === null ? { maxAmps: null } : {}),
  });
  if (!parsed.success) return no('volts up to 500 and amps from 0.01 to 500');
  return {
    ok: true,
    kind: 'supplies',
    item: { name: text, supply: parsed.data, control: plain.control, have: true, price: null, note: '' },
  };
}

function controlOf(text: string, kind: ControlKind): Quick {
  const ratedAmps = figure(text, 'A(?![hw])');
  const steps = figure(text, 'steps?');
  return {
    ok: true,
    kind: 'controls',
    item: {
      name: text,
      control: { kind, frequencyHz: figure(text, 'Hz') ?? 1000, efficiency: 0.9, steps, ratedAmps, ratedVolts: null, ratedWatts: figure(text, 'W(?![a-z])') },
      have: true,
      price: null,
      note: '',
    },
  }; // prettier-ignore
}

function leads(text: string): Quick {
  const area = figure(text, 'mm(?:2|²)');
  if (area === null) return no('the copper’s area, as 1.5 mm2');
  const metres = figure(text, 'm(?![a-z0-9²])');
  if (metres === null) return no('their length out and back, as 3 m');
  return {
    ok: true,
    kind: 'leads',
    item: { name: text, areaMm2: area, lengthMm: metres * 1000, contactOhm: 0.01, note: '' },
  };
}

function foamOf(text: string, kind: FoamId): Quick {
  const m = new RegExp(`${NUM}\\s*(kg\\s*/\\s*m[3³]|lb\\s*/\\s*ft[3³]|pcf)`, 'i').exec(text);
  const parsed = m ? parseQuantity(`${m[1]} ${m[2] === 'pcf' ? 'lb/ft3' : m[2]}`, 'density', 'metric') : null;
  const density = parsed?.ok ? parsed.value : FOAMS[kind].usualDensity;
  if (!(density >= 1 && density <= 1000)) return no('a density from 1 to 1000 kg/m³');
  return {
    ok: true,
    kind: 'foams',
    item: {
      name: text,
      kind,
      densityKgM3: density,
      origin: parsed?.ok ? 'label' : 'assumed',
      note: '',
      piece: null,
    },
  };
}
