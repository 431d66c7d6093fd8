import { ALLOYS } from '../catalog/alloys';
import { takeUpAt } from '../engine/takeUp';
import { pullBand } from '../engine/tensionBand';
import type { Recipe } from '../engine/recipe';
import { wiringPlan } from '../engine/wiringPlan';
import { recipeLines } from './recipe';
import type { Say } from './say';
import { wiringLines } from './wiring';
import type { Evaluation } from '../engine/evaluation';

/** A part of a rig's sheet: its head, and its lines of what, how much, and what to mind. */
export interface SheetPart {
  readonly head: string;
  readonly lines: readonly (readonly [what: string, value: string, mind: string])[];
}

/** Cautions that stand on every sheet of a rig. */
export const SHEET_CAUTIONS = [
  'Open air. Never PVC, polyurethane or a foam nobody can name.',
  'Glasses, sleeves, glove: a wire whips when it breaks. Tether the take-up.',
  'Nothing flammable about, spray-glue vapour gone, an extinguisher in reach, never left hot.',
  'Isolated extra-low voltage only; the mains side by local code and by a licensed person.',
  'This sheet does not say that the rig is safe: it says what is set.',
];

/** Everything of a rig that belongs on one page: settings, wire and pull, power and leads. In somebody's units. */
export function sheetParts(e: Evaluation, recipe: Recipe, say: Say, inch: boolean): SheetPart[] {
  const { rig } = e.s;
  const { tension: t, wire } = rig;
  const band = pullBand(e);
  const set = e.tension.coldN;
  const stretch = t.kind === 'spring' && t.springNPerMm ? takeUpAt(e.tension.takeUp.holder, set) * 1000 : null;
  const pull: (readonly [string, string, string])[] = [
    [
      'Wire',
      `${ALLOYS[wire.alloy].name} ${say(wire.diameterMm, 'wireDiameter')}`,
      `${say(wire.lengthMm, 'wireLength')} from clip to clip${wire.measuredOhm === null ? '' : `; ${say(wire.measuredOhm, 'ohms')} cold, measured`}`,
    ],
    [
      'Tension, cold',
      say(set, 'force'),
      band
        ? `fine from ${say(band.lowN, 'force')} to ${say(band.highN, 'force')}`
        : 'no tension suits as it is held',
    ],
    [
      'Tension, hot',
      say(e.tension.hotN, 'force'),
      e.tension.growth === null ? '' : `the wire grows ${say(e.tension.growth * 1000, 'slot')}`,
    ],
    ['Note, cold', say(e.tension.pluckHz, 'pitch'), 'plucked in its middle, foam off'],
  ];
  if (stretch !== null)
    pull.push([
      'Spring',
      `${say(stretch, 'depth')} longer than free`,
      `${say(t.springNPerMm, 'stiffness')}${t.springMaxN === null ? '' : `, never over ${say(t.springMaxN, 'force')}`}`,
    ]);
  if (t.kind === 'weight')
    pull.push(['Weight', say((set / 9.80665) * 1000, 'mass'), 'hung straight, or over a free pulley']);
  return [
    {
      head: 'Set and lead',
      lines: recipeLines(rig, recipe, say, inch).map((l) => [l.what, l.value, l.mind] as const),
    },
    { head: 'Wire and tension', lines: pull },
    {
      head: 'Power and leads',
      lines: wiringLines(wiringPlan(e), say).map((l) => [l.part, l.size, l.mind] as const),
    },
  ];
}
