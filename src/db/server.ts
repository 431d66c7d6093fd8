import { drizzle } from 'drizzle-orm/node-postgres';
import { migrate } from 'drizzle-orm/node-postgres/migrator';
import pg from 'pg';
import { StartFault } from './lock';
import type { Db, Handle, Listen } from './handle';
import * as schema from './schema';
import { connectionFault, serverName } from './serverFaults';
import { openPool, PATIENCE } from './serverPool';
import { refuseNewer } from './version';

/** The lock under which one program at a time brings a database up to date; any number that nothing else of it uses. */
const MIGRATING = 7_041_846;
/** Waits for another program that brings it up to date, ms. */
const WAIT_MS = 60_000;
const AGAIN_MS = [200, 500, 1000, 2000, 5000];

/**
 * Opens a database on a PostgreSQL server and brings it up to date; several programs may start at once. Throws a StartFault with one line where
 * that fails.
 */
export async function openServer(url: string, migrations: string, patience = PATIENCE): Promise<Handle> {
  try {
    await bringUpToDate(url, migrations);
  } catch (e) {
    const why = connectionFault(e);
    if (!why) throw e;
    throw new StartFault(`The database server at ${serverName(url)} cannot be used: ${why}.`);
  }
  const pool = openPool(url, patience, (line) => console.error(line));
  const ends = new Set<() => Promise<void>>();
  const listen: Listen = async (channel, hear, missed) => {
    const end = await hearing(url, channel, hear, missed);
    ends.add(end);
    return async () => {
      ends.delete(end);
      await end();
    };
  };
  return {
    db: drizzle(pool, { schema }) as unknown as Db,
    listen,
    notify: async (channel, message) => {
      await pool.query('select pg_notify($1, $2)', [channel, message]);
    },
    ping: async () => {
      const asked = { text: 'select 1', query_timeout: patience.pingMs };
      // A new connection would have longer: the whole of it has no more.
      let timer: ReturnType<typeof setTimeout> | undefined;
      const late = new Promise<never>((_, refuse) => {
        timer = setTimeout(() => refuse(new Error('Query read timeout')), patience.pingMs);
      });
      await Promise.race([pool.query(asked), late]).finally(() => clearTimeout(timer));
    },
    close: async () => {
      await Promise.all([...ends].map((end) => end()));
      await pool.end();
    },
  };
}

async function bringUpToDate(url: string, migrations: string): Promise<void> {
  const client = new pg.Client({
    connectionString: url,
    connectionTimeoutMillis: PATIENCE.connectMs,
    lock_timeout: WAIT_MS,
  });
  // What cuts the connection is told by the query that fails of it.
  client.on('error', () => undefined);
  await client.connect();
  try {
    await client.query('select pg_advisory_lock($1)', [MIGRATING]);
    const db = drizzle(client, { schema });
    await refuseNewer(db as unknown as Db, migrations);
    await migrate(db, { migrationsFolder: migrations });
  } finally {
    await client.end().catch(() => undefined);
  }
}

/** Hears a channel on a connection of its own, and makes a new one whenever it is lost. */
async function hearing(
  url: string,
  channel: string,
  hear: (message: string) => void,
  missed?: () => void,
): Promise<() => Promise<void>> {
  let client: pg.Client | null = null;
  let ended = false;
  let failures = 0;
  let timer: ReturnType<typeof setTimeout> | undefined;
  const again = () => {
    if (ended || timer) return;
    timer = setTimeout(
      () => {
        timer = undefined;
        connect().then(() => missed?.(), again);
      },
      AGAIN_MS[Math.min(failures++, AGAIN_MS.length - 1)],
    );
    timer.unref();
  };
  const connect = async () => {
    const next = new pg.Client({
      connectionString: url,
      connectionTimeoutMillis: PATIENCE.connectMs,
      keepAlive: true,
      keepAliveInitialDelayMillis: 10_000,
      application_name: 'upwind-rod',
    });
    next.on('error', () => undefined);
    next.on('end', () => {
      if (client !== next) return;
      client = null;
      again();
    });
    next.on('notification', (n) => n.channel === channel && hear(n.payload ?? ''));
    try {
      await next.connect();
      await next.query(`listen ${pg.escapeIdentifier(channel)}`);
    } catch (e) {
      void next.end().catch(() => undefined);
      throw e;
    }
    client = next;
    failures = 0;
  };
  await connect();
  return async () => {
    ended = true;
    clearTimeout(timer);
    const open = client;
    client = null;
    await open?.end().catch(() => undefined);
  };
}
