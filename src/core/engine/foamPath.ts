import type { FoamId } from '../catalog/foams';

/** Questions that find out what a foam is, in the order they are asked; each answer is one of its own. */
export const FOAM_QUESTIONS = {
  mark: ['none', 'ps', 'pp', 'pe', 'eva', 'pvc', 'pu', 'phenolic'],
  faces: ['bare', 'faced'],
  water: ['keeps', 'melts'],
  crumbs: ['no', 'powder', 'brittle'],
  beads: ['yes', 'no'],
  bend: ['snaps', 'springs', 'soft', 'stiff'],
  feel: ['waxy', 'rubbery'],
} as const;
export type FoamQuestion = keyof typeof FOAM_QUESTIONS;
export type FoamAnswers = { readonly [Q in FoamQuestion]?: (typeof FOAM_QUESTIONS)[Q][number] };

/** The next question, or the kind that the answers end in. `unknown` means: do not cut. */
export type FoamStep =
  { readonly ask: FoamQuestion } | { readonly kind: FoamId; readonly because: FoamQuestion };

const ended = (kind: FoamId, because: FoamQuestion): FoamStep => ({ kind, because });
const ask = (question: FoamQuestion): FoamStep => ({ ask: question });

/**
 * One step along the path. A printed mark counts for more than a look, and what is dangerous is asked first: a faced board, a
 * foam that crumbles to powder (a thermoset never flows), a stiff sign board. Whatever does not fit ends in `unknown`. Marks as of
 * ASTM D7611 and ISO 11469; the rest common practice, no source.
 */
export function foamStep(a: FoamAnswers): FoamStep {
  if (a.mark === undefined) return ask('mark');
  if (a.mark === 'pvc') return ended('pvc', 'mark');
  if (a.mark === 'pu') return ended('pur', 'mark');
  if (a.mark === 'phenolic') return ended('phenolic', 'mark');
  if (a.faces === undefined) return ask('faces');
  if (a.faces === 'faced') return ended('paper-faced', 'faces');
  if (a.mark === 'pp') return ended('epp', 'mark');
  if (a.mark === 'pe') return ended('epe', 'mark');
  if (a.mark === 'eva') return ended('eva', 'mark');
  if (a.mark === 'none') {
    if (a.water === undefined) return ask('water');
    if (a.water === 'melts') return ended('starch', 'water');
    if (a.crumbs === undefined) return ask('crumbs');
    if (a.crumbs === 'powder') return ended('pur', 'crumbs');
    if (a.crumbs === 'brittle') return ended('phenolic', 'crumbs');
  }
  if (a.beads === undefined) return ask('beads');
  if (a.mark === 'ps') return ended(a.beads === 'yes' ? 'eps' : 'xps', 'beads');
  if (a.bend === undefined) return ask('bend');
  if (a.bend === 'stiff') return ended('pvc', 'bend');
  if (a.beads === 'yes') {
    if (a.bend === 'snaps') return ended('eps', 'bend');
    return a.bend === 'springs' ? ended('epp', 'bend') : ended('unknown', 'bend');
  }
  if (a.bend === 'snaps') return ended('xps', 'bend');
  if (a.feel === undefined) return ask('feel');
  return ended(a.feel === 'waxy' ? 'epe' : 'eva', 'feel');
}
