import { describe, expect, it } from 'vitest';
import { turnedSteps } from './turned';

const all = (pinnedTo: 'core' | 'block-bottom', firstCut: 'top' | 'bottom') => {
  const { before, turn } = turnedSteps({ pinnedTo, firstCut });
  return [...before, ...turn].join(' ');
};

describe('the work with one template', () => {
  it('in every order: the middle line, off, turned about its length, weights back, the other face out', () => {
    for (const pinned of ['core', 'block-bottom'] as const)
      for (const first of ['top', 'bottom'] as const) {
        const text = all(pinned, first);
        for (const part of [
          'middle line',
          'power off',
          'about its length',
          'Weights back on',
          'other face out',
        ])
          expect(text, `${pinned}, ${first}`).toContain(part);
        expect(text.indexOf('power off')).toBeLessThan(text.indexOf('take both templates off'));
      }
  });
  it('only a core that lies in its offcut needs its gap closed, and only pins in the core go into the same holes', () => {
    expect(all('block-bottom', 'top')).toContain('close the gap');
    for (const [pinned, first] of [
      ['core', 'top'],
      ['core', 'bottom'],
      ['block-bottom', 'bottom'],
    ] as const)
      expect(all(pinned, first)).not.toContain('close the gap');
    expect(all('core', 'bottom')).toContain('same two holes');
    expect(all('block-bottom', 'bottom')).not.toContain('same two holes');
  });
});
