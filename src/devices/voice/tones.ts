/** A tone in place of a clip: its pitch Hz, length s, loudness 0–1. Rising for going on, falling for stopping. */
export interface Tone {
  readonly hertz: number;
  readonly to: number;
  readonly seconds: number;
  readonly gain: number;
}

const TONES: Record<string, Tone> = {
  tick: { hertz: 1200, to: 1200, seconds: 0.02, gain: 0.12 },
  start: { hertz: 660, to: 1320, seconds: 0.35, gain: 0.5 },
  go: { hertz: 660, to: 990, seconds: 0.25, gain: 0.5 },
  rest: { hertz: 660, to: 440, seconds: 0.3, gain: 0.5 },
  wait: { hertz: 660, to: 440, seconds: 0.3, gain: 0.5 },
  corner: { hertz: 880, to: 880, seconds: 0.15, gain: 0.4 },
  'power-off': { hertz: 880, to: 220, seconds: 0.9, gain: 0.6 },
  half: { hertz: 520, to: 520, seconds: 0.08, gain: 0.3 },
  quarter: { hertz: 460, to: 460, seconds: 0.08, gain: 0.25 },
  'three-quarters': { hertz: 580, to: 580, seconds: 0.08, gain: 0.25 },
};
const STATION: Tone = { hertz: 880, to: 880, seconds: 0.2, gain: 0.5 };

export const toneOf = (clip: string): Tone => TONES[clip] ?? STATION;

/** Sets a tone on a context's clock; gives what stops it. */
export function setTone(context: BaseAudioContext, tone: Tone, at: number): { stop: () => void } {
  const osc = context.createOscillator();
  const gain = context.createGain();
  osc.frequency.setValueAtTime(tone.hertz, at);
  if (tone.to !== tone.hertz) osc.frequency.linearRampToValueAtTime(tone.to, at + tone.seconds);
  gain.gain.setValueAtTime(tone.gain, at);
  gain.gain.setValueAtTime(tone.gain, at + tone.seconds * 0.7);
  gain.gain.linearRampToValueAtTime(0, at + tone.seconds);
  osc.connect(gain).connect(context.destination);
  osc.start(at);
  osc.stop(at + tone.seconds + 0.01);
  return {
    stop: () => {
      osc.stop(0);
      osc.disconnect();
    },
  };
}
