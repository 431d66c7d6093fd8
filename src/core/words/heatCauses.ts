import { ALLOYS } from '../catalog/alloys';
import type { HeatCause } from '../documents/event';
import type { Rig } from '../documents/rig';
import type { WeighedCause } from '../engine/firstHeat/guess';
import type { Say } from './say';

interface CauseWords {
  readonly name: string;
  readonly why: string;
  readonly act: string;
}

/** A cause of readings off their band in words, with its size. */
export function heatCauseWords(c: WeighedCause, rig: Rig, say: Say): CauseWords {
  const size = (role: Parameters<Say>[1]) => (c.size === null ? '' : say(c.size, role));
  const words: Record<HeatCause, () => CauseWords> = {
    'as-drawn': () => ({
      name: 'As drawn',
      why: 'Wire, leads and supply do what they should, within what ohms, dial and meter may be out.',
      act: 'Take the metered ohms into the rig; then set the tension again, hot.',
    }),
    gauge: () => ({
      name: `Another gauge: nearer ${size('wireDiameter')} than ${say(rig.wire.diameterMm, 'wireDiameter')}`,
      why: 'At every setting the resistance deviates by the same share, as much as a gauge or more.',
      act: 'Wind ten turns side by side on a rod and measure them, or compare with a wire you know.',
    }),
    alloy: () => ({
      name: `Another alloy: ${c.alloy ? ALLOYS[c.alloy].plain : 'not the one said'}`,
      why: 'The ohms, and how they rise with heat, fit that alloy better.',
      act: 'A magnet and its price tell much; ohms and weight of a measured length tell the rest.',
    }),
    length: () => ({
      name:
        rig.control.kind === 'clip'
          ? 'The clip sits elsewhere, or has slipped'
          : `Another length between the clips: nearer ${size('wireLength')}`,
      why: 'The resistance deviates by the same share everywhere; a length does that as a gauge does.',
      act: 'Power off, cool; measure along the wire from clip to clip.',
    }),
    contact: () => ({
      name: `A poor contact or thin lead: about ${size('ohms')} too much`,
      why: 'The volts that were set do not all come to the wire.',
      act: 'Power off: brighten clips and wire with fine paper, screw them tight. Then feel for a warm joint after a minute. Volts at the supply beside volts at the clips show what is lost.',
    }),
    'folds-back': () => ({
      name: `The supply holds its amps down: about ${size('amps')}`,
      why: 'Up to there the readings follow; beyond, the amps stand still.',
      act:
        rig.supply.kind === 'bench'
          ? 'Turn its amps knob up; a lamp for held amps shows it.'
          : 'It is at its limit, whatever its label says. Use a longer or thinner wire, or a stronger supply.',
    }),
    'supply-volts': () => ({
      name: `The supply gives other volts: about ${size('volts')}`,
      why: 'Current and voltage at the wire both deviate by the same share.',
      act: rig.supply.battery
        ? 'Read the battery’s volts open, then loaded: it may be lower or older than said.'
        : 'Read its volts open; look which tap or output the lead is on.',
    }),
    averaging: () => ({
      name: 'The meter averages the pulses',
      why: 'It reads the share of time that the current flows, not its root: the wire is as hot as it should be.',
      act: 'Nothing to mend. Divide what it reads by the root of the setting, or use a meter that says true rms.',
    }),
  };
  return words[c.cause]();
}

/** What would tell the first two causes apart; null where nothing simple does. */
export function tellApart(a: HeatCause, b: HeatCause): string | null {
  const pair = [a, b].sort().join('|');
  return APART[pair] ?? null;
}
const APART: Readonly<Record<string, string>> = {
  'alloy|gauge':
    'Measure ten turns side by side: the diameter settles it. A magnet holds iron-chromium-aluminium and steel, not nickel-chromium.',
  'alloy|length': 'Measure from clip to clip first; then weigh a metre.',
  'gauge|length': 'Measure from clip to clip: a rule settles this in a minute.',
  'contact|gauge': 'Read volts right on the wire and at the supply: only a contact makes them differ.',
  'contact|length': 'Read volts right on the wire and at the supply: only a contact makes them differ.',
  'contact|supply-volts':
    'Read volts at the supply’s own terminals while it is loaded: low there is the supply, right there is the lead or a contact.',
  'contact|folds-back':
    'Turn down a little: behind a poor contact the amps fall with the volts, at a limit they stand still.',
  'averaging|supply-volts': 'Set the dial to full for a moment: an averaging meter is then right.',
  'as-drawn|averaging': 'Read once at a low setting: there an averaging meter is far under.',
  'as-drawn|gauge': 'Read at the highest setting as well, volts at the clips: more readings part these two.',
  'as-drawn|contact': 'Read volts at the supply and at the clips, at the same setting.',
  'as-drawn|length': 'Measure from clip to clip.',
};
