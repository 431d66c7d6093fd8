import type { Drift } from '../engine/drift';
import type { Say } from './say';

const by = (d: Drift, say: Say) =>
  d.share === null
    ? ''
    : ` It cuts ${say(Math.abs(d.share), 'share')} ${d.share < 0 ? 'slower' : 'faster'} for it.`;

/** Why a recipe may no longer hold, in words. */
export function driftWords(d: Drift, say: Say): string {
  switch (d.code) {
    case 'battery':
      return `The battery holds another charge than when these cuts were made.${by(d, say)}`;
    case 'room':
      return `The room is as warm now as is entered, and was not at these cuts.${by(d, say)}`;
    case 'wire':
      return `The wire has other ohms, or another gauge, than at the last cut: worn thinner, or another.${by(d, say)}`;
    case 'new-wire':
      return 'A new wire was hung since the last cut: make one test cut on it.';
    case 'old':
      return `The last cut is ${d.days} days old: make one before the good foam.`;
    case 'trend':
      return `The latest cuts say otherwise than those before.${by(d, say)} Something changed that is not entered here: foam, draught, a contact.`;
  }
}
