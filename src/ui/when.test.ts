import { describe, expect, it } from 'vitest';
import { ownZone, whenIn } from './When';

/** Half past eleven at night in London, the next day in Berlin and the same afternoon in Chicago. */
const LATE = '2026-07-01T22:30:00Z';

describe('instants as the reader writes them', () => {
  it.each([
    ['en-GB', 'Europe/London', '1 Jul 2026', '23:30'],
    ['en-GB', 'Europe/Berlin', '2 Jul 2026', '00:30'],
    ['en-US', 'America/Chicago', 'Jul 1, 2026', '05:30'],
    ['de-DE', 'Europe/Berlin', '2. Juli 2026', '00:30'],
    ['fr-FR', 'Pacific/Auckland', '2 juil. 2026', '10:30'],
  ])('%s in %s', (locale, zone, day, hour) => {
    const when = whenIn(locale, zone);
    expect(when.day(LATE)).toBe(day);
    expect(when.minute(LATE)).toContain(hour);
    expect(when.minute(LATE)).toContain(day.split(/[ ,.]/)[0]!);
    expect(when.hour(LATE)).toContain(hour);
    expect(when.short(LATE)).not.toContain('2026');
  });

  it('takes an instant as text or in milliseconds, and says the same', () => {
    const when = whenIn('en-GB', 'UTC');
    expect(when.day(Date.parse(LATE))).toBe(when.day(LATE));
  });

  it('has a zone to give: a typed day needs one', () => {
    expect(() => new Intl.DateTimeFormat('en', { timeZone: ownZone() })).not.toThrow();
  });
});
