import { describe, expect, it } from 'vitest';
import { METRIC_SAY, sayIn, typedIn } from '@/core/words/say';
import { offText } from '../shape/off';
import { small } from './small';

describe('distances too small to see', () => {
  it('are said to be under what a bench can tell', () => {
    expect(small(0.4, METRIC_SAY)).toMatch(/^0\.4/);
    expect(small(0.03, METRIC_SAY)).toMatch(/^under 0\.05.mm$/);
    expect(small(0, METRIC_SAY)).toMatch(/^under /);
    expect(small(0, sayIn('inch'))).toMatch(/^under 0\.00\d+.in$/);
  });
});

describe('a deviation', () => {
  const typed = typedIn('metric');
  it.each([
    [null, /^–$/],
    [0.004, /^under 0\.01.mm$/],
    [-0.004, /^under 0\.01.mm$/],
    [0.126, /^\+0\.13.mm$/],
    [-1.5, /^−1\.5.mm$/],
  ])('of %s is %s', (mm, want) => expect(offText(mm, typed)).toMatch(want));
});
