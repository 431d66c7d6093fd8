import type { Sense } from '@/core/practice/senses';

/** How loud and how high each thing a wire does is heard: share of full, Hz at a feed ratio of 0 and what a ratio of 1 adds. Ours. */
const HEARD: Record<Sense, readonly [number, number, number]> = {
  idle: [0.02, 90, 0],
  cold: [0, 90, 0],
  clean: [0.16, 1500, 2200],
  edge: [0.22, 1800, 2600],
  drags: [0.3, 500, 300],
  snagged: [0, 500, 0],
  melts: [0.2, 500, 900],
  smokes: [0.26, 400, 700],
  stands: [0.06, 700, 0],
};

/** What a wire in foam sounds like at a feed ratio: a level and a pitch. */
export function heardAs(sense: Sense, ratio: number): { readonly level: number; readonly hertz: number } {
  const [level, from, more] = HEARD[sense];
  return { level, hertz: from + more * Math.min(1.5, Math.max(0, ratio)) };
}

/** Seconds over which it changes, so that nothing clicks. */
const SLIDES = 0.08;

/** The hiss of a wire: noise through a band that follows the feed. */
export class Hiss {
  private readonly context = new AudioContext();
  private readonly band = this.context.createBiquadFilter();
  private readonly level = this.context.createGain();

  constructor() {
    const noise = this.context.createBuffer(1, this.context.sampleRate, this.context.sampleRate);
    const data = noise.getChannelData(0);
    for (let i = 0; i < data.length; i++) data[i] = 2 * Math.random() - 1;
    const source = this.context.createBufferSource();
    source.buffer = noise;
    source.loop = true;
    this.band.type = 'bandpass';
    this.band.Q.value = 1.2;
    this.level.gain.value = 0;
    source.connect(this.band).connect(this.level).connect(this.context.destination);
    source.start();
  }

  hear(sense: Sense, ratio: number): void {
    const { level, hertz } = heardAs(sense, ratio);
    const now = this.context.currentTime;
    this.level.gain.setTargetAtTime(level, now, SLIDES);
    this.band.frequency.setTargetAtTime(hertz, now, SLIDES);
  }

  quiet(): void {
    this.level.gain.setTargetAtTime(0, this.context.currentTime, SLIDES);
  }

  close(): void {
    void this.context.close();
  }
}
