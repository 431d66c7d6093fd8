import { ARM_STUFF, type ArmMaterial } from '../catalog/armMaterials';
import { ALLOYS, type AlloyId } from '../catalog/alloys';
import type { Values } from '../documents/reading';
import type { MaterialFigures } from '../documents/worksheet';
import type { MaterialCode } from '../documents/materialCodes';
import type { Say } from './say';

const num = (v: Values, key: string) => v[key] as number | null;
/** A size as a maker marks it: without noughts behind the point. */
const marked = (text: string) => text.replace(/\.0+(?=\D)|(\.\d*?)0+(?=\D)/, '$1');
const mm = (v: Values, key: string, say: Say) => marked(say(num(v, key), 'foamSize'));

/** The section of a bar or tube and what it is made of. */
function sectionText(v: Values, say: Say): string {
  const of = ARM_STUFF[v['material'] as ArmMaterial].name;
  return v['section'] === 'tube'
    ? `${of} tube ${mm(v, 'wideMm', say)} outside${num(v, 'thickMm') ? `, ${mm(v, 'thickMm', say)} inside` : ''}`
    : `${of} ${mm(v, 'wideMm', say)} × ${mm(v, 'thickMm', say)}`;
}

const TAKE_UPS: Readonly<Record<string, (v: Values, say: Say) => string>> = {
  weight: (v, say) => `a weight of ${say(num(v, 'massG'), 'mass')} on a cord over a smooth rod`,
  spring: (v, say) => `a spring that pulls ${say(num(v, 'pullN'), 'force')} half-way along its travel`,
  rubber: (v, say) => `bands that pull ${say(num(v, 'pullN'), 'force')}, kept off the hot wire`,
  flex: (v, say) => `none: the frame pulls ${say(num(v, 'pullN'), 'force')} by itself`,
  fixed: (v, say) => `a screw to set ${say(num(v, 'pullN'), 'force')} by`,
};

type Teller = (v: Values, say: Say) => readonly [part: string, size: string];

/** Each part of a cutter: its name, and the sizes that it is cut, drilled or bought by. */
const TELLERS: Readonly<Record<MaterialCode, Teller>> = {
  'base-board': (v, say) => [
    'Board',
    `${mm(v, 'lengthMm', say)} × ${mm(v, 'widthMm', say)} × ${mm(v, 'thickMm', say)}, slick on top${num(v, 'holeMm') === null ? '' : `; a hole of ${mm(v, 'holeMm', say)}, ${mm(v, 'reachMm', say)} from the post`}`,
  ],
  legs: (v, say) => ['Leg', `${mm(v, 'lengthMm', say)} high, wood`],
  post: (v, say) => [
    'Post',
    `${sectionText(v, say)}, ${mm(v, 'lengthMm', say)} long, screwed to the board’s edge`,
  ],
  arm: (v, say) => [
    'Arm',
    `${sectionText(v, say)}, ${mm(v, 'lengthMm', say)} long; a hole of ${mm(v, 'holeMm', say)} at its end`,
  ],
  bar: (v, say) => ['Bar', `${sectionText(v, say)}, ${mm(v, 'lengthMm', say)} long`],
  'corner-blocks': (v, say) => [
    'Corner',
    `glued and bolted through with ${mm(v, 'boltMm', say)} bolts: the bend is in the arms, not in the joint`,
  ],
  bush: (v, say) => [
    'Sleeve for the hole',
    `brass or steel, ${mm(v, 'boreMm', say)} inside, ${mm(v, 'outerMm', say)} outside, ${mm(v, 'lengthMm', say)} long: hot wire burns wood`,
  ],
  slit: (v, say) => [
    'Saw cut',
    `${mm(v, 'widthMm', say)} wide, ${mm(v, 'lengthMm', say)} from the edge to the hole, to slide the wire in`,
  ],
  'anchor-bolt': (v, say) => [
    'Anchor bolt with washers',
    `${mm(v, 'diameterMm', say)}${num(v, 'offMm') === null ? '' : `; the lower one stands ${say(num(v, 'offMm'), 'slot')} off the middle of the hole, so that the wire rises through it`}`,
  ],
  insulators: (v, say) => [
    'Insulating bush',
    `${mm(v, 'boreMm', say)} inside, ceramic or glass fibre: no bare metal between wire and frame`,
  ],
  wire: (v, say) => [
    'Wire, one and a spare',
    `${ALLOYS[v['alloy'] as AlloyId].name} ${say(num(v, 'diameterMm'), 'wireDiameter')}, cut ${mm(v, 'lengthMm', say)}: ${mm(v, 'betweenMm', say)} between the ${String(v['at'])} and ${mm(v, 'gripMm', say)} at each end`,
  ],
  fence: (v, say) => [
    'Fence',
    `straight, ${mm(v, 'lengthMm', say)} long, ${mm(v, 'heightMm', say)} high, with two clamps`,
  ],
  grips: () => ['Grip', 'wood or cork, where a hand holds the bow'],
  'height-screws': (v, say) => [
    'Screw with two nuts',
    `${mm(v, 'diameterMm', say)}, ${mm(v, 'lengthMm', say)} long, upright at each edge of the board`,
  ],
  'spacer-strips': (v, say) => [
    'Spacer strip',
    `card or hard plastic, ${mm(v, 'lengthMm', say)} × ${mm(v, 'widthMm', say)}; its height stands in the job of the sheets`,
  ],
  supports: (v, say) => [
    'Wire support',
    `a ${mm(v, 'boltMm', say)} bolt at each edge, ${mm(v, 'apartMm', say)} apart`,
  ],
  'side-rails': (v, say) => [
    'Side rail',
    `${mm(v, 'lengthMm', say)} long; the block runs between the two, ${mm(v, 'apartMm', say)} apart`,
  ],
  'take-up': (v, say) => ['Take-up', TAKE_UPS[String(v['kind'])]!(v, say)],
  handle: (v, say) => [
    'Handle',
    `hard wood, ${mm(v, 'lengthMm', say)} long; terminals ${mm(v, 'apartMm', say)} apart`,
  ],
  terminals: (v, say) => [
    'Screw terminal',
    `brass, for ${say(num(v, 'wireMm'), 'wireDiameter')} wire and ${say(num(v, 'amps'), 'amps')}, bright inside`,
  ],
  collar: (v, say) => [
    'Collar or sledge',
    `${mm(v, 'widthMm', say)} wide, set by ${mm(v, 'lengthMm', say)} of depth`,
  ],
  leads: (v, say) => [
    'Lead',
    `flexible, cross-section ${marked(say(num(v, 'areaMm2'), 'area'))}, ${say(num(v, 'lengthMm'), 'leadLength')} long`,
  ],
  fuse: (v) => ['Fuse', `${String(v['amps'])} A, close to the supply`],
  switch: (v) => ['Switch', `for ${String(v['amps'])} A, within reach of the free hand`],
  relief: () => [
    'Cord clamp',
    'where each lead leaves the frame: knotted or clamped, so that no pull reaches a contact',
  ],
};

/** A part of a cutter in somebody's units: its name and its sizes. */
export const materialText = (m: Pick<MaterialFigures, 'code' | 'values'>, say: Say) => {
  const [part, size] = TELLERS[m.code](m.values, say);
  return { part, size };
};
