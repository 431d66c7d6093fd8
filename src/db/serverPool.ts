import pg from 'pg';
import { connectionFault } from './serverFaults';

/** How long a server is waited for, ms. */
export interface Patience {
  /** For a connection. */
  readonly connectMs: number;
  /** Longest statement: the server gives it up first; where it is silent, we do. */
  readonly statementMs: number;
  readonly silentMs: number;
  /** A program that stands still inside a step may hold up the others no longer than this. */
  readonly idleStepMs: number;
  /** A server answers a question that costs nothing within this, or it is not well. */
  readonly pingMs: number;
}

/** All but a step that stands still end within a page's own deadline of 20 s. */
export const PATIENCE: Patience = {
  connectMs: 5_000,
  statementMs: 14_000,
  silentMs: 16_000,
  idleStepMs: 30_000,
  pingMs: 2_000,
};
/** Connections of one program; several programs share the hundred that a server commonly has. */
const MOST = 10;

type AnyQuery = (...args: unknown[]) => unknown;

/**
 * A connection that ends with a statement that was never answered. The driver would go on using it, and a step left open on it would be
 * finished together with the next one.
 */
class EndingClient extends pg.Client {
  private readonly plain = super.query as unknown as AnyQuery;

  constructor(config?: string | pg.ClientConfig) {
    super(config);
    // Lost between two statements of a step: the next one says so. Without a listener it would end the program.
    this.on('error', () => undefined);
  }

  private giveUp(e: unknown, text: string): void {
    const silent = /Query read timeout/.test(String((e as Error | null)?.message));
    if (silent)
      (this as unknown as { connection: { stream: { destroy(): void } } }).connection.stream.destroy();
    // A step that did not even begin is given back to the pool by nobody else.
    if (/^begin/i.test(text)) (this as unknown as { release?: (e: boolean) => void }).release?.(true);
  }

  override query = ((...args: unknown[]) => {
    const text = typeof args[0] === 'string' ? args[0] : String((args[0] as { text?: string } | null)?.text);
    const out = Reflect.apply(this.plain, this, args) as unknown;
    if (out instanceof Promise) out.catch((e: unknown) => this.giveUp(e, text));
    return out;
  }) as unknown as pg.Client['query'];
}

/** Connections to a database server at an address. What becomes of them is said once each time it changes. */
export function openPool(url: string, patience: Patience, say: (line: string) => void): pg.Pool {
  const pool = new pg.Pool({
    connectionString: url,
    max: MOST,
    connectionTimeoutMillis: patience.connectMs,
    query_timeout: patience.silentMs,
    statement_timeout: patience.statementMs,
    idle_in_transaction_session_timeout: patience.idleStepMs,
    keepAlive: true,
    application_name: 'upwind-rod',
    Client: EndingClient,
  });
  let lost = false;
  // Without a listener a connection that is cut while nobody uses it would end the program.
  pool.on('error', (e) => {
    if (lost) return;
    lost = true;
    say(
      `The database server was lost: ${connectionFault(e) ?? e.message}. It is tried again with every request.`,
    );
  });
  pool.on('connect', () => {
    if (lost) say('The database server answers again.');
    lost = false;
  });
  return pool;
}
