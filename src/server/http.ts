import 'server-only';
import type { z } from 'zod';
import { faultsOf, type DocumentFault } from '@/core/documents/faults';

/** Most bytes a route takes, by what it takes. */
export const SIZES = {
  rig: 256 * 1024,
  plan: 512 * 1024,
  drawer: 1024 * 1024,
  log: 16 * 1024 * 1024,
  backup: 256 * 1024 * 1024,
  photo: 3 * 1024 * 1024,
} as const;
const DEEPEST = 32;

/** A refusal with a status and faults; routes throw it and `route` answers with it. */
export class Refusal extends Error {
  constructor(
    readonly status: number,
    readonly faults: readonly DocumentFault[],
    readonly extra: Readonly<Record<string, unknown>> = {},
  ) {
    super(faults[0]?.message ?? 'refused');
  }
}

/** One fault that concerns the whole request. */
export function refusal(status: number, rule: string, message: string): Refusal {
  return new Refusal(status, [{ path: '(document)', rule, message }]);
}

/** The answer to a refusal: the first fault as `error`, all of them as `errors`. */
function answerFaults(r: Refusal): Response {
  const errors = r.faults.map((f) => ({ error: f }));
  return Response.json({ error: r.faults[0], errors, ...r.extra }, { status: r.status });
}

type Handler<A extends unknown[]> = (...args: A) => Promise<unknown>;

/** Wraps a handler: what it returns is sent as JSON, a Refusal as its faults, anything else thrown as a plain 500. */
export function route<A extends unknown[]>(handler: Handler<A>): (...args: A) => Promise<Response> {
  return async (...args) => {
    try {
      const out = await handler(...args);
      return out instanceof Response ? out : Response.json(out ?? null);
    } catch (e) {
      if (e instanceof Refusal) return answerFaults(e);
      console.error(e);
      return answerFaults(refusal(500, 'internal', 'The server failed; nothing was changed.'));
    }
  };
}

/** Body of a request as JSON: 413 over `most` bytes, 400 where it is no JSON, 422 where it is nested too deep. */
export async function readJson(request: Request, most: number): Promise<unknown> {
  const text = await readText(request, most);
  let doc: unknown;
  try {
    doc = JSON.parse(text);
  } catch {
    throw refusal(400, 'json', 'is not JSON');
  }
  if (deeperThan(doc, DEEPEST)) throw refusal(422, 'depth', `is nested deeper than ${DEEPEST}`);
  return doc;
}

async function readText(request: Request, most: number): Promise<string> {
  return Buffer.from(await readBytes(request, most)).toString('utf8');
}

/** Body of a request as it came: 413 over `most` bytes. */
export async function readBytes(request: Request, most: number): Promise<Uint8Array> {
  const tooLarge = () => refusal(413, 'size', `is larger than ${Math.round(most / 1024)} kB`);
  if (Number(request.headers.get('content-length') ?? 0) > most) throw tooLarge();
  const reader = request.body?.getReader();
  if (!reader) return new Uint8Array();
  const chunks: Uint8Array[] = [];
  let size = 0;
  for (;;) {
    const { done, value } = await reader.read();
    if (done) break;
    size += value.byteLength;
    if (size > most) {
      await reader.cancel();
      throw tooLarge();
    }
    chunks.push(value);
  }
  return Buffer.concat(chunks);
}

function deeperThan(doc: unknown, most: number): boolean {
  let level: unknown[] = [doc];
  for (let depth = 0; level.length > 0; depth++) {
    if (depth > most) return true;
    level = level.flatMap((x) => (typeof x === 'object' && x !== null ? Object.values(x) : []));
  }
  return false;
}

/** Parses a body by a schema; 422 with every fault where it is refused. */
export async function readBody<T extends z.ZodType>(
  request: Request,
  schema: T,
  most: number,
): Promise<z.output<T>> {
  const parsed = schema.safeParse(await readJson(request, most));
  if (!parsed.success) throw new Refusal(422, faultsOf(parsed.error));
  return parsed.data;
}

/** A PDF to be kept under a rig's name. */
export function pdfDownload(pdf: Uint8Array, rig: string, what: string): Response {
  const name = rig.replace(/[^\p{L}\p{N} _-]/gu, '').trim() || 'rig';
  return new Response(new Uint8Array(pdf), {
    headers: {
      'content-type': 'application/pdf',
      'content-disposition': `attachment; filename*=UTF-8''${encodeURIComponent(name)}.${what}.pdf`,
    },
  });
}
