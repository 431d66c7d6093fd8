import { PitchDetector } from 'pitchy';
import type { Sound } from './port';

/** Why a sound gives no note: too quiet, no steady note in it, it does not die away, it starts again, or outside the range. */
export type NoNote = 'silent' | 'noisy' | 'steady' | 'restless' | 'short';

export type PluckReading =
  | { readonly ok: true; readonly hertz: number; /** 0 to 1. */ readonly confidence: number }
  | { readonly ok: false; readonly why: NoNote };

/** Notes looked for, Hz: those of wires on a bench. */
const RANGE = [28, 1200] as const;
/** Samples a second that are enough for that; window and hop in s. */
const RATE = 8000;
const WINDOW = 4096;
const HOP_S = 0.05;
/** Under this root mean square nothing was heard. */
const SILENT = 1e-3;
/** Windows quieter than this share of the loudest are left out: there is more noise than note. */
const LOUD = 0.3;
/** Clarity that a window wants (McLeod's, 0–1), and how near the middle note it must lie. */
const CLEAR = 0.85;
const NEAR = 0.03;
/** A plucked wire has lost this share of its loudness at the end. */
const DIES = 0.35;
/** Share of the sound that must follow the pluck. */
const LEAST_AFTER = 0.15;
/** It never rises again by more than this share of the loudest. */
const RISES = 0.25;

/**
 * The note of a plucked wire in a few seconds of sound, or why there is none. Windows of half a second from the pluck on are
 * read by McLeod's method (pitchy); their middle counts, if most agree within 3 % and the sound dies away as a pluck does.
 */
export function readPluck(sound: Sound): PluckReading {
  const { samples, rate } = slowed(sound);
  const hop = Math.round(HOP_S * rate);
  if (samples.length < 2 * WINDOW) return { ok: false, why: 'short' };
  const loud = envelope(samples, hop);
  const peak = Math.max(...loud);
  if (!(peak > SILENT)) return { ok: false, why: 'silent' };
  const at = loud.indexOf(peak);
  const after = loud.slice(at);
  if (restless(after, peak)) return { ok: false, why: 'restless' };
  if (!dies(after, loud, peak)) return { ok: false, why: 'steady' };
  const detector = PitchDetector.forFloat32Array(WINDOW);
  const notes: { hertz: number; clarity: number }[] = [];
  for (let start = (at + 1) * hop; start + WINDOW <= samples.length; start += hop) {
    const window = samples.subarray(start, start + WINDOW);
    if (rms(window) < LOUD * peak) break;
    const [hertz, clarity] = detector.findPitch(window, rate);
    notes.push({ hertz, clarity });
  }
  const clear = notes.filter((n) => n.clarity >= CLEAR && n.hertz >= RANGE[0] && n.hertz <= RANGE[1]);
  if (clear.length === 0) return { ok: false, why: 'noisy' };
  const sorted = clear.map((n) => n.hertz).sort((a, b) => a - b);
  const middle = sorted[Math.floor(sorted.length / 2)]!;
  const agree = clear.filter((n) => Math.abs(n.hertz / middle - 1) < NEAR);
  const share = agree.length / notes.length;
  if (share < 0.6) return { ok: false, why: 'noisy' };
  const clarity = agree.reduce((s, n) => s + n.clarity, 0) / agree.length;
  const hertz = agree.reduce((s, n) => s + n.hertz, 0) / agree.length;
  return { ok: true, hertz, confidence: Math.min(1, share * clarity) };
}

/** Fewer samples a second, each the mean of several: a plain low pass. The mean of all is taken off. */
function slowed({ samples, sampleRate }: Sound): { samples: Float32Array; rate: number } {
  const every = Math.max(1, Math.floor(sampleRate / RATE));
  const out = new Float32Array(Math.floor(samples.length / every));
  let all = 0;
  for (let i = 0; i < out.length; i++) {
    let sum = 0;
    for (let k = 0; k < every; k++) sum += samples[i * every + k]!;
    out[i] = sum / every;
    all += out[i]!;
  }
  const mean = all / (out.length || 1);
  for (let i = 0; i < out.length; i++) out[i]! -= mean;
  return { samples: out, rate: sampleRate / every };
}

function rms(x: Float32Array): number {
  let sum = 0;
  for (const v of x) sum += v * v;
  return Math.sqrt(sum / (x.length || 1));
}

/** Loudness of each hop, over two hops so that a low note does not flutter. */
function envelope(samples: Float32Array, hop: number): number[] {
  const out: number[] = [];
  for (let i = 0; i + 2 * hop <= samples.length; i += hop) out.push(rms(samples.subarray(i, i + 2 * hop)));
  return out;
}

/** Whether it swells again after it had fallen: speech, music, a second pluck. */
function restless(after: readonly number[], peak: number): boolean {
  let least = Infinity;
  for (const x of after) {
    least = Math.min(least, x);
    if (x - least > RISES * peak) return true;
  }
  return false;
}

/** Whether it has fallen at the end, or died to the noise that was there before. */
function dies(after: readonly number[], all: readonly number[], peak: number): boolean {
  const tail = after.slice(-Math.max(1, Math.floor(after.length / 5)));
  const last = tail.reduce((s, x) => s + x, 0) / tail.length;
  return after.length >= LEAST_AFTER * all.length && last < (1 - DIES) * peak;
}
