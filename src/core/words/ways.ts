import type { PullWay } from '../documents/pull';
import type { Rig } from '../documents/rig';

/** Ways to set a wire's pull without a load cell. */
export type Way = PullWay;

/** Names of the ways. */
export const WAY_NAMES: Record<Way, string> = {
  stretch: 'By the stretch of spring or rubber',
  weight: 'By a hung weight',
  squeeze: 'By a squeeze of the frame',
  pitch: 'By the note of the wire',
  note: 'By the note that stops rising',
};

/** The ways that suit a take-up, the surest first. */
export const WAYS_FOR: Record<Rig['tension']['kind'], readonly Way[]> = {
  spring: ['stretch', 'pitch', 'note'],
  weight: ['weight', 'pitch'],
  flex: ['squeeze', 'pitch', 'note'],
  rubber: ['stretch', 'pitch'],
  fixed: ['pitch', 'note'],
};
