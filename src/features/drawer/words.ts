import type { StockKind } from '@/state/types';

export const LISTS: Record<StockKind, { title: string; one: string; lead: string; none: string }> = {
  spools: { title: 'Wire', one: 'wire', lead: 'Spools. One tuning belongs to each pair of foam and wire.', none: 'No wire yet. Two gauges are worth having: a thin one for fine work, a thick one that lasts.' },
  supplies: { title: 'Power', one: 'supply', lead: 'Supplies, each with the control that belongs to it.', none: 'No supply yet. Look for volts and amps on the label of what lies in the drawer.' },
  controls: { title: 'Controls', one: 'control', lead: 'Dimmers, converters and variacs that go with more than one supply.', none: 'No loose control. A supply without one is set by the length of the wire.' },
  leads: { title: 'Leads', one: 'leads', lead: 'Length of a pair: out and back.', none: 'No leads yet. Without any, 3 m of 2.08 mm² are taken.' },
  foams: { title: 'Foam', one: 'foam', lead: 'What lies on the shelf, with its density.', none: 'No foam yet. Add a board or a block, and its density once it is weighed.' },
}; // prettier-ignore

export const QUICK = {
  label: 'What have you got?',
  examples:
    'nichrome 26 awg 12 m · laptop charger 19 V 3.4 A · LiPo 4S 3000 mAh · leads 12 awg 2 m · blue board',
} as const;

export const CLAIM = {
  label: 'What wire may it drive?',
  least: 'at least',
  most: 'at most',
} as const;
