import type { Cue } from '@/core/engine/call/cues';
import type { Heard, Voice } from './port';
import { setTone, toneOf } from './tones';

/** Clips as sound, by name. */
export type Clips = ReadonlyMap<string, AudioBuffer>;

const pageNow = () => performance.now() / 1000;

/** A voice on an audio context's own clock; a clip it has not is a tone. The same for one that plays and one that renders. */
export function voiceOn(context: BaseAudioContext, clips: Clips): Voice {
  const [opened, began] = [pageNow(), context.currentTime];
  return {
    now: () => context.currentTime,
    // A context that renders has no clock of the world beside it.
    lost: () => ('close' in context ? pageNow() - opened - (context.currentTime - began) : 0),
    speaks: (clip) => clips.has(clip),
    play: (clip, at): Heard => {
      const buffer = clips.get(clip);
      if (!buffer) return setTone(context, toneOf(clip), at);
      const source = context.createBufferSource();
      source.buffer = buffer;
      source.connect(context.destination);
      source.start(at);
      return {
        stop: () => {
          source.stop(0);
          source.disconnect();
        },
      };
    },
    close: () => {
      if ('close' in context) void (context as AudioContext).close();
    },
  };
}

/** Where the clips lie. */
const CLIP = (name: string) => `/voice/${name}.opus`;

/** Loads clips; one that fails is left out, and a tone stands in for it. Decoded without an output of sound. */
export async function loadClips(names: readonly string[]): Promise<Clips> {
  const decoder = new OfflineAudioContext(1, 1, 48_000);
  const clips = new Map<string, AudioBuffer>();
  await Promise.all(
    names.map(async (name) => {
      try {
        const answer = await fetch(CLIP(name));
        if (answer.ok) clips.set(name, await decoder.decodeAudioData(await answer.arrayBuffer()));
      } catch {
        // A tone is heard in its place.
      }
    }),
  );
  return clips;
}

/** A voice without sound on the page's own clock: for a machine whose sound does not run. The screen calls alone. */
export function silentVoice(): Voice {
  return {
    now: pageNow,
    lost: () => 0,
    speaks: () => false,
    play: () => ({ stop: () => {} }),
    close: () => {},
  };
}

/** How long a new context is given to begin, ms. */
const BEGINS_MS = 1500;

/** A voice that is heard; where the machine's sound does not begin to run, one without sound. Called from a press. */
export async function openVoice(clips: Clips): Promise<{ voice: Voice; sound: boolean }> {
  try {
    const context = new AudioContext({ latencyHint: 'playback' });
    await Promise.race([context.resume(), new Promise((r) => setTimeout(r, BEGINS_MS))]);
    const from = context.currentTime;
    for (let waited = 0; waited < BEGINS_MS; waited += 50) {
      await new Promise((r) => setTimeout(r, 50));
      if (context.currentTime > from) return { voice: voiceOn(context, clips), sound: true };
    }
    void context.close();
  } catch {
    // No sound at all on this machine.
  }
  return { voice: silentVoice(), sound: false };
}

/** The clips that cues of a call speak by; a tick is a tone. */
export const clipsOf = (cues: readonly Pick<Cue, 'clip'>[]): Promise<Clips> =>
  loadClips([...new Set(cues.map((c) => c.clip))].filter((clip) => clip !== 'tick'));
