import type { z } from 'zod';
import { faultWords } from '@/core/words/plainField';
import type { DocumentFault } from '@/core/documents/faults';

/**
 * How a call to the server ended. `lost`: it never answered; nothing is known, the call may be made again. `kept`: the same, of something
 * that was logged: it waits on this device under its id and is sent by itself.
 */
export type Outcome<T> =
  | { readonly kind: 'done'; readonly data: T }
  | {
      readonly kind: 'refused';
      readonly status: number;
      readonly faults: readonly DocumentFault[];
      readonly body: Record<string, unknown>;
    }
  | { readonly kind: 'lost' }
  | { readonly kind: 'kept'; readonly id: string };

/** An answer that this page does not know: of another version of the program, or damaged. It is not shown. */
const UNKNOWN_ANSWER = {
  kind: 'refused',
  status: 0,
  faults: [
    { path: '(answer)', rule: 'schema', message: 'of the server is none that this page knows; load it anew' },
  ],
  body: {},
} as const;
/** Faults of the server that it can tell of: busy or starting, no room on the disk. */
const TOLD: ReadonlySet<number> = new Set([503, 507]);
const DEADLINE_MS = 20000;
const UPLOAD_MS = 60000;
/** A browser lets a request outlive its page only up to 64 kB. */
const KEEP_ALIVE_MOST = 20000;

/** Calls a route of our own server and reads its answer by a schema. Never throws; ends after twenty seconds, or as told. */
export async function call<T>(
  method: string,
  path: string,
  answer: z.ZodType<T>,
  body?: unknown,
  o: { readonly withinMs?: number; readonly headers?: Readonly<Record<string, string>> } = {},
): Promise<Outcome<T>> {
  const text = body === undefined ? null : JSON.stringify(body);
  return asked(path, answer, {
    method,
    headers: { ...(body === undefined ? {} : { 'content-type': 'application/json' }), ...o.headers },
    body: text,
    keepalive: method === 'PUT' && text !== null && text.length < KEEP_ALIVE_MOST,
    signal: AbortSignal.timeout(o.withinMs ?? DEADLINE_MS),
  });
}

/** Sends bytes of a type to a route of our own server. Never throws; ends after a minute at the latest, or as told. */
export const send = <T>(
  path: string,
  body: Blob,
  type: string,
  answer: z.ZodType<T>,
  until: AbortSignal = AbortSignal.timeout(UPLOAD_MS),
): Promise<Outcome<T>> =>
  asked(path, answer, {
    method: 'POST',
    headers: { 'content-type': type },
    body,
    signal: until,
  });

async function asked<T>(path: string, schema: z.ZodType<T>, request: RequestInit): Promise<Outcome<T>> {
  try {
    const response = await fetch(path, request);
    const answer = (await response.json().catch(() => null)) as unknown;
    if (response.ok) {
      const read = schema.safeParse(answer);
      return read.success ? { kind: 'done', data: read.data } : UNKNOWN_ANSWER;
    }
    if (response.status >= 500 && !TOLD.has(response.status)) return { kind: 'lost' };
    const refused = (answer ?? {}) as { errors?: { error: DocumentFault }[] } & Record<string, unknown>;
    const faults = refused.errors?.map((e) => e.error) ?? [
      { path: '(request)', rule: String(response.status), message: 'was refused' },
    ];
    return { kind: 'refused', status: response.status, faults, body: refused };
  } catch {
    return { kind: 'lost' };
  }
}

/** Refusals that say “not now”: not let in, too slow, too early, too many, busy, no room on the disk. */
const LATER: ReadonlySet<number> = new Set([401, 408, 425, 429, 503, 507]);
/** Whether a call may well succeed if it is made again later. */
export const isLater = (o: Outcome<unknown>): boolean =>
  o.kind === 'lost' || (o.kind === 'refused' && LATER.has(o.status));

/** What is said of what waits for the network. */
export const KEPT = 'The server does not answer: it is kept on this device and sent as soon as it does.';

/** A refusal in one line. */
export function inWords(o: Exclude<Outcome<unknown>, { kind: 'done' }>): string {
  if (o.kind === 'lost') return 'The server does not answer. Is it still running?';
  if (o.kind === 'kept') return KEPT;
  return o.faults.map((f) => faultWords(f)).join('; ');
}
