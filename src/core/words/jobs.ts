import { FINDING_CODES, type FindingCode, type Values } from '../documents/reading';
import type { JobFindingFigures, WorksheetDocument, WorksheetFigures } from '../documents/worksheet';
import type { JobCode } from '../documents/jobCodes';
import { findingWords, type Words } from './findings';
import { BUILD_TELLERS } from './buildFindings';
import { durationText } from './duration';
import { fixWords } from './fixes';
import { stepText } from './jobSteps';
import { materialText } from './materials';
import { METRIC_SAY, type Say } from './say';

type Teller = (v: Values, say: Say) => Words;
const num = (v: Values, key: string) => v[key] as number | null;
const lasting = (v: Values, key: string) => durationText(60 * num(v, key)!);

/** What would hold a loop that bends: a feed, a wire, a depth. */
const stiffer = (v: Values, say: Say) =>
  `${num(v, 'feedMmS') === null ? 'No slower feed is clean enough; take' : `Go at ${say(num(v, 'feedMmS'), 'feed')} or slower, or take`} wire of ${say(num(v, 'wireMm'), 'wireDiameter')} with heat for it, or cut in steps of ${say(num(v, 'stepMm'), 'foamSize')} of depth.`;

const TELLERS: Readonly<Record<JobCode, Teller>> = {
  'no-feed': () => ({
    head: 'No feed to go by',
    text: 'This wire does not cut this foam at its setting, so neither kerf nor positions are known. Set the heat on the stage Power first.',
  }),
  'block-too-low': (v, say) => ({
    head: 'The block gives fewer',
    text: `It gives ${String(v['count'])} of the ${String(v['wanted'])} wanted. For all of them it must be ${say(num(v, 'heightMm'), 'foamSize')} high.`,
  }),
  'supports-too-near': (v, say) => ({
    head: 'Supports nearer than the block is wide',
    text: `They stand ${say(num(v, 'supportsMm'), 'foamSize')} apart; the block is ${say(num(v, 'widthMm'), 'foamSize')} wide and has to pass between them.`,
  }),
  'sheet-differs': (v, say) => ({
    head: 'These spacers make another sheet',
    text: `They give ${say(num(v, 'givesMm'), 'slot')}; ${say(num(v, 'sheetMm'), 'slot')} within ${say(num(v, 'toleranceMm'), 'slot')} is wanted.`,
  }),
  'wedge-shows': (v, say) => ({
    head: 'The sheet is a wedge',
    text: `One side is thicker by ${say(num(v, 'wedgeMm'), 'slot')}. Raise the ${String(v['end'])} end by ${say(num(v, 'raiseMm'), 'slot')}.`,
  }),
  'thickness-uncertain': (v, say) => ({
    head: 'Thickness not sure yet',
    text: `The sheet may come out ${say(num(v, 'halfMm'), 'slot')} thicker or thinner, mostly because the kerf of ${say(num(v, 'kerfMm'), 'slot')} is a forecast. Gauge a stack of sheets and enter it.`,
  }),
  'wire-sags': (v, say) => ({
    head: 'The wire sags',
    text: `Its middle hangs ${say(num(v, 'sagMm'), 'slot')} low. More tension, or a shorter wire.`,
  }),
  'sheet-too-heavy': (v, say) => ({
    head: 'A sheet is too heavy',
    text: `It weighs ${say(num(v, 'grams'), 'mass')}; the limit is ${say(num(v, 'limitG'), 'mass')}. At this thickness foam of ${say(num(v, 'densityKgM3'), 'density')} or lighter meets it: light bead foam without voids does, extruded foam is heavy and smooth.`,
  }),
  'kerf-differs': (v, say) => ({
    head: 'The stack tells another kerf',
    text: `It says ${say(num(v, 'seenMm'), 'slot')} where ${say(num(v, 'kerfMm'), 'slot')} was forecast. Log it: it tunes the rig, and the setting follows.`,
  }),
  'board-too-narrow': (v) => ({
    head: 'The board gives fewer',
    text: `It gives ${String(v['count'])} of the ${String(v['wanted'])} wanted.`,
  }),
  'not-square': (v, say) => ({
    head: 'Out of square',
    text: `The flipped half shows ${say(num(v, 'errorDeg'), 'angle')}: move the upper anchor by ${say(num(v, 'shiftMm'), 'slot')} and try again.`,
  }),
  'radius-too-small': (v, say) => ({
    head: 'Too small to turn',
    text: `A radius of ${say(num(v, 'radiusMm'), 'foamSize')} is under two kerfs, ${say(num(v, 'leastMm'), 'foamSize')}: the pin has no foam left to hold.`,
  }),
  'ring-too-thin': (v, say) => ({
    head: 'The ring is too thin',
    text: `${say(num(v, 'ringMm'), 'foamSize')} of foam would be left; under two kerfs, ${say(num(v, 'leastMm'), 'foamSize')}, it melts through.`,
  }),
  'cone-closes': (v, say) => ({
    head: 'The cone closes before its top',
    text: `At ${say(num(v, 'tiltDeg'), 'angle')} it comes to a point inside ${say(num(v, 'thickMm'), 'foamSize')} of foam. Less tilt, thinner foam, or a larger disc.`,
  }),
  'cut-out-too-small': (v, say) => ({
    head: 'The cut-out is too small',
    text: `It is ${say(num(v, 'narrowMm'), 'foamSize')} across; a template to lead along needs ${say(num(v, 'leastMm'), 'foamSize')} or more.`,
  }),
  'piece-too-small': (v, say) => ({
    head: 'The piece is too small',
    text: `It is ${say(num(v, 'narrowMm'), 'foamSize')} across; under two kerfs, ${say(num(v, 'leastMm'), 'foamSize')}, it melts through.`,
  }),
  'loop-bends': (v, say) => ({
    head: 'The loop bends too far',
    text: `Its foot trails ${say(num(v, 'tipMm'), 'slot')}; ${say(num(v, 'toleranceMm'), 'slot')} is allowed. ${stiffer(v, say)}`,
  }),
  'loop-overstressed': (v, say) => ({
    head: 'The loop is bent out of shape',
    text: `Hot it is stressed to ${say(num(v, 'stressMPa'), 'stress')} and holds its shape to ${say(num(v, 'allowedMPa'), 'stress')}. ${stiffer(v, say)}`,
  }),
  'loop-too-short': (v, say) => ({
    head: 'Too little wire for this depth',
    text: `The loop and the cool part of its legs take ${say(num(v, 'wireMm'), 'wireLength')}; the rig has ${say(num(v, 'haveMm'), 'wireLength')}.`,
  }),
  'loop-too-wide': (v, say) => ({
    head: 'The loop is wider than the groove',
    text: `It opens ${say(num(v, 'grooveMm'), 'foamSize')}; ${say(num(v, 'widthMm'), 'foamSize')} is wanted. Bend it ${say(num(v, 'loopMm'), 'foamSize')} wide outside.`,
  }),
  'stock-short': (v) => ({
    head: 'Not a whole ring',
    text: `A ring at this angle takes ${String(v['ringOf'])} pieces; ${String(v['count'])} are listed.`,
  }),
  'row-opens': (v, say) => ({
    head: 'The row opens',
    text: `Out of square as it is, the joints open by ${say(num(v, 'openMm'), 'slot')} in all.${v['turnOver'] === 'yes' ? '' : ` Turning every second piece over leaves ${say(num(v, 'turnedMm'), 'slot')}.`}`,
  }),
  'ring-does-not-close': (v, say) => ({
    head: 'The ring will not close',
    text: `Its last joint gapes ${say(num(v, 'gapMm'), 'slot')}. A shim of ${say(num(v, 'shimMm'), 'slot')} under the guide takes the error out.`,
  }),
  'battery-runs-out': (v) => ({
    head: 'The battery runs out',
    text: `At this setting it lasts ${lasting(v, 'lastsMin')}; the job keeps the wire hot for ${lasting(v, 'takesMin')}. Have a second set at hand, or more in parallel.`,
  }),
  'battery-fades': (v, say) => ({
    head: 'The battery fades on the way',
    text: `The job takes ${lasting(v, 'takesMin')} of its ${lasting(v, 'lastsMin')}. Full, the max feed is ${say(num(v, 'fullMmS'), 'feed')}; near its end ${num(v, 'emptyMmS') === null ? 'it does not cut' : `it is ${say(num(v, 'emptyMmS'), 'feed')}`}: go slower as it goes on, and gauge the last as well as the first.`,
  }),
  'path-stopped': (v) => ({
    head: 'The path must not be run',
    text: `${v['count'] === 1 ? 'A fault stands' : `${String(v['count'])} faults stand`} beside the path. No step is given until ${v['count'] === 1 ? 'it is' : 'they are'} put right.`,
  }),
  'path-faults': (v) => ({
    head: 'The path is not clean all the way',
    text: `${v['count'] === 1 ? 'One finding' : `${String(v['count'])} findings`} beside the path: look before foam is spoilt.`,
  }),
  ...BUILD_TELLERS,
};

const OF_RIG: ReadonlySet<string> = new Set(FINDING_CODES);

/** A finding of a worksheet in somebody's units: the job's own, or its rig's. */
export const jobFindingWords = (f: Pick<JobFindingFigures, 'code' | 'values'>, say: Say): Words =>
  OF_RIG.has(f.code)
    ? findingWords(f.code as FindingCode, f.values, say)
    : TELLERS[f.code as JobCode](f.values, say);

/** A worksheet as it leaves the program, with its texts in metric units. */
export const toldWorksheet = (w: WorksheetFigures): WorksheetDocument => ({
  ...w,
  steps: w.steps.map((s) => ({ ...s, text: stepText(s, METRIC_SAY) })),
  materials: w.materials.map((m) => {
    const { part, size } = materialText(m, METRIC_SAY);
    return { ...m, text: `${part}: ${size}` };
  }),
  findings: w.findings.map((f) => ({
    ...f,
    text: jobFindingWords(f, METRIC_SAY).text,
    fixes: f.fixes.map(({ patch }) => ({ text: fixWords({ patch }, w.rig, METRIC_SAY), patch: { ...patch } })),
  })),
});
