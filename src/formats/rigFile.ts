import { faultsOf, type DocumentFault } from '@/core/documents/faults';
import { rigSchema, type Rig } from '@/core/documents/rig';

export type ReadRig =
  { readonly ok: true; readonly doc: Rig } | { readonly ok: false; readonly faults: readonly DocumentFault[] };

/** Largest rig file taken, bytes; the route that stores it takes no more. */
export const RIG_FILE_MOST = 256 * 1024;

const whole = (rule: string, message: string): ReadRig => ({
  ok: false,
  faults: [{ path: '(document)', rule, message }],
});

/** Reads a rig document from text; every fault is named by path and rule. */
export function parseRigText(text: string): ReadRig {
  let doc: unknown;
  try {
    doc = JSON.parse(text);
  } catch (e) {
    return whole('json', `is not JSON: ${e instanceof Error ? e.message : String(e)}`);
  }
  const parsed = rigSchema.safeParse(doc);
  return parsed.success ? { ok: true, doc: parsed.data } : { ok: false, faults: faultsOf(parsed.error) };
}

/** Reads a rig document from a file. */
export async function readRigFile(file: Pick<File, 'size' | 'text'>): Promise<ReadRig> {
  if (file.size > RIG_FILE_MOST) return whole('size', `is larger than ${RIG_FILE_MOST / 1024} kB`);
  return parseRigText(await file.text());
}
