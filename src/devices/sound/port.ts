/** A stretch of sound, one channel, samples −1 to 1. */
export interface Sound {
  readonly samples: Float32Array;
  readonly sampleRate: number;
}

/** Why no sound came. */
export type NoSound = 'not-allowed' | 'no-device' | 'not-a-sound' | 'too-long' | 'stopped';

export class SoundFault extends Error {
  constructor(readonly why: NoSound) {
    super(why);
  }
}

/** Something that gives sound: a microphone, a file, a stand-in. Rejects with SoundFault; `signal` stops it. */
export interface SoundSource {
  readonly listen: (seconds: number, signal: AbortSignal) => Promise<Sound>;
}
