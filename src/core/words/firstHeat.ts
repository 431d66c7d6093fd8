import { CUTTERS, type Cutter } from '../documents/cutters';
import { isolationOf } from '../documents/supply';
import type { Rig } from '../documents/rig';
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
