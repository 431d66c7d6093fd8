'use client';
import { useCallback, useEffect, useRef, useState } from 'react';
import type { LedDrill, LedTrace, PracticeScore } from '@/core/documents/practice';
import type { Rig } from '@/core/documents/rig';
import type { Course } from '@/core/practice/course';
import { demonstration } from '@/core/practice/demonstrate';
import { aimsOf } from '@/core/practice/play';
import { STEP_S } from '@/core/practice/run';
import { type Aim, type Moment } from '@/core/practice/moment';
import { senseOf, type Sense } from '@/core/practice/senses';
import { KeyHand, LeadSession } from '@/core/practice/session';
import type { PracticeWire } from '@/core/practice/wire';
import { useLatest } from '@/ui/useLatest';

/** How often figures in words follow, ms: faster than that nobody reads. */
const TELL_MS = 125;
/** Keys begin at this share of the feed that is asked for. */
const KEYS_BEGIN = 0.6;
const KEY_STEP = 1.05;

export type Phase = 'ready' | 'leading' | 'shown' | 'done';
/** Who leads a run: a hand, the program as it would, or an earlier hand played again. */
export type LedBy = 'hand' | 'program' | 'replay';

/** Where pointers hold each end; null: its keys lead it. */
interface Held {
  near: number | null;
  far: number | null;
}

/** What is told beside the picture. */
export interface Told {
  readonly m: Moment;
  readonly sense: Sense;
}

/** A run on the bench: its session, its hands, and what is drawn of it each frame. */
export function useLead(
  o: {
    wire: PracticeWire;
    course: Course;
    rig: Rig;
    drill: LedDrill;
    warm: boolean;
    called: readonly Aim[] | null;
  },
  draw: (session: LeadSession, dt: number, started: number) => void,
  onEnd: (trace: LedTrace, score: PracticeScore, by: LedBy) => void,
) {
  const { wire, course, rig, drill, warm, called } = o;
  const make = useCallback(
    () => new LeadSession(wire, course, { rig, drill, warm }),
    [wire, course, rig, drill, warm],
  );
  const [phase, setPhase] = useState<Phase>('ready');
  const [told, tell] = useState<Told | null>(null);
  const [keyFeeds, setKeyFeeds] = useState({ near: KEYS_BEGIN * course.feed, far: KEYS_BEGIN * course.feed });
  const live = useRef<{
    session: LeadSession;
    hand: KeyHand;
    aim: Held;
    script: readonly Aim[] | null;
    by: LedBy;
    at: number;
  } | null>(null);
  const now = useLatest({ draw, onEnd });

  const start = useCallback(
    (by: LedBy, script: readonly Aim[] | null = null) => {
      live.current = {
        session: make(),
        hand: new KeyHand(course, keyFeeds),
        aim: { near: null, far: null },
        script,
        by,
        at: 0,
      };
      tell(null);
      setPhase(script ? 'shown' : 'leading');
      now.current.draw(live.current.session, 0, 0);
    },
    [make, course, keyFeeds, now],
  );

  const stop = useCallback(() => {
    const l = live.current;
    if (!l) return;
    live.current = null;
    setPhase('done');
    const { trace, score } = l.session.end();
    now.current.onEnd(trace, score, l.by);
  }, [now]);

  const running = phase === 'leading' || phase === 'shown';
  useEffect(() => {
    if (!running) return;
    let id = 0;
    let last = performance.now();
    let toldAt = 0;
    const frame = (t: number) => {
      const l = live.current;
      if (!l) return;
      const dt = Math.max(0, (t - last) / 1000);
      last = t;
      const { session } = l;
      const started = performance.now();
      if (l.script) {
        l.at = Math.min(l.script.length, l.at + dt / STEP_S);
        for (let i = Math.floor(l.at - dt / STEP_S); i < Math.floor(l.at); i++)
          session.step(l.script[Math.max(0, i)]!);
      } else {
        const keyed = l.hand.aim(session.aimed, Math.min(dt, 0.25));
        const near = l.aim.near ?? keyed.near;
        session.advance(dt, { near, far: course.together ? near : (l.aim.far ?? keyed.far) });
      }
      now.current.draw(session, dt, started);
      if (t - toldAt > TELL_MS) {
        toldAt = t;
        tell({ m: session.now, sense: senseOf(session.now, wire) });
      }
      if (session.over || (l.script && l.at >= l.script.length)) return stop();
      id = requestAnimationFrame(frame);
    };
    id = requestAnimationFrame(frame);
    return () => cancelAnimationFrame(id);
  }, [running, wire, course, stop, now]);

  /** A pointer aims one end, or both; null lets go: the keys lead again. */
  const aimAt = useCallback((end: 'near' | 'far', arc: number | null) => {
    const l = live.current;
    if (!l || l.script) return;
    l.aim = { ...l.aim, [end]: arc };
  }, []);

  const ring = useCallback((): Aim | null => {
    const l = live.current;
    if (!called || !l) return null;
    return called[Math.min(called.length - 1, Math.round(l.session.now.t / STEP_S))] ?? null;
  }, [called]);
  const press = useCallback(() => {
    const l = live.current;
    if (l && !l.script) l.hand.press(l.session.aimed);
  }, []);
  const faster = useCallback((end: 'near' | 'far', by: 1 | -1) => {
    const factor = by > 0 ? KEY_STEP : 1 / KEY_STEP;
    setKeyFeeds((was) => ({ ...was, [end]: was[end] * factor }));
    if (live.current) live.current.hand[end] *= factor;
  }, []);
  return {
    phase,
    told,
    keyFeeds,
    lead: () => start('hand'),
    show: () => start('program', called ?? demonstration(course)),
    /** Where a called pass should be now; null where nothing is called. */
    ring,
    replay: (trace: LedTrace) => start('replay', aimsOf(trace)),
    stop,
    aimAt,
    press,
    faster,
    session: () => live.current?.session ?? null,
  };
}
