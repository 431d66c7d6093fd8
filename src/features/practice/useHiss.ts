'use client';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import type { Sense } from '@/core/practice/senses';
import { Hiss } from '@/devices/sound/hiss';

/** The wire's sound, off until it is turned on. */
export function useHiss() {
  const [on, turn] = useState(false);
  const hiss = useRef<Hiss | null>(null);
  useEffect(() => {
    if (!on) return;
    const made = new Hiss();
    hiss.current = made;
    return () => {
      hiss.current = null;
      made.close();
    };
  }, [on]);
  const hear = useCallback((sense: Sense, ratio: number) => hiss.current?.hear(sense, ratio), []);
  const quiet = useCallback(() => hiss.current?.quiet(), []);
  return useMemo(() => ({ on, turn, hear, quiet }), [on, hear, quiet]);
}
