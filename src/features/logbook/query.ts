import { ownZone } from '@/ui/When';
import { logQuerySchema, type LogQuery } from '@/core/documents/logbook';

/** The query's address for the server, which needs the reader's zone to know what a typed day is. */
export const askedAs = (q: LogQuery, zone = ownZone()): string =>
  `${addressOf(q)}&zone=${encodeURIComponent(zone)}`;

/** A query without what goes without saying, as an address; where a page of it begins is left out. */
export function addressOf(q: LogQuery): string {
  const out = new URLSearchParams();
  const put = (key: string, value: string | undefined) => value && out.set(key, value);
  put('rig', q.rig);
  put('kinds', q.kinds?.join(','));
  put('foam', q.foam);
  put('alloy', q.alloy);
  put('grade', q.grade);
  put('seen', q.seen);
  put('from', q.from);
  put('to', q.to);
  put('q', q.q);
  if (q.sort !== 'at' || q.dir !== 'down') {
    put('sort', q.sort);
    put('dir', q.dir);
  }
  return out.toString();
}

export function queryOfAddress(address: string): LogQuery {
  const parsed = logQuerySchema.safeParse(Object.fromEntries(new URLSearchParams(address)));
  return parsed.success ? parsed.data : logQuerySchema.parse({});
}

/** Whether a query asks for anything but all. */
export const asksForSome = (q: LogQuery): boolean => addressOf({ ...q, sort: 'at', dir: 'down' }).length > 0;
