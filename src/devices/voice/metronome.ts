import type { Timer } from './port';
import type { Tone } from './tones';

export const BEAT: Tone = { hertz: 880, to: 880, seconds: 0.06, gain: 0.4 };
/** Tones are set this far ahead on the sound's own clock, so that a busy page does not delay them, s. */
const AHEAD_S = 2;
const FIRST_S = 0.15;
const LOOK_MS = 500;

/** Where tones sound: its clock in seconds, and a tone set on it. */
export interface Beats {
  readonly now: () => number;
  readonly set: (at: number) => { readonly stop: () => void };
}

/** A tone every so many seconds until it is stopped; gives what stops it. Those that a sleeping page has missed are left out. */
export function metronome(beats: Beats, seconds: number, timer: Timer): () => void {
  let next = beats.now() + FIRST_S;
  let tones: { readonly at: number; readonly stop: () => void }[] = [];
  const waiting = (now: number) => tones.filter((t) => t.at + BEAT.seconds > now);
  const fill = () => {
    const now = beats.now();
    if (next < now) next += Math.ceil((now - next) / seconds) * seconds;
    tones = waiting(now);
    for (; next < now + AHEAD_S; next += seconds) tones.push({ at: next, stop: beats.set(next).stop });
  };
  fill();
  const off = timer.every(LOOK_MS, fill);
  return () => {
    off();
    for (const tone of waiting(beats.now())) tone.stop();
    tones = [];
  };
}
