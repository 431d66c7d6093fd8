import { describe, expect, it } from 'vitest';
import { typedIn } from '@/core/words/say';
import { offText } from './off';

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
