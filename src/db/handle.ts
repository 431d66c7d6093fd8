import type { PgDatabase, PgQueryResultHKT } from 'drizzle-orm/pg-core';

import type * as schema from './schema';

/**
 * Hears a channel: `hear` gets each message, `missed` is called where some may have been missed. Resolves once it hears, with the function that
 * ends it.
 */
export type Listen = (
  channel: string,
  hear: (message: string) => void,
  missed?: () => void,
) => Promise<() => Promise<void>>;

export type Db = PgDatabase<PgQueryResultHKT, typeof schema>;

/** An open database: how it is asked, heard and closed. */
export interface Handle {
  readonly db: Db;
  /** Hears what is told on a channel, by this program or another on the same database. */
  readonly listen: Listen;
  /** Tells something on a channel, to all programs on the same database. */
  notify(channel: string, message: string): Promise<void>;
  /** Throws where the database does not answer. */
  ping(): Promise<void>;
  close(): Promise<void>;
}
