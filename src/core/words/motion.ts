import type {
  MotionCode,
  MotionDocument,
  MotionFigures,
  MotionFindingFigures,
  ReplayDocument,
  ReplayFigures,
} from '../documents/motion';
import type { FindingCode } from '../documents/reading';
import { findingWords, type Words } from './findings';
import { METRIC_SAY, type Say } from './say';

type Values = MotionFindingFigures['values'];
type Teller = (v: Values, say: Say) => Words;
const num = (v: Values, key: string) => v[key] as number | null;
const word = (v: Values) => `“${String(v['word'])}”`;

const TELLERS: Readonly<Record<MotionCode, Teller>> = {
  'no-text': () => ({
    head: 'This is not text',
    text: 'Motion code is plain text. This file holds other signs; nothing of it was read.',
  }),
  'too-many-lines': (v) => ({
    head: 'Too many lines',
    text: `It has more than ${String(v['word'])} lines; nothing of it was read.`,
  }),
  'unknown-word': (v) => ({
    head: 'Not a word that is known here',
    text: `${word(v)} is none of G0 G1 G4 G20 G21 G90 G93 G94, M0 M2 M3 M5 M30, F P S N or an axis with its number. Take it out, or have such words left out.`,
  }),
  'twice-on-a-line': (v) => ({
    head: 'Two of a kind on one line',
    text: `${word(v)} stands beside another of its kind; a line may hold one.`,
  }),
  'no-such-axis': (v) => ({
    head: 'No such axis',
    text: `${word(v)} moves an axis that this machine does not have.`,
  }),
  'no-mode': () => ({ head: 'Neither G0 nor G1 yet', text: 'The line moves, but no line before it says how.' }),
  'no-feed-word': () => ({
    head: 'No feed',
    text: 'A cut needs its F: on its own line with G93, on it or before it with G94.',
  }),
  'bad-number': (v) => ({
    head: 'A number that cannot be',
    text: `${word(v)}: a feed must be over 0, and no number over a million.`,
  }),
  'open-comment': (v) => ({
    head: 'A comment without its end',
    text: `${word(v)} begins with a bracket that is not closed on its line.`,
  }),
  'wait-without-time': () => ({ head: 'A wait without its time', text: 'G4 needs P, at least 0.' }),
  'rig-stopped': (v, say) => ({
    head: 'The rig must not be powered',
    text: `${findingWords(v['code'] as FindingCode, v, say).head}: put that right first. No code is handed out for it.`,
  }),
  'motors-load': (v, say) => ({
    head: 'Wire and motors together are too much for the supply',
    text: `The wire draws ${say(num(v, 'wire'), 'amps')} and the motors ${say(num(v, 'motors'), 'amps')}; the supply gives ${say(num(v, 'most'), 'amps')}. Give the motors a supply of their own.`,
  }),
  'no-feed': () => ({
    head: 'No feed to go by',
    text: 'This wire does not cut this foam at its setting: neither kerf nor path is known. Set the heat on the stage Power first.',
  }),
  'out-of-travel': (v, say) => ({
    head: 'Out of the machine’s travel',
    text: `Axis ${String(v['axis'])} would go to ${say(num(v, 'at'), 'foamSize')}; it reaches from ${say(num(v, 'least'), 'foamSize')} to ${say(num(v, 'most'), 'foamSize')}. Move the block or the zero point, or lay the parts out elsewhere.`,
  }),
  'over-axis-speed': (v, say) => ({
    head: 'Faster than an axis goes',
    text: `Axis ${String(v['axis'])} is asked for ${say(num(v, 'asked'), 'feed')}; it does ${say(num(v, 'most'), 'feed')}. It will take longer, and the kerf there is wider.`,
  }),
  'feed-too-fast': (v, say) => ({
    head: `The ${String(v['face'])} face is led too fast`,
    text: `${say(num(v, 'feed'), 'feed')}; over ${say(num(v, 'fastest'), 'feed')} the wire drags and tears.`,
  }),
  'feed-too-slow': (v, say) => ({
    head: `The ${String(v['face'])} face is led slowly`,
    text: `${say(num(v, 'feed'), 'feed')}; under ${say(num(v, 'slowest'), 'feed')} the kerf is ragged and wide.`,
  }),
  'heat-off-in-foam': () => ({
    head: 'Cold in the foam',
    text: 'The wire goes through foam with the heat off: it would be torn out.',
  }),
  'stands-in-foam': (v, say) => ({
    head: 'Stands in the foam',
    text: `${say(num(v, 'seconds'), 'time')} of standing melt ${say(num(v, 'melts'), 'slot')} more on each side.`,
  }),
  'pause-in-foam': () => ({
    head: 'A pause in the foam',
    text: 'M0 waits for somebody’s hand while the hot wire stands in the foam. Pause in the air.',
  }),
  'rapid-in-foam': () => ({
    head: 'A rapid move through foam',
    text: 'G0 goes as fast as the axes can: the wire would break or drag the block along.',
  }),
  'starts-in-block': () => ({
    head: 'Begins inside the block',
    text: 'The first cut begins where foam already is. Bring the wire in from outside.',
  }),
  'ends-in-foam': () => ({
    head: 'Ends inside the block',
    text: 'The last line leaves the wire in the foam, where it goes on melting. Lead it out first.',
  }),
  'heat-left-on': () => ({ head: 'The heat stays on', text: 'No M5 after the last cut.' }),
  'wire-through-bed': (v, say) => ({
    head: 'Into the bed',
    text: `An end goes down to ${say(num(v, 'at'), 'foamSize')}; the bed is at ${say(num(v, 'bed'), 'foamSize')}.`,
  }),
  'ends-out-of-step': (v, say) => ({
    head: 'One end stands while the other moves',
    text: `The ${String(v['end'])} one stands for ${say(num(v, 'seconds'), 'time')} and melts a hole there.`,
  }),
  'ends-cross': () => ({
    head: 'The ends go against one another',
    text: 'One face is cut forwards and the other backwards: the wire turns about a place within the block.',
  }),
  'inches-for-mm': (v, say) => ({
    head: 'Inches taken for millimetres?',
    text: `All of it is ${say(num(v, 'size'), 'foamSize')} large, the block ${say(num(v, 'block'), 'foamSize')}. G20 in its head would make it 25.4 times larger.`,
  }),
  'mm-for-inches': (v, say) => ({
    head: 'Millimetres taken for inches?',
    text: `All of it is ${say(num(v, 'size'), 'foamSize')} large, the block ${say(num(v, 'block'), 'foamSize')}. G21 in its head would make it 25.4 times smaller.`,
  }),
  'wire-through-spindle': (v, say) => ({
    head: 'Into what holds the block',
    text: `Beside the block the wire comes nearer to the axis than ${say(num(v, 'radius'), 'foamSize')}, where it is held. End the profile wider, or hold the block by something thinner.`,
  }),
  'ends-coupled': () => ({
    head: 'Both ends of this machine are coupled',
    text: 'A root and a tip that differ need an end of their own each. Take the same section and size at both, or a machine with four axes.',
  }),
  'core-off': (v, say) => ({
    head: 'The core leaves its tolerance',
    text: `By up to ${say(num(v, 'off'), 'slot')}, where ${say(num(v, 'tolerance'), 'slot')} is asked for. Where and why is listed; more tension or a shorter span lessens what the middle trails.`,
  }),
  'blank-too-small': (v, say) => ({
    head: 'The blank is too small',
    text: `It lacks ${[
      ['lengthMm', 'length'],
      ['widthMm', 'width'],
      ['heightMm', 'height'],
    ]
      .filter(([key]) => (num(v, key!) ?? 0) > 0)
      .map(([key, name]) => `${say(num(v, key!), 'foamSize')} in ${name}`)
      .join(' and ')}.`,
  }),
  'comb-needs-heat': () => ({
    head: 'The heat must be switched by the code',
    text: 'Each cut is left cold, or the way back would widen it. This machine’s heat is switched by hand: make the test cuts one by one on the stage Try.',
  }),
  'slots-too-near': (v, say) => ({
    head: 'No room for the cuts and their marks',
    text: `They lie ${say(num(v, 'pitch'), 'foamSize')} apart and need ${say(num(v, 'needs'), 'foamSize')}: fewer cuts, or a block at least ${say(num(v, 'high'), 'foamSize')} high.`,
  }),
  'wire-stretches': (v, say) => ({
    head: 'The wire’s length changes',
    text: `By ${say(num(v, 'by'), 'slot')} between the towers; ${num(v, 'travel') === null ? 'how far the take-up gives is not known' : `its take-up gives ${say(num(v, 'travel'), 'slot')}`}.`,
  }),
  'cuts-nothing': () => ({ head: 'Nothing is cut', text: 'The wire never meets the block.' }),
  'no-part': (v, say) => ({
    head: 'No part to cut',
    text: `None of the outlines encloses more than a kerf of ${say(num(v, 'kerf'), 'slot')} melts.`,
  }),
  'entry-in-block': (v, say) => ({
    head: 'The way in begins inside the block',
    text: `${say(num(v, 'x'), 'foamSize')}, ${say(num(v, 'y'), 'foamSize')} is in the foam. Take a place outside it, where the wire gets hot in the air.`,
  }),
  'outside-block': (v, say) => ({
    head: 'Past the block’s faces',
    text: `The wire’s way leaves the block by up to ${say(num(v, 'by'), 'slot')}: there a part has no edge of its own.`,
  }),
  'hole-closes': (v, say) => ({
    head: 'A hole narrower than the kerf',
    text: `${String(v['holes'])} of them cannot be cut with a kerf of ${say(num(v, 'kerf'), 'slot')} and are left out.`,
  }),
  'part-melts': (v, say) => ({
    head: 'A part smaller than the kerf',
    text: `${String(v['parts'])} of them would melt in a kerf of ${say(num(v, 'kerf'), 'slot')} and are left out.`,
  }),
  'slit-refused': (v) => ({
    head: 'A slit cannot lie where it was put',
    text: `${v['slits'] === 1 ? 'One of them' : `${String(v['slits'])} of them`} would cross an outline, or belongs to none that is there now, and lies where it is shortest.`,
  }),
  'part-loose': (v) => ({
    head: 'A part comes loose over the wire',
    text: `${v['parts'] === 1 ? 'One part is' : `${String(v['parts'])} parts are`} cut free before the wire goes on beneath. Weigh the block down, put a pin through the part into the foam behind it, or lay it lower.`,
  }),
  'parts-too-near': (v, say) => ({
    head: 'Parts touch',
    text: `They lie over one another, or nearer than a kerf of ${say(num(v, 'kerf'), 'slot')}. Move them apart.`,
  }),
  'machine-slower': (v, say) => ({
    head: 'Slower than asked about corners',
    text: `The axes have to slow down: ${say(num(v, 'seconds'), 'time')} more in all, and a kerf up to ${say(num(v, 'wider'), 'slot')} wider there. The path allows for it.`,
  }),
};

/** A finding of a path or of motion code in somebody's units. */
export function motionFindingWords(f: MotionFindingFigures, say: Say): Words {
  const { head, text } = TELLERS[f.code](f.values, say);
  const where =
    f.line === null ? '' : f.count > 1 ? `Line ${f.line} and ${f.count - 1} more: ` : `Line ${f.line}: `;
  return { head, text: where + text };
}

const told = (findings: readonly MotionFindingFigures[]) =>
  findings.map((f) => ({ ...f, text: motionFindingWords(f, METRIC_SAY).text }));

/** A path, and code that was read back, as they leave the program: texts in metric units. */
export const toldMotion = (m: MotionFigures): MotionDocument => ({ ...m, findings: told(m.findings) });
export const toldReplay = (r: ReplayFigures): ReplayDocument => ({ ...r, findings: told(r.findings) });
