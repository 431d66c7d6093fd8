import type { StockKind } from '@/state/types';

export const LISTS: Record<StockKind, { title: string; one: string; lead: string; none: string }> = {
  foams: { title: 'Foam', one: 'foam', lead: 'What lies on the shelf, with its density.', none: 'No foam yet. Add a board or a block, and its density once it is weighed.' },
  spools: { title: 'Wire', one: 'wire', lead: 'Spools. One tuning belongs to each pair of foam and wire.', none: 'No wire yet. Two gauges are worth having: a thin one for fine work, a thick one that lasts.' },
  supplies: { title: 'Power', one: 'supply', lead: 'Supplies, each with the control that belongs to it.', none: 'No supply yet. Look for volts and amps on the label of what lies in the drawer.' },
}; // prettier-ignore
