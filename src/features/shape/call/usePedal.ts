'use client';
import { useEffect, useState } from 'react';
import { listenForKnocks } from '@/devices/sound/knock';
import { useLatest } from '@/ui/useLatest';

/** What a key does in a call: a pedal types some key; arrows and plus, minus are the pace. */
export type PedalAct = 'press' | 'slower' | 'faster';

/** Keys, a pedal that types a key, and knocks heard by the microphone, while `on`. What stands in a [data-plain] keeps its own keys. */
export function usePedal(on: boolean, knocks: boolean, act: (a: PedalAct, by: string) => void) {
  const does = useLatest(act);
  const [ear, setEar] = useState<'off' | 'on' | 'none'>('off');
  useEffect(() => {
    if (!on) return;
    const down = (e: KeyboardEvent) => {
      if (
        e.repeat ||
        e.ctrlKey ||
        e.metaKey ||
        e.altKey ||
        e.key === 'Tab' ||
        e.key === 'Escape' ||
        e.key === 'Shift'
      )
        return;
      if ((e.target as HTMLElement).closest('[data-plain]')) return;
      e.preventDefault();
      if (e.key === 'ArrowUp' || e.key === '+') does.current('faster', e.key);
      else if (e.key === 'ArrowDown' || e.key === '-') does.current('slower', e.key);
      else does.current('press', e.key === ' ' ? 'space' : e.key);
    };
    window.addEventListener('keydown', down);
    return () => window.removeEventListener('keydown', down);
  }, [on, does]);
  useEffect(() => {
    if (!knocks) {
      setEar('off');
      return;
    }
    let stop: (() => void) | null = null;
    let left = false;
    listenForKnocks(() => does.current('press', 'a knock'))
      .then((end) => {
        if (left) return end();
        stop = end;
        setEar('on');
      })
      .catch(() => setEar('none'));
    return () => {
      left = true;
      stop?.();
    };
  }, [knocks, does]);
  return ear;
}
