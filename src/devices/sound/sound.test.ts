import { describe, expect, it } from 'vitest';
import type { Sound } from './port';
import { readPluck } from './readPluck';
import { seeded } from '@/core/numeric/seeded';
import { pluckSound, standInSource } from './standIn';

const SECONDS = 2.5;
const RATE = 44100;
const wave = (f: (t: number, random: () => number) => number, seed = 1): Sound => {
  const random = seeded(seed);
  return {
    samples: Float32Array.from({ length: SECONDS * RATE }, (_, i) => f(i / RATE, random)),
    sampleRate: RATE,
  };
};
const normal = (random: () => number) =>
  Math.sqrt(-2 * Math.log(random() + 1e-12)) * Math.cos(2 * Math.PI * random());

describe('the note of a plucked wire', () => {
  const notes = [
    40, 45, 50, 55, 60, 70, 82.4, 100, 110, 120, 133, 150, 180, 200, 240, 261.6, 300, 333, 370, 400,
  ];
  it.each(notes)('%d Hz, dying away at 20 dB over the noise, is read within 1 %%', (hertz) => {
    for (const [seed, dies] of [
      [1, 0.3],
      [2, 0.6],
      [3, 1.2],
      [4, 0.6],
      [5, 2],
    ] as const) {
      const r = readPluck(pluckSound({ hertz, dies, seed, overNoise: 20 }, SECONDS));
      expect(r, `seed ${seed}`).toMatchObject({ ok: true });
      if (r.ok) {
        expect(Math.abs(r.hertz / hertz - 1), `seed ${seed}: ${r.hertz}`).toBeLessThan(0.01);
        expect(r.confidence).toBeGreaterThan(0.6);
      }
    }
  });
  it('at other rates of sampling too', () => {
    for (const sampleRate of [16000, 22050, 48000, 96000]) {
      const r = readPluck(pluckSound({ hertz: 97, sampleRate }, SECONDS));
      expect(r.ok && Math.abs(r.hertz / 97 - 1) < 0.01, `${sampleRate}`).toBe(true);
    }
  });
  it('is not taken for its loud second partial', () => {
    const r = readPluck(
      wave(
        (t, random) =>
          Math.exp(-t / 0.7) * (0.3 * Math.sin(2 * Math.PI * 80 * t) + 0.5 * Math.sin(2 * Math.PI * 160 * t)) +
          0.005 * normal(random),
      ),
    );
    expect(r.ok && r.hertz).toBeCloseTo(80, 0);
  });
});

describe('what is no pluck is refused', () => {
  it('silence, and the hiss of a microphone', () => {
    expect(readPluck(wave(() => 0))).toEqual({ ok: false, why: 'silent' });
    expect(readPluck(wave((_, random) => 3e-4 * normal(random)))).toEqual({ ok: false, why: 'silent' });
  });
  it.each([50, 60, 100, 120])('the hum of %d Hz with its harmonics, that does not die away', (hertz) => {
    for (const seed of [1, 2, 3]) {
      const hum = wave(
        (t, random) =>
          0.2 * Math.sin(2 * Math.PI * hertz * t) +
          0.1 * Math.sin(4 * Math.PI * hertz * t + 1) +
          0.06 * Math.sin(6 * Math.PI * hertz * t + 2) +
          0.02 * normal(random),
        seed,
      );
      expect(readPluck(hum)).toMatchObject({ ok: false });
    }
  });
  it('noise, steady and dying away', () => {
    for (const seed of [1, 2, 3, 4, 5]) {
      expect(readPluck(wave((_, random) => 0.2 * normal(random), seed)).ok).toBe(false);
      expect(
        readPluck(wave((t, random) => 0.4 * Math.exp(-t / 0.6) * normal(random), seed)).ok,
        `dying, seed ${seed}`,
      ).toBe(false);
    }
  });
  it('speech-like sound: syllables of gliding voice and hiss', () => {
    for (let seed = 1; seed <= 12; seed++) {
      let phase = 0;
      const base = 95 + 12 * seed;
      const talk = wave((t, random) => {
        const syllable = Math.max(0, Math.sin(2 * Math.PI * (3 + 0.2 * seed) * t + seed)) ** 0.7;
        phase += (2 * Math.PI * base * (1 + 0.25 * Math.sin(2 * Math.PI * 1.7 * t + seed))) / RATE;
        const voice = Math.sin(phase) + 0.6 * Math.sin(2 * phase) + 0.4 * Math.sin(3 * phase + 1);
        return 0.2 * syllable * voice + 0.03 * normal(random);
      }, seed);
      expect(readPluck(talk).ok, `seed ${seed}`).toBe(false);
    }
  });
  it('a click; a second pluck swelling up after the first', () => {
    const once = (t: number) => (t < 0 ? 0 : Math.exp(-t / 0.4) * Math.sin(2 * Math.PI * 90 * t));
    const again = wave((t) => 0.5 * once(t - 0.1) + 0.3 * once(t - 1.4));
    expect(readPluck(again)).toEqual({ ok: false, why: 'restless' });
    expect(readPluck(wave((t, random) => (t > 0.3 && t < 0.302 ? 0.8 : 0) + 0.002 * normal(random))).ok).toBe(
      false,
    );
  });
  it('a sound too short to tell', () => {
    expect(readPluck(pluckSound({ hertz: 80 }, 0.5))).toEqual({ ok: false, why: 'short' });
  });
});

describe('the stand-in keeps the contract of a source of sound', () => {
  it('gives the seconds asked for, within −1 to 1, the same for a seed', async () => {
    const source = standInSource({ hertz: 77, seed: 9 });
    const a = await source.listen(2, new AbortController().signal);
    const b = await source.listen(2, new AbortController().signal);
    expect(a.samples.length).toBe(2 * a.sampleRate);
    expect(Math.max(...a.samples.map(Math.abs))).toBeLessThanOrEqual(1);
    expect(b.samples).toEqual(a.samples);
  });
  it('stops when it is told', async () => {
    const stop = new AbortController();
    stop.abort();
    await expect(standInSource({ hertz: 77 }).listen(2, stop.signal)).rejects.toMatchObject({ why: 'stopped' });
  });
});
