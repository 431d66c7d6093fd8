'use client';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { callSheet, type CallSheet } from '@/core/engine/call/cues';
import { RATE_STEP } from '@/core/engine/call/clock';
import type { PassView } from '@/core/engine/template/view';
import { clipsOf, openVoice, type Clips } from '@/devices/voice/audio';
import { Caller } from '@/devices/voice/caller';
import { PAGE_TIMER as TIMER, type Voice } from '@/devices/voice/port';
import { useLatest } from '@/ui/useLatest';

/** A second press within this is the hand's bounce, s. */
const BOUNCE = 0.25;

/** How a called pass stands. */
export interface CallState {
  readonly running: boolean;
  readonly begun: boolean;
  /** Second of the pass. */
  readonly place: number;
  readonly rate: number;
  readonly sound: boolean | null;
  /** Seconds that the pass has really taken so far, holds not counted. */
  readonly led: number;
}

/** Calls one pass aloud: begins, holds, goes on, slower, faster. `from` is where an earlier call of it was left. */
export function useCall(
  pass: PassView,
  first: { rate: number; from: number },
  onDone: (led: number, planned: number) => void,
  ticks = true,
) {
  const sheet: CallSheet = useMemo(() => {
    const whole = callSheet(pass);
    return ticks ? whole : { ...whole, cues: whole.cues.filter((c) => c.kind !== 'tick') };
  }, [pass, ticks]);
  const clips = useRef<Promise<Clips> | null>(null);
  const caller = useRef<Caller | null>(null);
  const voice = useRef<{ voice: Voice; sound: boolean } | null>(null);
  const led = useRef({ sum: 0, since: null as number | null });
  const pressed = useRef(-1);
  const [state, set] = useState<CallState>({
    running: false,
    begun: false,
    place: first.from,
    rate: first.rate,
    sound: null,
    led: 0,
  });
  useEffect(() => {
    clips.current = clipsOf(sheet.cues);
  }, [sheet]);
  const now = () => performance.now() / 1000;
  const ledNow = useCallback(
    () => led.current.sum + (led.current.since === null ? 0 : now() - led.current.since),
    [],
  );
  const tell = useCallback(() => {
    const c = caller.current;
    if (!c) return;
    set((s) => ({ ...s, running: !c.held, begun: true, place: c.place(), rate: c.rate, led: ledNow() }));
  }, [ledNow]);
  const go = useCallback(async () => {
    if (!caller.current) {
      voice.current ??= await openVoice((await clips.current) ?? new Map());
      caller.current = new Caller(voice.current.voice, sheet.cues, TIMER, { at: first.from, rate: first.rate });
      set((s) => ({ ...s, sound: voice.current!.sound }));
    }
    caller.current.go();
    led.current.since = now();
    tell();
  }, [sheet, first.from, first.rate, tell]);
  const hold = useCallback(() => {
    caller.current?.stop();
    led.current = { sum: ledNow(), since: null };
    tell();
  }, [tell, ledNow]);
  /** The one big button: begin, hold, go on. */
  const press = useCallback(() => {
    const t = now();
    if (t - pressed.current < BOUNCE) return;
    pressed.current = t;
    if (caller.current && !caller.current.held) hold();
    else void go();
  }, [go, hold]);
  const pace = useCallback(
    (by: 1 | -1) => {
      caller.current?.pace(caller.current.rate * (by > 0 ? RATE_STEP : 1 / RATE_STEP));
      tell();
    },
    [tell],
  );
  const done = useLatest(onDone);
  useEffect(() => {
    if (!state.running) return;
    const id = setInterval(() => {
      tell();
      if (caller.current && caller.current.place() >= sheet.seconds) {
        caller.current.close();
        caller.current = null;
        done.current(ledNow(), sheet.seconds);
      }
    }, 100);
    return () => clearInterval(id);
  }, [state.running, tell, ledNow, sheet, done]);
  useEffect(
    () => () => {
      caller.current?.close();
      voice.current?.voice.close();
      caller.current = null;
      voice.current = null;
    },
    [],
  );
  return { sheet, state, press, pace, place: () => caller.current?.place() ?? null };
}
