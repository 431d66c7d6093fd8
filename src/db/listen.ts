import type { PGlite } from '@electric-sql/pglite';
import type { Handle } from './handle';

/** What an embedded database gives besides its queries. */
export function listening(lite: PGlite): Pick<Handle, 'listen' | 'notify' | 'ping'> {
  return {
    listen: (channel, hear) => lite.listen(channel, hear),
    notify: async (channel, message) => void (await lite.query('select pg_notify($1, $2)', [channel, message])),
    ping: async () => void (await lite.query('select 1')),
  };
}
