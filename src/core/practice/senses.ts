import { EDGE } from '../engine/window';
import type { Moment } from './moment';
import type { PracticeWire } from './wire';

/** What the wire is doing, as it is heard, smelt and seen. */
export const SENSES = [
  'idle',
  'cold',
  'clean',
  'edge',
  'drags',
  'snagged',
  'melts',
  'smokes',
  'stands',
] as const;
export type Sense = (typeof SENSES)[number];

/** What is heard, smelt and seen at a moment. */
export function senseOf(m: Moment, wire: PracticeWire): Sense {
  const { near, middle, far } = m.spots;
  const spots = [near, middle, far].filter((s) => s.inFoam);
  const { flowC, fumeC } = wire.e.s.melt!;
  if (spots.length === 0) return 'idle';
  if (m.snagged) return 'snagged';
  const hot = Math.max(...spots.map((s) => s.wireC));
  if (hot <= flowC) return 'cold';
  const ratio = Math.max(...spots.map((s) => s.ratio));
  if (ratio > 1) return 'drags';
  if (hot > fumeC) return 'smokes';
  const feed = Math.max(...spots.map((s) => s.feed));
  if (feed < wire.at.slowest / 2) return 'stands';
  if (Math.min(...[near, far].filter((s) => s.inFoam).map((s) => s.feed), Infinity) < wire.at.slowest)
    return 'melts';
  return ratio > EDGE ? 'edge' : 'clean';
}
