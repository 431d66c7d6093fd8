import { SoundFault, type Sound, type SoundSource } from './port';

/** Longest file that is listened to, bytes and seconds. */
const MOST_BYTES = 25_000_000;
const MOST_SECONDS = 30;
/** Samples a second of a decoded sound. */
const DECODED_HZ = 44_100;

/** The microphone, through the browser; it asks leave first. */
export const microphone: SoundSource = {
  listen: async (seconds, signal) => {
    if (!navigator.mediaDevices?.getUserMedia) throw new SoundFault('no-device');
    const stream = await navigator.mediaDevices
      // What helps speech hurts a pluck: it is taken for noise, or held at one loudness.
      .getUserMedia({ audio: { echoCancellation: false, noiseSuppression: false, autoGainControl: false } })
      .catch((e: unknown) => {
        throw new SoundFault((e as Error).name === 'NotAllowedError' ? 'not-allowed' : 'no-device');
      });
    try {
      const blob = await record(stream, seconds, signal);
      return await decode(await blob.arrayBuffer());
    } finally {
      for (const track of stream.getTracks()) track.stop();
    }
  },
};

function record(stream: MediaStream, seconds: number, signal: AbortSignal): Promise<Blob> {
  return new Promise((resolve, reject) => {
    const recorder = new MediaRecorder(stream);
    const parts: Blob[] = [];
    recorder.ondataavailable = (e) => parts.push(e.data);
    recorder.onerror = () => reject(new SoundFault('no-device'));
    recorder.onstop = () =>
      signal.aborted
        ? reject(new SoundFault('stopped'))
        : resolve(new Blob(parts, { type: recorder.mimeType }));
    const stop = () => recorder.state !== 'inactive' && recorder.stop();
    signal.addEventListener('abort', stop, { once: true });
    recorder.start();
    setTimeout(stop, seconds * 1000);
  });
}

/** A recorded sound: whatever the browser can decode. */
export function fileSource(file: Blob): SoundSource {
  return {
    listen: async () => {
      if (file.size > MOST_BYTES) throw new SoundFault('too-long');
      return decode(await file.arrayBuffer());
    },
  };
}

/**
 * First channel of an encoded sound; throws SoundFault where it is none or too long. Decoded without an output of sound: a
 * machine without one, or a slow one, keeps a playing context waiting.
 */
async function decode(bytes: ArrayBuffer): Promise<Sound> {
  const context = new OfflineAudioContext(1, 1, DECODED_HZ);
  const sound = await context.decodeAudioData(bytes).catch(() => {
    throw new SoundFault('not-a-sound');
  });
  if (sound.duration > MOST_SECONDS) throw new SoundFault('too-long');
  return { samples: sound.getChannelData(0).slice(), sampleRate: sound.sampleRate };
}
