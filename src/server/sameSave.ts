import 'server-only';
import { isDeepStrictEqual } from 'node:util';

const plain = (x: unknown): unknown => JSON.parse(JSON.stringify(x));

/** Whether what is to be saved is what stands there already: its answer was lost on the way, and there is nothing to ask about. */
export const sameSave = (sent: unknown, stored: unknown): boolean =>
  isDeepStrictEqual(plain(sent), plain(stored));
