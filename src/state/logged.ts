import type { z } from 'zod';
import type { Outcome } from './api';
import type { Outbox } from './outbox';

/** The outbox of this page, fetched when it is first wanted. */
export const theOutbox = (): Promise<Outbox> => import('./outbox').then((m) => m.outbox);

/** Logs something on the server, once: kept on this device where no answer comes, and sent later. */
export async function logged<T>(
  path: string,
  answer: z.ZodType<T>,
  body: unknown,
  method?: 'POST' | 'PUT',
): Promise<Outcome<T>> {
  const box = await theOutbox().catch(() => null);
  return box ? box.log(path, answer, body, method) : { kind: 'lost' };
}
