import { describe, expect, it } from 'vitest';
import { METRIC_SAY, sayIn } from '@/core/words/say';
import { small } from './small';

describe('distances too small to see', () => {
  it('are said to be under what a bench can tell', () => {
    expect(small(0.4, METRIC_SAY)).toMatch(/^0\.4/);
    expect(small(0.03, METRIC_SAY)).toMatch(/^under 0\.05.mm$/);
    expect(small(0, METRIC_SAY)).toMatch(/^under /);
    expect(small(0, sayIn('inch'))).toMatch(/^under 0\.00\d+.in$/);
  });
});
