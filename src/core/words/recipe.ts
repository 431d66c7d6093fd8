import { FOAMS } from '../catalog/foams';
import type { Rig } from '../documents/rig';
import type { Recipe } from '../engine/recipe';
import { controlSettingText, type ToMark } from './control';
import { hasPieces } from '../documents/cutters';
import type { Say } from './say';

/** A line of a recipe card: what, how much, and its range or what to mind. */
export interface RecipeLine {
  readonly what: string;
  readonly value: string;
  readonly mind: string;
}

/** The lines of a recipe card, in somebody's units. `inch` times an inch, otherwise 25 mm. */
export function recipeLines(
  rig: Rig,
  r: Recipe,
  say: Say,
  inch: boolean,
  toMark?: ToMark | null,
): RecipeLine[] {
  const stretch = inch ? 25.4 : 25;
  const line = (what: string, value: string, mind = ''): RecipeLine => ({ what, value, mind });
  return [
    line(
      'Foam',
      FOAMS[rig.foam.kind].name,
      `${say(rig.foam.densityKgM3, 'density')}, ${say(rig.foam.widthMm, 'foamSize')} across the wire`,
    ),
    line(
      'Set',
      rig.control.kind === 'none'
        ? 'no dial'
        : controlSettingText(rig.control.kind, rig.control.setting, say, toMark),
      `the meter reads ${say(r.amps[0], 'amps')} to ${say(r.amps[1], 'amps')}`,
    ),
    line(
      'Lead at',
      say(r.feedMmS, 'feed'),
      r.feedMmS === null ? '' : `${inch ? 'an inch' : '25 mm'} in ${say(stretch / r.feedMmS, 'time')}`,
    ),
    line(
      'Kerf',
      say(r.kerfMm, 'slot'),
      r.kerfRangeMm === null
        ? ''
        : `${say(r.kerfRangeMm[0], 'slot')} to ${say(r.kerfRangeMm[1], 'slot')}${hasPieces(rig.frame) ? `; grow a template by ${say(r.growMm, 'slot')}` : ''}`,
    ),
    line('Tension, cold', say(r.coldN, 'force'), `sounds at ${say(r.pluckHz, 'pitch')}`),
    line(
      'Corner',
      r.waitS === null
        ? 'no lag known'
        : r.waitS === 0
          ? 'no wait: the lag is too small'
          : `wait ${say(r.waitS, 'time')}`,
      'sharp corners only; on a curve never stop',
    ),
    line(
      'Ready',
      r.warmUpS === null ? 'not known' : `after ${say(r.warmUpS, 'time')}`,
      r.colder === null
        ? ''
        : `ten degrees colder: ${say(Math.abs(r.colder), 'share')} ${r.colder < 0 ? 'slower' : 'faster'}`,
    ),
    line(
      'Behind it',
      r.cuts === 0 ? 'no cut yet' : `${r.cuts} cut${r.cuts === 1 ? '' : 's'}`,
      `feeds and kerf to about ±${say(r.sd, 'share')}; a thinner wire or an older battery wants a new test cut`,
    ),
  ];
}

export const RECIPE_CAUTION = 'Open air. Glasses, sleeves, glove. Never left hot. Power off as the last word.';
