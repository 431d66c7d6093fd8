import { chromium } from '../scripts/chromium.mjs';

/** How a browser is started whose microphone hears a sound file over and over, and that asks nobody for leave. */
export const hearing = (file: string) =>
  chromium({
    args: [
      '--use-fake-ui-for-media-stream',
      '--use-fake-device-for-media-stream',
      `--use-file-for-fake-audio-capture=${file}`,
    ],
  });

/** A sound file as recorders write it: RIFF, one channel, 16 bits. `at` gives the sample at t seconds, −1 to 1. */
export function wav(seconds: number, at: (t: number) => number, rate = 44100): Buffer {
  const n = Math.round(seconds * rate);
  const out = Buffer.alloc(44 + 2 * n);
  out.write('RIFF', 0);
  out.writeUInt32LE(36 + 2 * n, 4);
  out.write('WAVEfmt ', 8);
  out.writeUInt32LE(16, 16);
  out.writeUInt16LE(1, 20);
  out.writeUInt16LE(1, 22);
  out.writeUInt32LE(rate, 24);
  out.writeUInt32LE(2 * rate, 28);
  out.writeUInt16LE(2, 32);
  out.writeUInt16LE(16, 34);
  out.write('data', 36);
  out.writeUInt32LE(2 * n, 40);
  for (let i = 0; i < n; i++)
    out.writeInt16LE(Math.round(32000 * Math.max(-1, Math.min(1, at(i / rate)))), 44 + 2 * i);
  return out;
}

/** A plucked wire of `hertz`, dying away, after a moment of quiet. */
export const pluck =
  (hertz: number, before = 0.3) =>
  (t: number): number =>
    t < before
      ? 0
      : 0.5 *
        Math.exp(-(t - before) / 0.6) *
        (Math.sin(2 * Math.PI * hertz * t) + 0.3 * Math.sin(4 * Math.PI * hertz * t));

/** The hum of a supply: it does not die away. */
export const hum = (t: number): number => 0.3 * Math.sin(100 * Math.PI * t) + 0.1 * Math.sin(200 * Math.PI * t);
