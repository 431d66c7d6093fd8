import { describe, expect, it } from 'vitest';
import { ohmHeldAt } from './ohmHeld';

describe('the heat at which a wire has the ohms that are held', () => {
  it('rising ohms: where they cross, no hotter than full pulses make it', () => {
    const ohm = (t: number) => 5 * (1 + 0.001 * (t - 20));
    expect(ohmHeldAt(20, 5.5, 600, ohm)).toBeCloseTo(120, 2);
    expect(ohmHeldAt(20, 9, 600, ohm)).toBe(600);
  });

  it('a cold wire that has them already is not heated', () => {
    expect(ohmHeldAt(20, 5, 600, () => 5.1)).toBe(20);
    expect(ohmHeldAt(20, 5, 600, () => 5)).toBe(20);
  });

  it('ohms that rise, fall and rise again: the first heat at which a controller finds them', () => {
    const ohm = (t: number) => 5 + Math.sin(t / 150) + t / 2000;
    const found = ohmHeldAt(20, 5.6, 1500, ohm);
    expect(ohm(found)).toBeCloseTo(5.6, 4);
    for (let t = 20; t < found - 1; t += 1) expect(ohm(t)).toBeLessThan(5.6);
  });
});
