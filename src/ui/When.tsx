'use client';
import { useSyncExternalStore } from 'react';

/** Ways to write an instant (ISO 8601) for the reader. */
export interface When {
  /** The day: 25 Nov 2026. */
  readonly day: (at: string | number) => string;
  /** Day, hour and minute. */
  readonly minute: (at: string | number) => string;
  /** Hour and minute of the day. */
  readonly hour: (at: string | number) => string;
  /** Day and month, for a narrow column. */
  readonly short: (at: string | number) => string;
}

const never = () => () => {};
const DAY = { day: 'numeric', month: 'short', year: 'numeric' } as const;
const HOUR = { hour: '2-digit', minute: '2-digit' } as const;
const SHORT = { day: 'numeric', month: 'short' } as const;

/** Instants in a locale and zone (IANA); both the reader's own where they are not given. */
export function whenIn(locale?: string, timeZone?: string): When {
  const written = (parts: Intl.DateTimeFormatOptions) => {
    const format = new Intl.DateTimeFormat(locale, { ...parts, timeZone });
    return (at: string | number) => format.format(new Date(at));
  };
  return {
    day: written(DAY),
    minute: written({ ...DAY, ...HOUR }),
    hour: written(HOUR),
    short: written(SHORT),
  };
}

/** Until the page runs in the browser nobody knows the reader's zone: the server writes the instant as it is stored. */
const part = (from: number, to: number) => (at: string | number) =>
  new Date(at).toISOString().slice(from, to).replace('T', ' ');
const STORED: When = { day: part(0, 10), minute: part(0, 16), hour: part(11, 16), short: part(5, 10) };
let own: When | null = null;
const readers = () => (own ??= whenIn());
const stored = () => STORED;

/** How the reader writes days and hours: by the browser's locale and zone. */
export const useWhen = (): When => useSyncExternalStore(never, readers, stored);

/** The reader's zone (IANA), which a typed day is meant in; UTC where the browser does not say. */
export const ownZone = (): string => Intl.DateTimeFormat().resolvedOptions().timeZone || 'UTC';

/** The same for what is drawn: UTC until the page runs in the browser, since the server's zone is not the reader's. */
export const useZone = (): string => useSyncExternalStore(never, ownZone, () => 'UTC');
