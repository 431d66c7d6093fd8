import { pathText, type DocumentFault } from './faults';

/** Levels of lists and objects that a document may have. */
const DEEPEST = 32;
/** Entries of one list: more than any document has. */
const LONGEST = 200_000;
/** Lists and objects in all. A backup of a long life has a tenth of it. */
const MOST = 4_000_000;
/** NUL, which no database keeps, and halves of a surrogate pair, which are no text. */
const NO_TEXT = /[\u0000\ud800-\udfff]/u;

/** True of a text that can be kept: no NUL, no half of a pair. */
export const isText = (s: string): boolean => !NO_TEXT.test(s);

/** JSON as it came, checked for what no document holds whatever its kind: the value, or its fault. */
export function readPlain(text: string): { readonly doc: unknown } | { readonly fault: DocumentFault } {
  let doc: unknown;
  try {
    doc = JSON.parse(text);
  } catch {
    return { fault: { path: '(document)', rule: 'json', message: 'is not JSON' } };
  }
  const fault = plainFault(doc);
  return fault ? { fault } : { doc };
}

/**
 * The first fault that a JSON value has whatever its kind: nested deeper than 32, a list of over 200 000, signs that are no text.
 * Found before a schema reads it, so that what no document holds costs nothing. Null where it has none.
 */
export function plainFault(doc: unknown): DocumentFault | null {
  const found = (path: readonly PropertyKey[], rule: string, message: string) => ({
    path: pathText(path),
    rule,
    message,
  });
  let seen = 0;
  const look = (x: unknown, path: PropertyKey[]): DocumentFault | null => {
    if (typeof x === 'string') return isText(x) ? null : found(path, 'text', 'holds signs that are no text');
    if (typeof x !== 'object' || x === null) return null;
    if (path.length >= DEEPEST) return found([], 'depth', `is nested deeper than ${DEEPEST}`);
    if (++seen > MOST) return found([], 'size', `holds over ${MOST} lists and objects`);
    if (Array.isArray(x) && x.length > LONGEST)
      return found(path, `<= ${LONGEST}`, `holds more than ${LONGEST} entries`);
    for (const key of Object.keys(x)) {
      if (!isText(key)) return found(path, 'text', 'has a key with signs that are no text');
      path.push(Array.isArray(x) ? Number(key) : key);
      const fault = look((x as Record<string, unknown>)[key], path);
      if (fault) return fault;
      path.pop();
    }
    return null;
  };
  return look(doc, []);
}
