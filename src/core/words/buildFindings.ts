import type { Values } from '../documents/reading';
import type { Words } from './findings';
import type { Say } from './say';

const num = (v: Values, key: string) => v[key] as number | null;

/** Findings on the sizes that a cutter is built to. */
export const BUILD_TELLERS = {
  'arm-overstressed': (v: Values, say: Say) => ({
    head: 'The arm does not bear it',
    text: `At its root it is bent to ${say(num(v, 'stressMPa'), 'stress')}; half of what it bears is ${say(num(v, 'allowedMPa'), 'stress')}. Where it is ${say(num(v, 'nowMm'), 'foamSize')} thick it must be ${say(num(v, 'needMm'), 'foamSize')}, or its reach shorter.`,
  }),
  'arm-too-soft': (v: Values, say: Say) => ({
    head: 'The arm is too soft',
    text: `For ${say(num(v, 'wantedN'), 'force')} it would have to be bent ${say(num(v, 'gapMm'), 'foamSize')}, over a quarter of its reach (${say(num(v, 'mostMm'), 'foamSize')}). Take a thicker section, a stiffer material or a shorter reach.`,
  }),
  'arm-gives': (v: Values, say: Say) => ({
    head: 'The arm is not stiff',
    text: `Under the rig’s tension it gives ${say(num(v, 'givesMm'), 'foamSize')}; up to ${say(num(v, 'mostMm'), 'foamSize')} is stiff. Thicker, or bend it in by as much and let it be the spring.`,
  }),
  'arm-pull-differs': (v: Values, say: Say) => ({
    head: 'The arm pulls another tension',
    text: `Bent so it pulls ${say(num(v, 'pullN'), 'force')}; the rig is worked out with ${say(num(v, 'wantedN'), 'force')}. Bend it in by ${say(num(v, 'gapMm'), 'foamSize')}.`,
  }),
  'arm-goes-slack': (v: Values, say: Say) => ({
    head: 'The arm goes slack',
    text: `Hot, the wire grows ${say(num(v, 'growthMm'), 'slot')}; the arm is bent in by ${say(num(v, 'gapMm'), 'foamSize')} only. A softer arm that is bent further keeps its pull.`,
  }),
  'arm-creeps': (v: Values, say: Say) => ({
    head: 'Plastic pipe gives way',
    text: `A third of its pull is gone within an hour, ${say(num(v, 'leftN'), 'force')} are left. Set it anew before each session and let the wire off after it, or take wood or metal.`,
  }),
  'arm-not-in-rig': (v: Values, say: Say) => ({
    head: 'The rig does not know this arm yet',
    text: `It pulls ${say(num(v, 'pullN'), 'force')} cold and ${say(num(v, 'hotN'), 'force')} hot, ${say(num(v, 'rateNPerMm'), 'stiffness')}. Taken into the rig, slack and lag follow from it.`,
  }),
  'wire-length-differs': (v: Values, say: Say) => ({
    head: 'Built so, the wire is another length',
    text: `These sizes take ${say(num(v, 'betweenMm'), 'wireLength')} of wire from end to end; the rig is worked out with ${say(num(v, 'haveMm'), 'wireLength')}. Change the sizes or the rig.`,
  }),
  'opening-too-low': (v: Values, say: Say) => ({
    head: 'The foam does not go through',
    text: `The cutter is open ${say(num(v, 'openMm'), 'foamSize')}; the foam stands ${say(num(v, 'foamMm'), 'foamSize')} high.`,
  }),
  'board-too-small': (v: Values, say: Say) => ({
    head: 'The board is too small',
    text: `It is ${say(num(v, 'haveMm'), 'foamSize')}; what stands on it takes ${say(num(v, 'needMm'), 'foamSize')}.`,
  }),
  'ends-stay-cool': (v: Values, say: Say) => ({
    head: 'Supports too near for warm edges',
    text: `They stand ${say(num(v, 'supportsMm'), 'foamSize')} apart. The ends of a wire stay cool by its supports: at ${say(num(v, 'leastMm'), 'foamSize')} the block’s edges meet hot wire.`,
  }),
} satisfies Record<string, (v: Values, say: Say) => Words>;
