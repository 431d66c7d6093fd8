import dayjs from 'dayjs';
import customParseFormat from 'dayjs/plugin/customParseFormat.js';
import timezone from 'dayjs/plugin/timezone.js';
import utc from 'dayjs/plugin/utc.js';
import type { DayOrder } from '@/core/documents/logImport';

dayjs.extend(customParseFormat);
dayjs.extend(utc);
dayjs.extend(timezone);

const DAYS: Record<DayOrder, readonly string[]> = {
  'year-month-day': ['YYYY-MM-DD', 'YYYY-M-D'],
  'day-month-year': ['DD-MM-YYYY', 'D-M-YYYY', 'DD-MM-YY', 'D-M-YY'],
  'month-day-year': ['MM-DD-YYYY', 'M-D-YYYY', 'MM-DD-YY', 'M-D-YY'],
};
const TIMES = ['', ' HH:mm', ' H:mm', ' HH:mm:ss'];

/** A day, with a time or without, in the order said, as an ISO time; noon where no time is given, in a zone (IANA). Null where it is none. */
export function dayTime(text: string, order: DayOrder, zone = 'UTC'): string | null {
  const iso = /^\d{4}-\d\d-\d\dT\d\d:\d\d(:\d\d(\.\d+)?)?(Z|[+-]\d\d:\d\d)$/.test(text);
  if (iso) return Number.isNaN(Date.parse(text)) ? null : new Date(text).toISOString();
  const clean = text
    .trim()
    .replace(/^(\d+)[./](\d+)[./](\d+)/, '$1-$2-$3')
    .replace('T', ' ');
  for (const day of DAYS[order])
    for (const time of TIMES) {
      const at = dayjs.utc(clean, day + time, true);
      if (!at.isValid()) continue;
      const hour = time === '' ? at.hour(12) : at;
      return dayjs.tz(hour.format('YYYY-MM-DDTHH:mm:ss'), zone).toISOString();
    }
  return null;
}
