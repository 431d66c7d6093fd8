import { describe, expect, it } from 'vitest';
import { metronome } from './metronome';

/** Beats on a clock that the test turns, and the one look that fills them up. */
function bench() {
  let now = 10;
  let look = () => {};
  let off = false;
  const heard: { at: number; stopped: boolean }[] = [];
  return {
    beats: {
      now: () => now,
      set: (at: number) => {
        const tone = { at, stopped: false };
        heard.push(tone);
        return { stop: () => void (tone.stopped = true) };
      },
    },
    timer: { every: (_ms: number, call: () => void) => ((look = call), () => void (off = true)) },
    heard: () => heard.filter((t) => !t.stopped).map((t) => t.at),
    turn: (seconds: number, step: number) => {
      for (const end = now + seconds; now < end - 1e-9;) {
        now += step;
        look();
      }
    },
    isOff: () => off,
  };
}

describe('a tone a centimetre', () => {
  it('sounds evenly, none twice and none left out, however the page looks', () => {
    const b = bench();
    metronome(b.beats, 0.7, b.timer);
    b.turn(30, 0.5);
    const times = b.heard();
    expect(times.length).toBeGreaterThan(40);
    times.forEach((t, i) => expect(t).toBeCloseTo(times[0]! + 0.7 * i, 9));
  });
  it('a page that slept goes on in step and makes up for nothing', () => {
    const b = bench();
    metronome(b.beats, 0.7, b.timer);
    const first = b.heard()[0]!;
    b.turn(60, 60);
    const late = b.heard().filter((t) => t > 12.2);
    expect(late.length).toBeLessThan(5);
    for (const t of late) {
      expect(t).toBeGreaterThanOrEqual(70);
      expect(Math.abs((t - first) / 0.7 - Math.round((t - first) / 0.7))).toBeLessThan(1e-6);
    }
  });
  it('stopped, nothing that lies ahead sounds', () => {
    const b = bench();
    const stop = metronome(b.beats, 0.25, b.timer);
    b.turn(1, 0.5);
    stop();
    expect(Math.max(...b.heard())).toBeLessThan(11.01);
    expect(b.isOff()).toBe(true);
  });
});
