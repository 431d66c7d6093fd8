'use client';
import { useSyncExternalStore } from 'react';

/** Ways to write an instant (ISO 8601) for the reader. */
export interface When {
  /** The day: 25 Nov 2026. */
  readonly day: (at: string | number) => string;
  /** Day, hour and minute. */
  readonly minute: (at: string | number) => string;
}

const never = () => () => {};
const DAY = { day: 'numeric', month: 'short', year: 'numeric' } as const;
const MINUTE = { ...DAY, hour: '2-digit', minute: '2-digit' } as const;

/** Instants in a locale and zone (IANA); both the reader's own where they are not given. */
export function whenIn(locale?: string, timeZone?: string): When {
  const day = new Intl.DateTimeFormat(locale, { ...DAY, timeZone });
  const minute = new Intl.DateTimeFormat(locale, { ...MINUTE, timeZone });
  return { day: (at) => day.format(new Date(at)), minute: (at) => minute.format(new Date(at)) };
}

/** Until the page runs in the browser nobody knows the reader's zone: the server writes the instant as it is stored. */
const STORED: When = {
  day: (at) => new Date(at).toISOString().slice(0, 10),
  minute: (at) => new Date(at).toISOString().slice(0, 16).replace('T', ' '),
};
let own: When | null = null;
const readers = () => (own ??= whenIn());
const stored = () => STORED;

/** How the reader writes days and hours: by the browser's locale and zone. */
export const useWhen = (): When => useSyncExternalStore(never, readers, stored);

/** The reader's zone (IANA), which a typed day is meant in; UTC where the browser does not say. */
export const ownZone = (): string => Intl.DateTimeFormat().resolvedOptions().timeZone || 'UTC';
