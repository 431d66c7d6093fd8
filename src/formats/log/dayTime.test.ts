import { describe, expect, it } from 'vitest';
import { dayTime } from './dayTime';

describe('days of a spreadsheet, in the zone of who typed them', () => {
  it.each([
    ['2026-07-01 18:10', 'year-month-day', 'UTC', '2026-07-01T18:10:00.000Z'],
    ['2026-07-01 18:10', 'year-month-day', 'Europe/Berlin', '2026-07-01T16:10:00.000Z'],
    ['2026-01-15 18:10', 'year-month-day', 'Europe/Berlin', '2026-01-15T17:10:00.000Z'],
    ['01.07.2026 18:10', 'day-month-year', 'America/New_York', '2026-07-01T22:10:00.000Z'],
    ['7/1/26', 'month-day-year', 'Asia/Tokyo', '2026-07-01T03:00:00.000Z'],
    ['1/7/26', 'day-month-year', 'Asia/Tokyo', '2026-07-01T03:00:00.000Z'],
  ] as const)('%s, %s, in %s', (text, order, zone, at) => {
    expect(dayTime(text, order, zone)).toBe(at);
  });

  it('an instant with its own zone keeps it', () => {
    expect(dayTime('2026-07-01T18:10:00+02:00', 'year-month-day', 'Asia/Tokyo')).toBe(
      '2026-07-01T16:10:00.000Z',
    );
  });

  it.each(['', 'yesterday', '2026-13-01', '31/02/2026', '2026-02-30 10:00', '12:30'])(
    '“%s” is no day',
    (text) => {
      for (const order of ['year-month-day', 'day-month-year', 'month-day-year'] as const)
        expect(dayTime(text, order, 'Europe/Berlin')).toBeNull();
    },
  );
});
