import 'server-only';
import type { z } from 'zod';
import { faultsOf } from '@/core/documents/faults';
import { readPlain } from '@/core/documents/plain';
import { Refusal, refusal } from './http';

/** Body of a request as JSON: 413 over `most` bytes, 400 where it is no JSON, 422 where it is nested too deep or holds no text. */
export async function readJson(request: Request, most: number): Promise<unknown> {
  return parseJson(Buffer.from(await readBytes(request, most)).toString('utf8'));
}

/** JSON as it came: 400 where it is none, 422 where it holds what no document holds. */
export function parseJson(text: string): unknown {
  const read = readPlain(text);
  if ('fault' in read) throw new Refusal(read.fault.rule === 'json' ? 400 : 422, [read.fault]);
  return read.doc;
}

/** Body of a request as it came: 413 over `most` bytes, however it is sent. */
export async function readBytes(request: Request, most: number): Promise<Uint8Array> {
  const chunks: Uint8Array[] = [];
  for await (const chunk of chunksOf(request, most)) chunks.push(chunk);
  return Buffer.concat(chunks);
}

/** Body of a request piece by piece, measured while it comes; 413 as soon as it is over `most` bytes. */
export async function* chunksOf(request: Request, most: number): AsyncGenerator<Uint8Array> {
  const tooLarge = () => refusal(413, 'size', `is larger than ${Math.round(most / 1024)} kB`);
  if (Number(request.headers.get('content-length') ?? 0) > most) throw tooLarge();
  const reader = request.body?.getReader();
  if (!reader) return;
  let size = 0;
  try {
    for (;;) {
      const { done, value } = await reader.read();
      if (done) return;
      size += value.byteLength;
      if (size > most) throw tooLarge();
      yield value;
    }
  } finally {
    // Not waited for: it ends only with the connection, which the server closes after its answer.
    void reader.cancel().catch(() => undefined);
  }
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
