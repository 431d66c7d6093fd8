import { describe, expect, it } from 'vitest';
import { KnockEar } from './knock';
import { seeded } from '@/core/numeric/seeded';

const RATE = 48000;
const FRAME = 1024;
/** Seconds at which knocks are heard in a sound of some seconds. */
function heard(at: (t: number, random: () => number) => number, seconds = 4): number[] {
  const ear = new KnockEar();
  const random = seeded(7);
  const out: number[] = [];
  for (let i = 0; i + FRAME <= seconds * RATE; i += FRAME) {
    const frame = Float32Array.from({ length: FRAME }, (_, k) => at((i + k) / RATE, random));
    if (ear.hear(frame, i / RATE)) out.push(i / RATE);
  }
  return out;
}
const noise = (random: () => number) => 0.006 * (2 * random() - 1);
/** A knock: a burst that dies within hundredths of a second. */
const knock = (t: number, t0: number, random: () => number) =>
  t < t0 ? 0 : 0.6 * Math.exp(-(t - t0) / 0.015) * (2 * random() - 1);

describe('a knock on the bench', () => {
  it('is heard once each, near its time', () => {
    const times = heard((t, r) => noise(r) + knock(t, 1, r) + knock(t, 2.2, r) + knock(t, 3.1, r));
    expect(times).toHaveLength(3);
    [1, 2.2, 3.1].forEach((t0, i) => expect(Math.abs(times[i]! - t0)).toBeLessThan(0.05));
  });
  it('its bounce within a quarter of a second is the same knock', () => {
    expect(heard((t, r) => noise(r) + knock(t, 1, r) + knock(t, 1.15, r))).toHaveLength(1);
  });
  it('over the hum of a supply too', () => {
    const hum = (t: number) => 0.02 * Math.sin(100 * Math.PI * t);
    expect(heard((t, r) => hum(t) + noise(r) + knock(t, 2, r))).toHaveLength(1);
  });
  it('silence, noise, hum, a swelling sound and a machine that starts and goes on are none', () => {
    expect(heard(() => 0)).toEqual([]);
    expect(heard((_, r) => 0.05 * (2 * r() - 1))).toEqual([]);
    expect(heard((t) => 0.3 * Math.sin(100 * Math.PI * t))).toEqual([]);
    expect(heard((t, r) => (t / 4) * 0.5 * (2 * r() - 1))).toEqual([]);
    expect(heard((t, r) => noise(r) + (t > 2 ? 0.3 * (2 * r() - 1) : 0)).length).toBeLessThanOrEqual(1);
  });
});
