import type { PgDatabase, PgQueryResultHKT } from 'drizzle-orm/pg-core';
import type { Listen } from './listen';
import type * as schema from './schema';

export type Db = PgDatabase<PgQueryResultHKT, typeof schema>;

/** An open database: how it is asked, heard and closed. */
export interface Handle {
  readonly db: Db;
  /** Hears what is told on a channel, by this program or another on the same database. */
  readonly listen: Listen;
  /** Throws where the database does not answer. */
  ping(): Promise<void>;
  close(): Promise<void>;
}
