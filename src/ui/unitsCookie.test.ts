import { describe, expect, it } from 'vitest';
import { PROFILES } from '@/core/units/profile';
import { profileFrom } from './unitsCookie';

describe('the units that a browser kept', () => {
  it('are taken where they are known, and are metric where they are not', () => {
    for (const p of PROFILES) expect(profileFrom(p)).toBe(p);
    for (const odd of [undefined, '', 'cubits', 'METRIC ', '__proto__'])
      expect(profileFrom(odd)).toBe('metric');
  });
});
