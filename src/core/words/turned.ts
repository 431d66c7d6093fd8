import type { Template } from '../documents/plan';

/** How a block is cut by one pair of templates: first cut, turning it over, second cut. Common practice, no source. */
export function turnedSteps(t: Pick<Template, 'pinnedTo' | 'firstCut'>): {
  readonly before: readonly string[];
  readonly turn: readonly string[];
} {
  const above = t.firstCut === 'top';
  const core = t.pinnedTo === 'core';
  return {
    before: [
      core
        ? 'Draw the middle line on both end faces at the heights of the mounting sheet: through the leading edge and the middle of the trailing edge. The core is turned about it.'
        : 'Draw the middle line on both end faces, level, half way up the block: through the leading edge and the middle of the trailing edge. The block is turned about it.',
      core
        ? `Pin each template by its two holes on that line, edge ${above ? 'up' : 'down'}.`
        : 'Pin each template to the part that lies on the bench, by the two holes in its foot, its middle line on that of the block.',
      `First cut: ${above ? 'above' : 'below'}. Then power off; the offcut stays where it lies.`,
    ],
    turn: [
      'Once it is cold take both templates off and lay the offcut back on the core; carry both as one.',
      'Turn the block over about its length: each end stays with who leads it, the leading edge comes to the far side.',
      above
        ? 'It lies in its offcut as in a cradle. Weights back on, over the middle.'
        : 'Weights back on, over the middle.',
      core
        ? 'Pin each template into the same two holes, its other face out. The holes say where it sits, not the faces of the block.'
        : above
          ? 'Pin each template to the offcut below, its other face out, as high over the bench as before. The weights must close the gap that the kerf left: what stays open is missing in thickness.'
          : 'Pin each template to the part that lies on the bench now, its other face out, as high over it as before.',
      'Second cut: the same stations at the same times, again from the leading edge.',
    ],
  };
}
