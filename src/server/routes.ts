import 'server-only';
import { isText } from '@/core/documents/plain';
import { connectionFault } from '@/db/serverFaults';
import { roomForWrites } from './db';
import { deviceOf } from './device';
import { answerFaults, Refusal, refusal } from './http';

const METHODS = ['GET', 'POST', 'PUT', 'PATCH', 'DELETE'] as const;
type Method = (typeof METHODS)[number];

type Handler<P> = (request: Request, params: P) => unknown;
type Answer<P> = (request: Request, ctx: { params: Promise<P> }) => Promise<Response>;

/** An id, or a word of an address: what this program gives out, and what a backup may bring. */
const ID = /^[\w.:~ -]{1,64}$/;
const HEAD = 'HEAD, OPTIONS';

/**
 * The methods of a route, each with what answers it. What a handler returns is sent as JSON, a Refusal as its faults. Decided here once for all
 * routes: ids and query values that are no text, methods that the route does not know, a disk without room, and what nobody foresaw.
 */
export function routes<P = object>(
  handlers: Partial<Record<Method, Handler<P>>>,
  o: { readonly writes?: boolean } = {},
): Record<Method | 'OPTIONS', Answer<P>> {
  const known = METHODS.filter((m) => handlers[m]);
  const allow = known.includes('GET') ? `${known.join(', ')}, ${HEAD}` : `${known.join(', ')}, OPTIONS`;
  const answer =
    (method: Method): Answer<P> =>
    async (request, ctx) => {
      const handler = handlers[method];
      if (!handler) return answerFaults(refusal(405, 'method', `There is no ${method} here.`), { allow });
      try {
        const params = (await ctx.params) ?? ({} as P);
        checkAddress(request, params as Readonly<Record<string, string | string[]>>);
        if (method !== 'GET' && o.writes !== false) {
          mayWrite(request);
          roomForWrites();
        }
        const out = await handler(request, params);
        return out instanceof Response ? out : Response.json(out ?? null);
      } catch (e) {
        return answerFaults(e instanceof Refusal ? e : (ofDatabase(e) ?? unforeseen(e)));
      }
    };
  const options = async () => new Response(null, { status: 204, headers: { allow } });
  return {
    ...(Object.fromEntries(METHODS.map((m) => [m, answer(m)])) as Record<Method, Answer<P>>),
    OPTIONS: options,
  };
}

/** A device that may only look is refused before anything is read. */
function mayWrite(request: Request): void {
  if (deviceOf(request.headers).right === 'look')
    throw refusal(
      403,
      'look-only',
      'This device may look, and change nothing. The right to work is given at the desk.',
    );
}

function checkAddress(request: Request, params: Readonly<Record<string, string | string[]>>): void {
  for (const value of Object.values(params).flat())
    if (!ID.test(value)) throw refusal(404, 'not-found', 'There is nothing under that id.');
  for (const [key, value] of new URL(request.url).searchParams)
    if (!isText(key) || !isText(value))
      throw new Refusal(422, [
        { path: key.slice(0, 64), rule: 'text', message: 'holds signs that are no text' },
      ]);
}

/** A fault that is not this program's: no room on the disk, a server that does not answer, what was thrown away meanwhile. */
function ofDatabase(e: unknown): Refusal | null {
  const { code } = (e as { cause?: { code?: string } } | null)?.cause ?? {};
  if (code === '53100')
    return refusal(507, 'disk-full', 'The disk is full: this was not saved. Free some room on it.');
  if (code === '23503')
    return refusal(404, 'not-found', 'What this belongs to was thrown away in the meantime.');
  const why = process.env.DATABASE_URL ? connectionFault(e) : null;
  if (!why) return null;
  const message = `The database server cannot be used now: ${why}. What was saved before is kept.`;
  return refusal(503, 'database', message);
}

/** What nobody foresaw: an id by which the line in the server's log is found, and no more. */
function unforeseen(e: unknown): Refusal {
  const id = crypto.randomUUID().slice(0, 8);
  console.error(`[${id}]`, e);
  return refusal(500, 'internal', `The server failed (${id}). What was saved before is kept.`);
}
