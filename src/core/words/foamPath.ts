import type { FOAM_QUESTIONS, FoamQuestion } from '../engine/foamPath';

/** Questions of the path that finds out what a foam is. */
export const FOAM_ASKS: Record<FoamQuestion, string> = {
  mark: 'Is there a label, or a recycling mark moulded in?',
  faces: 'Is paper, foil or cloth glued to its faces?',
  water: 'Put a crumb in water for a minute. Does it melt away?',
  crumbs: 'Rub a cut edge with a thumb. What comes off?',
  beads: 'Break a corner. Can you see beads, like a heap of peas?',
  bend: 'Bend a strip as thick as a finger.',
  feel: 'How does it feel?',
};

/** Its answers, each as a maker would say it. */
export const FOAM_ANSWERS: { readonly [Q in FoamQuestion]: Record<(typeof FOAM_QUESTIONS)[Q][number], string> } = {
  mark: {
    none: 'none that I can find',
    ps: 'PS, EPS, XPS or a 6',
    pp: 'PP, EPP or a 5',
    pe: 'PE, EPE, LDPE or a 4',
    eva: 'EVA',
    pvc: 'PVC, V or a 3',
    pu: 'PU, PUR or PIR',
    phenolic: 'PF or phenolic',
  },
  faces: { bare: 'no, bare foam', faced: 'yes' },
  water: { keeps: 'no, it stays and floats', melts: 'yes, it goes to slime' },
  crumbs: { no: 'nothing, or whole beads', powder: 'fine powder, cream, yellow or brown', brittle: 'brittle crumbs, orange or pink' },
  beads: { yes: 'yes, beads', no: 'no, fine cells' },
  bend: {
    snaps: 'it snaps with a crack',
    springs: 'it bends and springs back, tough',
    soft: 'it folds, soft',
    stiff: 'hard and stiff like a sign board',
  },
  feel: { waxy: 'smooth and waxy', rubbery: 'rubbery, it grips' },
}; // prettier-ignore
