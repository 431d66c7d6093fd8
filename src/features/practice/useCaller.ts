'use client';
import { useCallback, useEffect, useRef } from 'react';
import type { CallSheet } from '@/core/engine/call/cues';
import { clipsOf, openVoice, type Clips } from '@/devices/voice/audio';
import { Caller } from '@/devices/voice/caller';
import { PAGE_TIMER, type Voice } from '@/devices/voice/port';

/** The voice of a called pass, beside a run: begins with it and ends with it. */
export function useCaller(sheet: CallSheet) {
  const clips = useRef<Promise<Clips> | null>(null);
  const on = useRef<{ caller: Caller; voice: Voice } | null>(null);
  useEffect(() => {
    clips.current = clipsOf(sheet.cues);
  }, [sheet]);
  const end = useCallback(() => {
    on.current?.caller.close();
    on.current?.voice.close();
    on.current = null;
  }, []);
  useEffect(() => end, [end]);
  const begin = useCallback(async () => {
    end();
    const { voice } = await openVoice((await clips.current) ?? new Map());
    const caller = new Caller(
      voice,
      sheet.cues.filter((c) => c.kind !== 'tick'),
      PAGE_TIMER,
    );
    on.current = { caller, voice };
    caller.go();
  }, [sheet, end]);
  return { begin, end };
}
