import type { StockKind } from '@/state/types';

export const LISTS: Record<StockKind, { title: string; one: string; lead: string; none: string }> = {
  spools: { title: 'Wire', one: 'wire', lead: 'Spools. One tuning belongs to each pair of foam and wire.', none: 'No wire yet. Two gauges are worth having: a thin one for fine work, a thick one that lasts.' },
  supplies: { title: 'Power', one: 'supply', lead: 'Supplies, each with the control that belongs to it.', none: 'No supply yet. Look for volts and amps on the label of what lies in the drawer.' },
  controls: { title: 'Controls', one: 'control', lead: 'Dimmers, converters and variacs that go with more than one supply.', none: 'No loose control. A supply without one is set by the length of the wire.' },
  leads: { title: 'Leads', one: 'leads', lead: 'Pairs: all their copper, out and back.', none: 'No leads yet. Without any, 3 m of 2.08 mm² are taken.' },
  foams: { title: 'Foam', one: 'foam', lead: 'What lies on the shelf, with its density.', none: 'No foam yet. Add a board or a block, and its density once it is weighed.' },
}; // prettier-ignore

export const QUICK = {
  label: 'What have you got?',
  examples: 'Ni-Cr 26 awg 12 m · brick 19 V 3.4 A · pulse dimmer 8 A · leads 1.5 mm2 3 m · XPS 33 kg/m3',
} as const;

export const CLAIM = {
  label: 'What wire may it drive?',
  least: 'at least',
  most: 'at most',
} as const;
