import type { PGlite } from '@electric-sql/pglite';

/**
 * Hears a channel: `hear` gets each message, `missed` is called where some may have been missed. Resolves once it hears, with the function that
 * ends it.
 */
export type Listen = (
  channel: string,
  hear: (message: string) => void,
  missed?: () => void,
) => Promise<() => Promise<void>>;

/** What an embedded database gives besides its queries. */
export function listening(lite: PGlite): { listen: Listen; ping: () => Promise<void> } {
  return {
    listen: (channel, hear) => lite.listen(channel, hear),
    ping: async () => void (await lite.query('select 1')),
  };
}
