import { describe, expect, it } from 'vitest';
import { dayFrom } from './zoneCookie';

/** Late in the evening by UTC: the next day has begun in the east, none has ended in the west. */
const NIGHT = new Date('2026-11-28T23:30:00Z');

describe('the day on a print', () => {
  it.each([
    ['Pacific/Auckland', '2026-11-29'],
    ['Europe%2FBerlin', '2026-11-29'],
    ['America/Los_Angeles', '2026-11-28'],
    ['UTC', '2026-11-28'],
    [undefined, '2026-11-28'],
  ])('%s: %s', (zone, day) => expect(dayFrom(zone, NIGHT)).toBe(day));
  it.each(['nowhere', '%E0%A4%A', '', '"; drop'])('%j, no zone at all, is the day by UTC', (zone) =>
    expect(dayFrom(zone, NIGHT)).toBe('2026-11-28'),
  );
});
