import type { PlanCode } from '../documents/templates';
import type { Values } from '../documents/reading';
import type { Words } from './findings';
import type { ControlKind } from '../documents/controlKinds';
import { controlSettingText } from './control';
import type { Say } from './say';

/** Names of the passes of a piece. */
export const SIDE_NAMES = { top: 'Top', bottom: 'Bottom', outline: 'All round', square: 'Straight' } as const;

type Teller = (v: Values, say: Say) => Words;
const num = (v: Values, key: string) => v[key] as number | null;
const ratio = (v: number | null) => (v === null ? '–' : v.toPrecision(3));
const grams = (v: Values, say: Say) => say(Math.abs(num(v, 'grams') ?? 0), 'mass');

/** Which heat fits templates that are cut. */
function fitting(v: Values, say: Say): string {
  if (v['led'] === 'no') return '';
  const setting = num(v, 'setting');
  if (setting === null) return ' No setting near by fits them at this feed.';
  const hold = num(v, 'hold');
  const held = hold === null ? 'At this feed' : `With the feed held at ${say(hold, 'feed')}`;
  return ` ${held} ${controlSettingText(v['control'] as ControlKind, setting, say)} fits them.`;
}

/** Findings of a plan in words. */
const TELLERS: Record<PlanCode, Teller> = {
  'rig-stopped': () => ({
    head: 'The rig is stopped',
    text: 'Something about this rig has to be put right before anything is cut with it. The shapes below are drawn; nothing is called.',
  }),
  'no-feed': () => ({
    head: 'No feed to go by',
    text: 'This wire does not cut this foam at its setting, so neither kerf nor pace is known and the templates have no allowance yet.',
  }),
  'section-doubled': (v) => ({
    head: `A point twice in the ${String(v['end'])} section`,
    text: `The point at ${ratio(num(v, 'x'))}, ${ratio(num(v, 'y'))} of the chord stands there twice. It does no harm; the second is passed over.`,
  }),
  'method-taper': (v, say) => ({
    head: 'The short end goes too slowly',
    text: `At this pace the short end goes at ${say(num(v, 'slow'), 'feed')}, under the min clean feed of ${say(num(v, 'slowest'), 'feed')}: it melts wide. Lead the long end at ${say(num(v, 'wanted'), 'feed')} or faster, or take off heat.`,
  }),
  'taper-too-strong': (v) => ({
    head: 'Too much taper for one pass',
    text: `One end goes ${ratio(num(v, 'taper'))} times as far as the other; this wire in this foam allows ${ratio(num(v, 'most'))} in one pass. Cut the span in two lengths, each with its own templates; or take a thinner wire at more heat, whose clean window is wider.`,
  }),
  'blank-too-small': (v, say) => ({
    head: 'The block is too small',
    text: `It lacks ${say(num(v, 'lengthMm'), 'foamSize')} in length, ${say(num(v, 'widthMm'), 'foamSize')} in width and ${say(num(v, 'heightMm'), 'foamSize')} in height.`,
  }),
  'stock-too-thin': (v, say) => ({
    head: 'Thicker than the board',
    text: `The block must be ${say(num(v, 'want'), 'foamSize')} high; the board is ${say(num(v, 'have'), 'foamSize')}. Part it along the chord line into ${String(v['layers'])} layers and glue them after cutting, or glue boards first with a glue the wire can cut.`,
  }),
  'longer-than-bow': (v, say) => ({
    head: 'Longer than this wire cuts',
    text: `The wire leaves room for ${say(num(v, 'most'), 'foamSize')} of foam; the span is ${say(num(v, 'span'), 'foamSize')}. Cut it in ${String(v['lengths'])} lengths; neighbours share a template.`,
  }),
  'radius-too-large': (v, say) => ({
    head: 'The arm is too short',
    text: `With the tip’s cord at that radius the root’s would need ${say(num(v, 'want'), 'foamSize')}; the arm reaches ${say(num(v, 'most'), 'foamSize')}. The tip’s clamp is drawn at ${say(num(v, 'tip'), 'foamSize')} instead.`,
  }),
  'anchor-does-not-fit': (v, say) => ({
    head: 'The anchor makes another tip',
    text: `From there the far chord comes out ${say(num(v, 'far'), 'foamSize')} and ${say(num(v, 'wanted'), 'foamSize')} is wanted.${num(v, 'anchor') === null ? ' Both ends are the same size: an anchored wire always tapers.' : ` The anchor belongs ${say(num(v, 'anchor'), 'foamSize')} from the near face.`}`,
  }),
  'anchor-no-twist': (v) => ({
    head: 'An anchored wire cannot twist',
    text: `Every line runs to the anchor, so the tip is the root made smaller; the ${ratio(num(v, 'twist'))}° of twist between them cannot be cut so.`,
  }),
  'pull-stalls': (v, say) => ({
    head: 'The pull stalls',
    text: `At ${String(v['count'])} stations, first at ${String(v['station'])}, the pull does not hold a clean feed: the wire stands and melts. Up to ${grams(v, say)} more would hold it.`,
  }),
  'pull-runs-away': (v, say) => ({
    head: 'It wants to run away',
    text: `At ${String(v['count'])} stations, first at ${String(v['station'])}, the pull is more than the foam takes at the max feed. Take off up to ${grams(v, say)}, or hold it back there.`,
  }),
  'lead-in-short': (v, say) => ({
    head: 'The lead-in begins in the foam',
    text: `It is ${say(num(v, 'leadIn'), 'foamSize')} long; the wire must start outside the block, so at least ${say(num(v, 'least'), 'foamSize')}.`,
  }),
  'tail-short': (v, say) => ({
    head: 'The wire would stop in the foam',
    text: `The lead-out is ${say(num(v, 'tail'), 'foamSize')} long; to run out of the block it takes at least ${say(num(v, 'least'), 'foamSize')}.`,
  }),
  'upper-first': (v, say) => ({
    head: 'Upper cut first costs a whole kerf',
    text: `Pinned to the bottom of the block and cut above first, the core would come out ${say(num(v, 'loss'), 'slot')} thinner. The templates are grown to make up for it; with the lower cut first they need no growth at all.`,
  }),
  'template-too-hot': (v, say) => ({
    head: 'Too hot for these templates',
    text: `The wire beside the foam has ${say(num(v, 'wire'), 'temperature')}; ${String(v['material'])} bears ${say(num(v, 'limit'), 'temperature')}. It chars, and its edge goes with it.`,
  }),
  'template-chills': (v, say) => ({
    head: 'The templates chill the wire',
    text: `Thick ${String(v['material'])} draws heat out of the wire: about ${say(num(v, 'strip'), 'slot')} beside each face are not melted through. Stand the templates off by a card washer, or leave the block longer and trim it.`,
  }),
  'nose-sharp': (v, say) => ({
    head: `The ${String(v['end'])} leading edge is too sharp`,
    text: `Its radius is ${say(num(v, 'radius'), 'slot')}, the kerf ${say(num(v, 'slot'), 'slot')} wide: it melts away. Leave the leading edge square and round it by hand.`,
  }),
  'inside-corner': (v, say) => ({
    head: `An inside corner at the ${String(v['end'])}`,
    text: `The wire’s kerf cannot leave a corner tighter than a radius of ${say(num(v, 'radius'), 'slot')}: clean it out with a knife.`,
  }),
  'tail-thin': (v, say) => ({
    head: `A thin trailing edge at the ${String(v['end'])}`,
    text: `It ends ${say(num(v, 'tail'), 'slot')} thick; foam hardly holds under ${say(num(v, 'least'), 'slot')}. Thicken it, or let a solid trailing edge take its place.`,
  }),
  'beyond-tolerance': (v, say) => ({
    head: 'Beyond the tolerance',
    text: `No clean feed keeps within ${say(num(v, 'tolerance'), 'slot')} at: ${String(v['stations'])}. Worst at the ${String(v['where'])}: ${say(num(v, 'worst'), 'slot')}. More tension, less heat with a slower feed, or a shorter span lessen it.`,
  }),
  'wait-melts': (v, say) => ({
    head: 'Do not wait at the corner',
    text: `Waiting at station ${String(v['station'])} would melt ${say(num(v, 'melts'), 'slot')} a side and save only ${say(num(v, 'saves'), 'slot')}: go through without a stop.`,
  }),
  'width-differs': (v, say) => ({
    head: 'The rig is set for another width',
    text: `The rig’s foam is ${say(num(v, 'rig'), 'foamSize')} wide, this piece ${say(num(v, 'piece'), 'foamSize')}. Kerf, lag and pace are worked out for the rig’s width.`,
  }),
  'slot-too-narrow': (v, say) => ({
    head: 'A spar slot narrower than the kerf',
    text: `A slot of ${say(num(v, 'width'), 'slot')} cannot be cut with a kerf of ${say(num(v, 'kerf'), 'slot')}: the wire melts it wider going in and coming out. Leave the slot out and rout it, or make it at least as wide as the kerf.`,
  }),
  'dowel-too-thick': (v, say) => ({
    head: 'A dowel’s hole breaks out',
    text: `A hole of ${say(num(v, 'hole'), 'slot')} leaves ${say(num(v, 'wall'), 'slot')} of foam over and under it at the ${String(v['end'])}; ${say(num(v, 'least'), 'slot')} should stay. A thinner dowel, or one where the section is thicker.`,
  }),
  'block-too-long': (v, say) => ({
    head: 'Part the block first',
    text: `The block is ${say(num(v, 'length'), 'foamSize')} long, the piece ${say(num(v, 'span'), 'foamSize')}. Templates stand on the block’s faces and are drawn for the ends of the piece: part the block to the span first, square, ${say(num(v, 'each'), 'foamSize')} off each end.`,
  }),
  'template-other-kerf': (v, say) => ({
    head: 'These templates allow for another kerf',
    text: `Cut for ${say(num(v, 'allowed'), 'slot')} at the ${String(v['end'])}; as the rig is set the kerf is ${say(num(v, 'kerf'), 'slot')}: each face comes out ${say(Math.abs(num(v, 'off')!), 'slot')} ${num(v, 'off')! > 0 ? 'low' : 'proud'}.${fitting(v, say)}`,
  }),
  'own-edge-off': (v, say) => ({
    head: 'Your templates give another core',
    text: `At station ${String(v['station'])} of the ${String(v['end'])}’s ${String(v['side'])} edge it comes out ${say(Math.abs(num(v, 'off')!), 'slot')} ${num(v, 'off')! > 0 ? 'proud' : 'low'}; ${say(num(v, 'tolerance'), 'slot')} is allowed. Looked at as a whole, the heat can mend what all of an edge is off; what one place is off, only file or filler.`,
  }),
  'turned-not-alike': (v, say) => ({
    head: 'Turned over, both faces come out alike',
    text: `The ${String(v['end'])}’s section is not the same above and below: its ${String(v['side'])} cut twice gives ${say(num(v, 'thick'), 'foamSize')} of thickness where ${say(num(v, 'wanted'), 'foamSize')} is wanted, up to ${say(num(v, 'off'), 'slot')} off. One template serves a symmetric section; a cambered one needs a pair.`,
  }),
  'turned-slants': (v, say) => ({
    head: 'Turned over on the bench, the other face slants the other way',
    text: `The middle line of one end does not lie as the other’s does (twist ${say(num(v, 'twist'), 'angle')}, tip ${say(num(v, 'up'), 'foamSize')} up): set by the bench, the second cut would turn that round. Pinned to the core on its middle line it stays.`,
  }),
  'template-other-section': () => ({
    head: 'The piece has changed since its templates were cut',
    text: 'All that follows is of the piece that they were made for. Take the change back, or say that the templates are not cut and make new ones.',
  }),
  'core-lies-low': (v, say) => ({
    head: 'The core lies low',
    text: `It sinks by its own kerf after the lower cut: thickness is right, the section lies ${say(num(v, 'low'), 'slot')} low at the root and ${say(num(v, 'tip'), 'slot')} at the tip.`,
  }),
};

/** A finding of a plan in words, in somebody's units. */
export function planFindingWords(code: PlanCode, values: Values, say: Say): Words {
  return TELLERS[code](values, say);
}
