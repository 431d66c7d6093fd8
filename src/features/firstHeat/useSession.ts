'use client';
import { useEffect, useMemo, useRef, useState } from 'react';
import type { HeatStep } from '@/core/documents/event';
import type { Rig } from '@/core/documents/rig';
import { heatPlan, type HeatExpected } from '@/core/engine/firstHeat/plan';
import type { MeterPort } from '@/devices/meter/port';
import { practiceBench } from '@/devices/meter/standIn';
import { FRESH, keep, kept, type Session } from './session';

/** The session of a rig. It is kept in the browser: a reload in mid-heat loses no reading. The plan is of the rig as it began. */
export function useSession(rigId: string, rig: Rig) {
  const [drawn, setDrawn] = useState(rig);
  const [session, setSession] = useState<Session>(FRESH);
  useEffect(() => setSession(kept(rigId)), [rigId]);
  const change = (to: (s: Session) => Partial<Session>) =>
    setSession((s) => {
      const next = { ...s, ...to(s) };
      keep(rigId, next);
      return next;
    });
  const put = (more: Partial<Session>) => change(() => more);
  const plan: readonly HeatExpected[] = useMemo(() => heatPlan(drawn), [drawn]);
  const port = useRef<{ n: number; port: MeterPort } | null>(null);
  const bench = (n: number): MeterPort => {
    if (port.current?.n !== n) {
      port.current = { n, port: practiceBench(drawn, n) };
      // After a reload the bench stands where it was set.
      if (session.at !== null && plan[session.at]) port.current.port.set(plan[session.at]!.setting);
    }
    return port.current.port;
  };
  const read = (i: number, step: Partial<HeatStep>) =>
    change((s) => {
      const reads = plan.map((p, k): HeatStep => s.reads[k] ?? { setting: p.setting, amps: null, volts: null });
      reads[i] = { ...reads[i]!, ...step };
      return { reads };
    });
  const setTo = (i: number) => {
    put({ at: i, since: Date.now() });
    if (session.bench !== null) bench(session.bench).set(plan[i]!.setting);
  };
  /** Begins anew, on the rig as it is now. */
  const again = (bench: number | null = session.bench) => {
    port.current = null;
    setDrawn(rig);
    put({ ...FRESH, bench, voltsAt: session.voltsAt, checked: bench === null ? [] : session.checked });
  };
  return { session, plan, drawn, put, read, setTo, again, bench };
}

/** Seconds since `since` (ms), counted each quarter second while `until` is not reached. */
export function useSeconds(since: number, until: number): number {
  const [now, tick] = useState(() => Date.now());
  const done = (now - since) / 1000 >= until;
  useEffect(() => {
    tick(Date.now());
    if (done) return;
    const id = setInterval(() => tick(Date.now()), 250);
    return () => clearInterval(id);
  }, [since, done]);
  return Math.max(0, (now - since) / 1000);
}
