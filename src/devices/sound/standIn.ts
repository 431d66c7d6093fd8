import { seeded } from '@/core/numeric/seeded';
import type { SoundSource, Sound } from './port';
import { SoundFault } from './port';

/** A plucked wire as it sounds: the note and how it dies. */
export interface Pluck {
  readonly hertz: number;
  /** Seconds in which it falls to 1/e. */
  readonly dies?: number;
  /** Signal over noise at its loudest, dB. */
  readonly overNoise?: number;
  readonly seed?: number;
  readonly sampleRate?: number;
  /** Quiet before it, s. */
  readonly before?: number;
}

/**
 * Sound of a wire plucked near its middle: odd partials strongest, the higher the sooner gone, on white noise. Partials as of an
 * ideal string (any acoustics text).
 */
export function pluckSound(p: Pluck, seconds: number): Sound {
  const { hertz, dies = 0.6, overNoise = 20, seed = 1, sampleRate = 44100, before = 0.25 } = p;
  const random = seeded(seed);
  const samples = new Float32Array(Math.round(seconds * sampleRate));
  const parts = [1, 0.25, 0.33, 0.1, 0.12].map((a, i) => ({ a, n: i + 1, phase: 2 * Math.PI * random() }));
  const rms = Math.sqrt(parts.reduce((s, { a }) => s + (a * a) / 2, 0));
  const noise = rms * 10 ** (-overNoise / 20) * Math.sqrt(3);
  for (let i = 0; i < samples.length; i++) {
    const t = i / sampleRate - before;
    let x = noise * (2 * random() - 1);
    if (t >= 0)
      for (const { a, n, phase } of parts)
        x += a * Math.exp((-t * (1 + 0.4 * (n - 1))) / dies) * Math.sin(2 * Math.PI * n * hertz * t + phase);
    samples[i] = 0.4 * x;
  }
  return { samples, sampleRate };
}

/** A bench without a bench: a wire that sounds at a note the maker does not know. */
export function standInSource(p: Pluck): SoundSource {
  return {
    listen: async (seconds, signal) => {
      if (signal.aborted) throw new SoundFault('stopped');
      return pluckSound(p, seconds);
    },
  };
}
