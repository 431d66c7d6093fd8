import { ALLOYS, type AlloyId } from '@/core/catalog/alloys';
import { FOAMS, type FoamId } from '@/core/catalog/foams';
import { PLAIN_SUPPLIES } from '@/core/documents/plainSupplies';
import type { ControlKind } from '@/core/documents/controlKinds';
import { supplySchema, type SupplyKind } from '@/core/documents/supply';
import { densityOfStrength, densityOfType } from '@/core/engine/foamClass';
import { cellsFor, fitsLabel, labelVolts, type Chemistry } from '@/core/engine/battery';
import { awgDiameter } from '@/core/units/awg';
import { byStrength } from '@/core/engine/drawer/identify';
import { parseQuantity } from '@/core/units/parse';
import type { NewStock, StockKind } from '@/state/types';
import {
  ALLOY_WORDS,
  CHEMISTRY_WORDS,
  CONTROL_WORDS,
  FOAM_WORDS,
  LEAD_WORDS,
  SUPPLY_WORDS,
} from './quickWords';

/** A thing of one kind as it would go into the drawer. */
export type Thing = {
  [K in StockKind]: { readonly kind: K; readonly item: Omit<NewStock<K>, 'demo'> };
}[StockKind];
/** A thing read from one line of text; or what is still missing, and where two things fit, which. */
export type Quick =
  | ({ readonly ok: true } & Thing)
  | {
      readonly ok: false;
      readonly wants: string;
      readonly choices?: readonly { readonly name: string; readonly thing: Thing }[];
    };

const NUM = String.raw`(\d+(?:\.\d+)?)`;
const no = (wants: string): Quick => ({ ok: false, wants });

function named<T>(words: readonly (readonly [RegExp, T])[], text: string): T | null {
  return words.find(([re]) => re.test(text))?.[1] ?? null;
}

/** The figure before a unit; of a range such as 0-30 V its upper end. */
function figure(text: string, unit: string): number | null {
  const m = new RegExp(`${NUM}\\s*(?:${unit})`, 'i').exec(text);
  return m ? Number(m[1]) : null;
}
const volts = (t: string) => figure(t, 'v(?:olts?)?(?![a-z])');
const amps = (t: string) => figure(t, 'a(?:mps?)?(?![a-z])');
const watts = (t: string) => figure(t, 'w(?:atts?)?(?![a-z])');
const ampHours = (t: string) => {
  const milli = figure(t, 'mah');
  return milli !== null ? milli / 1000 : figure(t, 'ah|amp.?hours?');
};
const metresOf = (t: string) => {
  const feet = figure(t, `ft\\b|feet|'`);
  return feet !== null ? Number((feet * 0.3048).toFixed(4)) : figure(t, 'm(?:et(?:er|re)s?)?(?![a-z0-9²])');
};

/**
 * Reads a line such as "nichrome 26 awg 12 m", "laptop charger 19 V 3.4 A", "LiPo 4S 3000 mAh", "leads 12 awg 2 m", "blue board".
 * What it cannot read it does not guess: it says what is missing, and where two things fit it asks which.
 */
export function readQuick(line: string): Quick {
  const text = line.trim().replace(/(\d),(\d)/g, '$1.$2');
  if (text === '') return no('');
  const control = named(CONTROL_WORDS, text);
  if (control) return controls(text, control);
  // "Lead battery" is a battery, "battery charger" is none.
  const supply = named(SUPPLY_WORDS, text);
  if (supply) return power(text, supply);
  const foams = named(FOAM_WORDS, text);
  if (foams)
    return asked(
      foams,
      (kind) => FOAMS[kind].name,
      (kind) => foamOf(text, kind),
      'Which foam is it?',
    );
  if (LEAD_WORDS.test(text)) return leads(text);
  const alloys = named(ALLOY_WORDS, text);
  if (alloys)
    return asked(
      alloys,
      (a) => ALLOYS[a].name,
      (a) => wire(text, a),
      'Which wire is it?',
    );
  return no('a wire, a supply, a control, leads or a foam by name');
}

/** One reading stands; of several, each is offered; what all of them lack is asked first. */
function asked<T>(list: readonly T[], name: (x: T) => string, read: (x: T) => Quick, question: string): Quick {
  const all = list.map((x) => ({ name: name(x), read: read(x) }));
  const lacks = all.find((c) => !c.read.ok);
  if (lacks || all.length === 1) return (lacks ?? all[0]!).read;
  return {
    ok: false,
    wants: question,
    choices: all.map(({ name: n, read: r }) => ({ name: n, thing: r as Extract<Quick, { ok: true }> })),
  };
}

function wire(text: string, alloy: AlloyId): Quick {
  const size = new RegExp(`${NUM}\\s*(awg|gauge|ga\\b|mm(?!2|²)|thou|in(?:ch)?\\b|")`, 'i').exec(text);
  const load = /leader|trace/i.test(text) ? new RegExp(`${NUM}\\s*(lbs?|lbf|kgf?|n)\\b`, 'i').exec(text) : null;
  if (!size && !load) return no('its gauge, as 26 awg or 0.4 mm');
  const parsed = size
    ? parseQuantity(`${size[1]} ${/^(gauge|ga)$/i.test(size[2]!) ? 'awg' : size[2]!}`, 'wireDiameter', 'metric')
    : byLoad(load!, alloy);
  if (!parsed.ok || !(parsed.value >= 0.02 && parsed.value <= 5)) return no('a gauge from 0.02 to 5 mm');
  const diameterMm = Number(parsed.value.toPrecision(6));
  const name = `${ALLOYS[alloy].plain}, ${size ? `${size[1]} ${size[2]}` : `${load![1]} ${load![2]}`}`;
  return {
    ok: true,
    kind: 'spools',
    item: {
      name,
      alloy,
      diameterMm,
      strands: 1,
      metres: metresOf(text),
      ohmPerM: null,
      pricePerM: null,
      note: '',
    },
  };
}

/** Leader is sold by the load that breaks it. */
function byLoad(m: RegExpExecArray, alloy: AlloyId): { ok: true; value: number } | { ok: false } {
  const newtons = Number(m[1]) * (/^lb/i.test(m[2]!) ? 4.4482216 : /^kg/i.test(m[2]!) ? 9.80665 : 1);
  const found = newtons > 0 ? byStrength(newtons, 1).find((c) => c.alloy === alloy) : undefined;
  return found ? { ok: true, value: Number((found.strand * 1000).toPrecision(3)) } : { ok: false };
}

function power(text: string, kinds: readonly SupplyKind[]): Quick {
  if (kinds.length === 1 && kinds[0] === 'battery') return batteries(text);
  const v = volts(text);
  if (v === null) return no('its voltage');
  return asked(
    kinds,
    (k) => SUPPLY_NAMES[k] ?? PLAIN_SUPPLIES[k].name,
    (k) => supplyOf(text, k, v),
    'Fixed volts, or knobs to set them?',
  );
}
const SUPPLY_NAMES: Partial<Record<SupplyKind, string>> = {
  brick: 'Fixed voltage, as a brick',
  bench: 'Bench supply with knobs',
};

function supplyOf(text: string, kind: SupplyKind, v: number): Quick {
  const plain = PLAIN_SUPPLIES[kind];
  const w = watts(text);
  const maxAmps = amps(text) ?? (w !== null && kind === 'brick' ? Number((w / v).toPrecision(3)) : null);
  const parsed = supplySchema.safeParse({
    ...plain.supply,
    volts: v,
    maxAmps,
    ratedVA: figure(text, 'va\\b') ?? undefined,
  });
  if (!parsed.success) return no('volts up to 500 and amps from 0.01 to 500');
  return {
    ok: true,
    kind: 'supplies',
    item: {
      name: text,
      supply: parsed.data,
      control: /hobby/i.test(text) ? 'amps' : plain.control,
      have: true,
      price: null,
      note: '',
    },
  };
}

const CHEMISTRY_CHOICE: Record<Chemistry, string> = {
  'lead-acid': 'Lead-acid',
  'lithium-polymer': 'Lithium-polymer or lithium-ion',
  'lithium-iron': 'Lithium iron phosphate',
  'nickel-metal': 'Nickel-metal hydride',
  alkaline: 'Alkaline',
};

function batteries(text: string): Quick {
  const said = named(CHEMISTRY_WORDS, text) ?? ['lead-acid', 'lithium-iron'];
  const v = volts(text);
  const series = figure(text, 's\\b|cells?');
  const hours = ampHours(text);
  if (v === null && series === null && !(said.length === 1 && said[0] === 'lead-acid' && hours !== null)) {
    if (hours === null) return no('its volts and amp-hours, as 12 V 7 Ah');
    return no('its voltage');
  }
  if (hours === null) return no('its amp-hours, as 7 Ah');
  // Volts that only one of the chemistries counts its cells by say which it is.
  const fits = said.filter((c) => v === null || fitsLabel(c, v));
  const list = fits.length > 0 && said.includes('lithium-polymer') ? fits : said;
  return asked(
    list,
    (c) => CHEMISTRY_CHOICE[c],
    (c) => {
      const cells = series ?? cellsFor(c, v ?? 12);
      const parsed = supplySchema.safeParse({
        ...PLAIN_SUPPLIES.battery.supply,
        volts: v ?? labelVolts(c, cells),
        maxAmps: amps(text),
        battery: { chemistry: c, cells, ampHours: hours },
      });
      if (!parsed.success) return no('volts that so many cells give, and amp-hours up to 10 000');
      return {
        ok: true,
        kind: 'supplies',
        item: { name: text, supply: parsed.data, control: 'none', have: true, price: null, note: '' },
      };
    },
    'What kind of battery is it?',
  );
}

function controls(text: string, kinds: readonly ControlKind[]): Quick {
  const name: Partial<Record<ControlKind, string>> = {
    pwm: 'Pulse-width dimmer, on direct current',
    phase: 'Dimmer ahead of a transformer (mains side: a licensed person)',
  };
  return asked(
    kinds,
    (k) => name[k] ?? k,
    (kind) => ({
      ok: true,
      kind: 'controls',
      item: {
        name: text,
        control: {
          kind,
          frequencyHz: figure(text, 'hz') ?? 1000,
          efficiency: 0.9,
          steps: figure(text, 'steps?'),
          ratedAmps: amps(text),
          ratedVolts: null,
          ratedWatts: watts(text),
        },
        have: true,
        price: null,
        note: '',
      },
    }),
    'Which dimmer is it?',
  );
}

function leads(text: string): Quick {
  const gauge = figure(text, 'awg|gauge|ga\\b');
  const area =
    figure(text, 'mm(?:2|²)') ??
    (gauge === null ? null : Number(((Math.PI / 4) * (awgDiameter(gauge) * 1000) ** 2).toPrecision(3)));
  if (area === null) return no('their cross-section, as 1.5 mm² or 14 awg');
  const metres = metresOf(text);
  if (metres === null) return no('their length out and back, as 3 m');
  return {
    ok: true,
    kind: 'leads',
    item: {
      name: text,
      areaMm2: area,
      lengthMm: Number((metres * 1000).toFixed(1)),
      contactOhm: 0.01,
      note: '',
    },
  };
}

function foamOf(text: string, kind: FoamId): Quick {
  const m = new RegExp(`${NUM}\\s*(kg\\s*/\\s*m[3³]|lb\\s*/\\s*ft[3³]|pcf|g\\s*/\\s*l)`, 'i').exec(text);
  const unit = m && (/pcf/i.test(m[2]!) ? 'lb/ft3' : /g\s*\/\s*l/i.test(m[2]!) ? 'kg/m3' : m[2]);
  const parsed = m ? parseQuantity(`${m[1]} ${unit}`, 'density', 'metric') : null;
  const classed = kind === 'eps' || kind === 'xps' ? byClass(text, kind) : null;
  const density = parsed?.ok ? parsed.value : (classed ?? FOAMS[kind].usualDensity);
  if (!(density >= 1 && density <= 1000)) return no('a density from 1 to 1000 kg/m³');
  const origin = parsed?.ok || classed !== null ? 'label' : 'assumed';
  return {
    ok: true,
    kind: 'foams',
    item: { name: text, kind, densityKgM3: density, origin, note: '', piece: null },
  };
}

function byClass(text: string, kind: 'eps' | 'xps'): number | null {
  const type = /\btype\s+([ivx]+)\b/i.exec(text);
  if (type) return densityOfType(kind, type[1]!)?.densityKgM3 ?? null;
  const kPa = figure(text, 'kpa');
  return kPa === null ? null : (densityOfStrength(kind, kPa)?.densityKgM3 ?? null);
}
