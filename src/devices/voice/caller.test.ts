import { describe, expect, it } from 'vitest';
import type { Cue } from '@/core/engine/call/cues';
import { AHEAD, Caller } from './caller';
import type { Voice } from './port';

/** A voice and a timer on a clock that the test turns. */
function bench() {
  let now = 50;
  let lost = 0;
  const heard: { clip: string; at: number; stopped: boolean }[] = [];
  const calls: { ms: number; call: () => void; next: number }[] = [];
  const voice: Voice = {
    now: () => now,
    speaks: () => true,
    lost: () => lost,
    close: () => {},
    play: (clip, at) => {
      const h = { clip, at, stopped: false };
      heard.push(h);
      return { stop: () => void (h.stopped = true) };
    },
  };
  return {
    voice,
    heard: () => heard.filter((h) => !h.stopped),
    timer: {
      every: (ms: number, call: () => void) => {
        const c = { ms, call, next: now + ms / 1000 };
        calls.push(c);
        return () => void calls.splice(calls.indexOf(c), 1);
      },
    },
    /** Turns the clock; timers fire no oftener than every `least` seconds, as in a page that is hidden. */
    turn: (seconds: number, least = 0) => {
      const end = now + seconds;
      for (;;) {
        const due = calls.filter((c) => c.next <= end).sort((a, b) => a.next - b.next)[0];
        if (!due) break;
        now = Math.max(now, due.next);
        due.next = now + Math.max(due.ms / 1000, least);
        due.call();
      }
      now = end;
    },
    now: () => now,
    lose: (s: number) => void (lost += s),
  };
}
const cues: Cue[] = Array.from({ length: 900 }, (_, i) => ({ at: i, clip: `c${i}`, kind: 'tick', n: i }));

describe('a caller', () => {
  it('with timers that fire once a minute no cue is missed, and 90 s are always set ahead', () => {
    const b = bench();
    const c = new Caller(b.voice, cues, b.timer);
    c.go();
    for (let minute = 0; minute < 12; minute++) {
      for (let s = 0; s < 60; s++) {
        b.turn(1, 60);
        const last = Math.max(...b.heard().map((h) => h.at));
        expect(last - b.now(), `minute ${minute}`).toBeGreaterThanOrEqual(Math.min(90, 949 - b.now()) - 1e-9);
      }
    }
    // Every cue up to now was set, once, for its very second, and before that second came.
    const due = b.heard().filter((h) => h.at <= b.now());
    expect(due.map((h) => h.clip)).toEqual(cues.slice(0, 721).map((q) => q.clip));
    due.forEach((h, i) => expect(h.at).toBeCloseTo(50 + i, 9));
    expect(AHEAD).toBeGreaterThanOrEqual(150);
  });
  it('hold takes back what is not yet heard; going on loses no station', () => {
    const b = bench();
    const c = new Caller(b.voice, cues, b.timer);
    c.go();
    b.turn(10.5);
    c.stop();
    expect(b.heard().map((h) => h.clip)).toEqual(cues.slice(0, 11).map((q) => q.clip));
    b.turn(300);
    c.go();
    b.turn(5);
    const clips = b
      .heard()
      .filter((h) => h.at <= b.now())
      .map((h) => h.clip);
    expect(clips).toEqual(cues.slice(0, 16).map((q) => q.clip));
    expect(c.place()).toBeCloseTo(15.5, 9);
  });
  it('sound that the machine lost is made up for within a second, and no cue is left out', () => {
    const b = bench();
    const c = new Caller(b.voice, cues, b.timer);
    c.go();
    b.turn(20.5);
    // The voice's clock stood still for 0.7 s while the world went on.
    b.lose(0.7);
    b.turn(1);
    expect(c.place()).toBeCloseTo(22.2, 9);
    b.turn(10);
    const heard = b.heard().filter((h) => h.at <= b.now());
    expect(heard.map((h) => h.clip)).toEqual(cues.slice(0, 33).map((q) => q.clip));
    // What comes after is where the world has it: second 30 of the pass at 50 + 30 − 0.7 of the voice.
    expect(heard[30]!.at).toBeCloseTo(79.3, 9);
  });
  it('slower from now on: what was set for later is set anew', () => {
    const b = bench();
    const c = new Caller(b.voice, cues, b.timer);
    c.go();
    b.turn(4.5);
    c.pace(0.5);
    b.turn(10);
    expect(b.heard().filter((h) => h.at <= b.now())).toHaveLength(5 + 5);
    expect(c.place()).toBeCloseTo(9.5, 9);
    c.close();
    expect(b.heard().every((h) => h.at <= b.now())).toBe(true);
  });
});
