'use client';
import { useEffect, useState } from 'react';
import { BEAT, metronome } from '@/devices/voice/metronome';
import { PAGE_TIMER } from '@/devices/voice/port';
import { setTone } from '@/devices/voice/tones';
import { Act } from '@/ui/Act';

/** A tone a centimetre, for a hand that pushes; it stops with the step that it belongs to. */
export function Tone({ seconds }: { seconds: number }) {
  const [on, turn] = useState(false);
  useEffect(() => {
    if (!on) return;
    const context = new AudioContext();
    const beats = { now: () => context.currentTime, set: (at: number) => setTone(context, BEAT, at) };
    const stop = metronome(beats, seconds, PAGE_TIMER);
    return () => {
      stop();
      void context.close();
    };
  }, [on, seconds]);
  return (
    <Act pressed={on} onClick={() => turn(!on)}>
      {on ? 'Stop the tone' : 'Sound the tone'}
    </Act>
  );
}
