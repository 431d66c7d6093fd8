import { ALLOYS } from '../catalog/alloys';
import type { HeatCause } from '../documents/event';
import { CUTTERS, type Cutter } from '../documents/cutters';
import { isolationOf } from '../documents/supply';
import type { Rig } from '../documents/rig';
import type { WeighedCause } from '../engine/firstHeat/causes';
import type { HeatExpected } from '../engine/firstHeat/plan';
import type { Say } from './say';

/** What to look over before power, for this rig. `stop`: where it does not hold, no heat. */
export interface BeforeHeat {
  readonly id: string;
  readonly text: string;
}

/** Where the hot wire may be left: by who moves it. */
const REST: Record<Cutter['led'], string> = {
  hands: 'A rest within reach on which the hot wire touches nothing: two bricks, or a hook. Try it cold.',
  weight: 'A stop that holds the frame clear of everything, with the cords unhooked. Try it cold.',
  fall: 'A catch that holds the frame up, clear of everything. Try it cold.',
  push: 'The wire stands clear: no foam, offcut or dust against it, nothing leaning over it.',
  motors: 'The ends run to a place where the wire touches nothing; motors held, nobody within their travel.',
};

/** The checks before the first power-up, those that this rig asks for. */
export function beforeHeat(rig: Rig): BeforeHeat[] {
  const metal = rig.frame.material === 'metal' || rig.frame.material === 'metal-insulated';
  const mains = rig.supply.kind === 'transformer' || isolationOf(rig.supply) !== true;
  const { fuseA } = rig.leads;
  const all: (BeforeHeat | false)[] = [
    {
      id: 'room',
      text: 'Doors open or outdoors, nobody else at the bench, glasses and sleeves on. An extinguisher in reach; nothing that burns within an arm’s length, spray-glue vapour long gone.',
    },
    {
      id: 'rest',
      text: REST[CUTTERS[rig.frame.kind].led],
    },
    {
      id: 'ends',
      text: 'Ends: a twist that cannot unwind when hot, no sharp bend, nothing frayed. The take-up is tethered to the frame.',
    },
    {
      id: 'clips',
      text: 'Clips bite bare, clean wire, and pull on the lead does not move them.',
    },
    metal && {
      id: 'insulation',
      text: 'Unplugged, meter on ohms, frame to wire: open circuit. Any reading at all: do not power it.',
    },
    {
      id: 'fuse',
      text:
        fuseA === null
          ? 'No fuse is entered for this rig. Put one in the lead before power: the Power stage names the value.'
          : `The fuse in its holder is the one on the drawing: ${fuseA} A.`,
    },
    mains && {
      id: 'mains',
      text: 'Everything on the mains side is enclosed, earthed and fused, made by somebody licensed and to local code, behind a residual-current device. If you cannot say so, stop here.',
    },
    {
      id: 'low',
      text:
        rig.control.kind === 'none'
          ? 'There is no dial: this rig goes to its full heat at once. Clip in the whole wire, and touch the second clip on for a second first.'
          : 'The control stands at its lowest, then power on. Hand on the switch.',
    },
  ];
  return all.filter((x) => x !== false);
}

/** What the wire does on the way to a setting. */
export function wireDoes(p: HeatExpected, say: Say): string {
  if (p.off) return 'This supply would shut itself off here. Go no further.';
  const warm = p.warmUpS === null ? '' : `Warm after ${say(p.warmUpS, 'time')}. `;
  const glow =
    p.airC > 900
      ? 'It glows orange by daylight'
      : p.airC > 700
        ? 'It glows red in a lit room'
        : p.airC > 550
          ? 'It glows dull red in the dark only'
          : p.airC > 150
            ? 'It does not glow; foam dust smokes off it at first'
            : p.airC > 60
              ? 'Nothing to see; it is too hot to touch'
              : 'Nothing to see; it is hardly warm';
  return `${warm}${glow}, at about ${say(p.airC, 'temperature')}, and grows ${say(p.growthMm, 'slot')}: watch the take-up swallow that.`;
}

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
