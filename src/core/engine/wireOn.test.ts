import { describe, expect, it } from 'vitest';
import type { RigEvent } from '../documents/event';
import { FORGOTTEN_MIN, idleMinutes, wireOn } from './wireOn';

const hot = (at: string, until: string | null): RigEvent => ({ kind: 'hot', at, until, note: '' });
const hang = (at: string): RigEvent => ({
  kind: 'hang',
  at,
  alloy: 'nicr-80',
  diameterMm: 0.4,
  lengthMm: 900,
  note: '',
});
const now = Date.parse('2026-05-10T12:00:00Z');

describe('the wire that is on', () => {
  it('hours add up; one that is still on counts up to now', () => {
    const w = wireOn(
      [hot('2026-05-01T10:00:00Z', '2026-05-01T10:30:00Z'), hot('2026-05-10T11:45:00Z', null)],
      now,
    );
    expect(w).toEqual({ hungAt: null, minutes: 45, onSince: '2026-05-10T11:45:00Z', slackSince: null });
  });
  it('a new wire starts anew, in whatever order they were noted; one hung in the middle takes its part', () => {
    const events = [
      hot('2026-05-01T10:00:00Z', '2026-05-01T10:30:00Z'),
      hang('2026-05-03T10:10:00Z'),
      hang('2026-04-03T10:00:00Z'),
      hot('2026-05-03T10:00:00Z', '2026-05-03T10:30:00Z'),
    ];
    expect(wireOn(events, now)).toEqual({
      hungAt: '2026-05-03T10:10:00Z',
      minutes: 20,
      onSince: null,
      slackSince: null,
    });
  });
  it('power that somebody forgot to note as off counts four hours at most', () => {
    expect(wireOn([hot('2026-05-01T10:00:00Z', null)], now).minutes).toBe(FORGOTTEN_MIN);
  });
  it('nothing noted, nothing known', () => {
    expect(wireOn([], now)).toEqual({ hungAt: null, minutes: 0, onSince: null, slackSince: null });
  });
  it('slackened it stays so until it is set again, its pull is read, or another wire is hung', () => {
    const slack = (at: string, until: string | null): RigEvent => ({ kind: 'slack', at, until, note: '' });
    const let_ = '2026-05-02T18:00:00Z';
    const since = (events: RigEvent[], pulls: string[] = []) => wireOn(events, now, pulls).slackSince;
    expect(since([slack(let_, null)])).toBe(let_);
    expect(since([slack(let_, '2026-05-09T08:00:00Z')])).toBeNull();
    expect(since([slack(let_, null)], ['2026-05-01T08:00:00Z'])).toBe(let_);
    expect(since([slack(let_, null)], ['2026-05-09T08:00:00Z'])).toBeNull();
    expect(since([hang('2026-05-09T08:00:00Z'), slack(let_, null)])).toBeNull();
    expect(since([slack(let_, '2026-05-03T08:00:00Z'), slack('2026-05-05T08:00:00Z', null)])).toBe(
      '2026-05-05T08:00:00Z',
    );
  });
  it('minutes without a cut count from the later of power and cut', () => {
    expect(idleMinutes('2026-05-10T11:00:00Z', null, now)).toBe(60);
    expect(idleMinutes('2026-05-10T11:00:00Z', '2026-05-10T11:52:00Z', now)).toBe(8);
    expect(idleMinutes('2026-05-10T11:58:00Z', '2026-05-10T11:52:00Z', now)).toBe(2);
  });
});
