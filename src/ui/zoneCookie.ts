/** Cookie in which a browser tells its zone (IANA), so that prints bear the reader's day. */
export const ZONE_COOKIE = 'upwind-zone';

/** The day of an instant as YYYY-MM-DD in the zone that a cookie's text names; in UTC where it names none. */
export function dayFrom(cookie: string | undefined, now: Date): string {
  try {
    const zone = decodeURIComponent(cookie ?? 'UTC');
    const parts = new Intl.DateTimeFormat('en', {
      timeZone: zone,
      year: 'numeric',
      month: '2-digit',
      day: '2-digit',
    })
      .formatToParts(now)
      .map((p): [string, string] => [p.type, p.value]);
    const { year, month, day } = Object.fromEntries(parts) as Record<string, string>;
    return `${year}-${month}-${day}`;
  } catch {
    return now.toISOString().slice(0, 10);
  }
}
