import type { ControlKind } from './control';
import type { Supply, SupplyKind } from './supply';

/** A supply of a kind as it is commonly sold, generic, with the control that usually comes with it. */
export interface PlainSupply {
  readonly name: string;
  readonly supply: Supply;
  readonly control: ControlKind;
}

const dc = { internalOhm: 0, current: 'dc' } as const;

/** A starting set, one of each kind. Ordinary figures off such things' labels: common practice, no source. */
export const PLAIN_SUPPLIES: Readonly<Record<SupplyKind, PlainSupply>> = Object.freeze({
  bench: {
    name: 'Bench supply, 30 V 5 A',
    supply: { kind: 'bench', volts: 30, maxAmps: 5, ...dc },
    control: 'volts',
  },
  brick: {
    name: 'Laptop brick, 19 V 3.4 A',
    supply: { kind: 'brick', volts: 19, maxAmps: 3.4, ...dc },
    control: 'none',
  },
  'computer-supply': {
    name: 'Computer supply, 12 V rail',
    supply: { kind: 'computer-supply', volts: 12, maxAmps: 15, ...dc },
    control: 'none',
  },
  battery: {
    name: 'Lead battery, 12 V 7 Ah',
    supply: {
      kind: 'battery',
      volts: 12,
      maxAmps: 10,
      ...dc,
      battery: { chemistry: 'lead-acid', cells: 6, ampHours: 7, charge: 0.8 },
    },
    control: 'none',
  },
  transformer: {
    name: 'Transformer, 24 V 60 VA, with a variac or taps',
    supply: { kind: 'transformer', volts: 24, maxAmps: null, internalOhm: 0, current: 'ac', ratedVA: 60 },
    control: 'scale',
  },
  charger: {
    name: 'Battery charger, 12 V 6 A',
    supply: { kind: 'charger', volts: 12, maxAmps: 6, ...dc },
    control: 'none',
  },
  other: {
    name: 'Something else, 12 V',
    supply: { kind: 'other', volts: 12, maxAmps: null, ...dc },
    control: 'none',
  },
});
