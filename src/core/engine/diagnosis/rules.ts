import type { Seen } from '../../documents/log';
import type { Cause, Place, Signs } from './signs';

/** A rule: the cause, what must hold, by how much it then counts (natural logarithm of odds), and the key of its reason. */
export interface Rule {
  readonly id: string;
  readonly cause: Cause;
  readonly weight: number;
  readonly holds: (s: Signs) => boolean;
}

const any = (s: Signs, ...what: Seen[]) => what.some((w) => s.seen.includes(w));
const cold = (s: Signs) => any(s, 'drag-lines', 'snag', 'hairs');
const hot = (s: Signs) => any(s, 'gloss', 'grooves', 'ragged', 'smoke');
const at = (s: Signs, ...where: Place[]) => s.where !== null && where.includes(s.where);
const over = (x: number | null, limit: number) => x !== null && x > limit;
const under = (x: number | null, limit: number) => x !== null && x < limit;
const local = (s: Signs) => at(s, 'entry', 'one-end', 'both-edges', 'here-and-there', 'exit', 'corner');

/** Every rule. A weight of 3 makes a cause twenty times as likely as before. Ours, from the table's reasons. */
export const RULES: readonly Rule[] = [
  { id: 'past-fastest', cause: 'too-fast', weight: 3, holds: (s) => cold(s) && over(s.ofFastest, 0.9) },
  { id: 'far-past-fastest', cause: 'too-fast', weight: 1, holds: (s) => cold(s) && over(s.ofFastest, 1.1) },
  { id: 'well-under-fastest', cause: 'too-fast', weight: -2, holds: (s) => under(s.ofFastest, 0.75) },
  { id: 'fast-is-all-over', cause: 'too-fast', weight: -1, holds: local },
  { id: 'no-drag', cause: 'too-fast', weight: -3, holds: (s) => !cold(s) },
  { id: 'nothing-cold', cause: 'too-cold', weight: -3, holds: (s) => !cold(s) },
  { id: 'nothing-slow', cause: 'too-slow', weight: -3, holds: (s) => !hot(s) && !any(s, 'eaten-tail') },
  { id: 'nothing-hot', cause: 'too-hot', weight: -3, holds: (s) => !hot(s) },
  { id: 'no-window', cause: 'too-cold', weight: 5, holds: (s) => cold(s) && s.ofFastest === null },
  {
    id: 'little-heat',
    cause: 'too-cold',
    weight: 2.8,
    holds: (s) => cold(s) && over(s.ofFastest, 0.8) && over(s.ofSlowest, 15),
  },
  {
    id: 'under-slowest',
    cause: 'too-slow',
    weight: 3,
    holds: (s) => (hot(s) || any(s, 'eaten-tail')) && under(s.ofSlowest, 1),
  },
  {
    id: 'near-slowest',
    cause: 'too-slow',
    weight: 1.5,
    holds: (s) => hot(s) && under(s.ofSlowest, 1.25) && !under(s.ofSlowest, 1),
  },
  { id: 'well-over-slowest', cause: 'too-slow', weight: -2, holds: (s) => over(s.ofSlowest, 1.5) },
  { id: 'slow-is-all-over', cause: 'too-slow', weight: -1, holds: (s) => local(s) && !at(s, 'exit') },
  {
    id: 'smoke-over-fume',
    cause: 'too-hot',
    weight: 4.2,
    holds: (s) => any(s, 'smoke') && over(s.overFumeK, 0),
  },
  {
    id: 'melt-over-fume',
    cause: 'too-hot',
    weight: 2,
    holds: (s) => any(s, 'gloss', 'ragged') && over(s.overFumeK, 0),
  },
  { id: 'smoke', cause: 'too-hot', weight: 1, holds: (s) => any(s, 'smoke') },
  { id: 'hot-is-all-over', cause: 'too-hot', weight: -1, holds: local },
  { id: 'entry', cause: 'stored-heat', weight: 4.5, holds: (s) => at(s, 'entry') && hot(s) },
  { id: 'hollow-lags', cause: 'lag', weight: 3.8, holds: (s) => any(s, 'hollow') && over(s.ofLagLimit, 1) },
  {
    id: 'hollow-may-lag',
    cause: 'lag',
    weight: 1,
    holds: (s) => any(s, 'hollow') && over(s.ofLagLimit, 0.5) && !over(s.ofLagLimit, 1),
  },
  { id: 'lag-at-corner', cause: 'lag', weight: -1.5, holds: (s) => at(s, 'corner') },
  {
    id: 'hollow-slack',
    cause: 'slack-wire',
    weight: 5.5,
    holds: (s) => any(s, 'hollow') && s.hotN !== null && s.hotN <= 0,
  },
  {
    id: 'hollow-loose',
    cause: 'slack-wire',
    weight: 4.4,
    holds: (s) => any(s, 'hollow') && over(s.hotN, 0) && under(s.hotN, 6),
  },
  {
    id: 'corner-hollow',
    cause: 'corner-rushed',
    weight: 4.5,
    holds: (s) => at(s, 'corner') && any(s, 'hollow'),
  },
  {
    id: 'corner-melted',
    cause: 'corner-overstayed',
    weight: 4.5,
    holds: (s) => at(s, 'corner') && hot(s) && !any(s, 'hollow'),
  },
  { id: 'skew', cause: 'ends-uneven', weight: 5, holds: (s) => any(s, 'skew') },
  { id: 'steps-on-template', cause: 'template-rough', weight: 2.6, holds: (s) => any(s, 'steps') && s.guided },
  {
    id: 'steps-one-end',
    cause: 'template-rough',
    weight: 0.7,
    holds: (s) => any(s, 'steps') && at(s, 'one-end'),
  },
  {
    id: 'grooves-here',
    cause: 'stopped',
    weight: 3.6,
    holds: (s) => any(s, 'grooves') && at(s, 'here-and-there'),
  },
  {
    id: 'grooves-in-window',
    cause: 'stopped',
    weight: 2.2,
    holds: (s) => any(s, 'grooves') && at(s, 'all-over') && over(s.ofSlowest, 1.5),
  },
  { id: 'tail-exit', cause: 'stood-at-exit', weight: 4.2, holds: (s) => any(s, 'eaten-tail') && at(s, 'exit') },
  { id: 'tail', cause: 'stood-at-exit', weight: 1.6, holds: (s) => any(s, 'eaten-tail') && !at(s, 'exit') },
  {
    id: 'melted-exit',
    cause: 'stood-at-exit',
    weight: 2,
    holds: (s) => any(s, 'gloss', 'ragged', 'grooves') && at(s, 'exit'),
  },
  {
    id: 'edges-cool',
    cause: 'cool-ends',
    weight: 4.6,
    holds: (s) => at(s, 'both-edges') && under(s.ofRoom, 1),
  },
  { id: 'edges', cause: 'cool-ends', weight: 1, holds: (s) => at(s, 'both-edges') },
  {
    id: 'edges-metal',
    cause: 'template-chills',
    weight: 5,
    holds: (s) => at(s, 'both-edges') && s.metalTemplates,
  },
  {
    id: 'line-one-place',
    cause: 'wire-damaged',
    weight: 3.6,
    holds: (s) => at(s, 'one-end') && any(s, 'drag-lines', 'grooves') && !any(s, 'skew'),
  },
  {
    id: 'beads',
    cause: 'uneven-foam',
    weight: 3.3,
    holds: (s) => s.foam === 'bead' && at(s, 'here-and-there') && any(s, 'steps', 'snag', 'ragged', 'hairs'),
  },
  {
    id: 'lumps',
    cause: 'uneven-foam',
    weight: 1,
    holds: (s) => at(s, 'here-and-there') && any(s, 'snag', 'ragged'),
  },
  { id: 'draught', cause: 'draught', weight: 3.2, holds: (s) => s.draughtMS > 0.3 && cold(s) },
  { id: 'gusts', cause: 'draught', weight: 1.2, holds: (s) => s.draughtMS > 0.3 && at(s, 'here-and-there') },
  {
    id: 'fades-at-end',
    cause: 'supply-fades',
    weight: 4.4,
    holds: (s) => under(s.fade, 0.9) && cold(s) && at(s, 'exit'),
  },
  { id: 'fades', cause: 'supply-fades', weight: 1.5, holds: (s) => under(s.fade, 0.9) && cold(s) },
  {
    id: 'welds',
    cause: 'halves-rewelded',
    weight: 4.8,
    holds: (s) => s.foam === 'rewelds' && any(s, 'hairs', 'snag'),
  },
  { id: 'smears', cause: 'wire-dirty', weight: 2.2, holds: (s) => any(s, 'hairs') && at(s, 'here-and-there') },
  {
    id: 'smears-ragged',
    cause: 'wire-dirty',
    weight: 0.8,
    holds: (s) => any(s, 'ragged') && at(s, 'here-and-there'),
  },
];
