import { faultsOf, type DocumentFault } from './faults';
import { rigSchema, type Rig } from './rig';

/** A rig to reckon a need for; `powered`: its supply and control were given, and `setting` is wanted. */
export type NeedRig = { readonly rig: Rig; readonly powered: boolean };

const PLAIN_SUPPLY = { kind: 'bench', volts: 500, maxAmps: 500 } as const;
const fault = (path: string, rule: string, message: string): ReadNeed => ({
  ok: false,
  faults: [{ path, rule, message }],
});

export type ReadNeed =
  | { readonly ok: true; readonly data: NeedRig }
  | { readonly ok: false; readonly faults: readonly DocumentFault[] };

/** Reads a rig for `need`: as a rig is read, with supply and control both there or both left out, and with a feed. */
export function readNeedRig(doc: unknown): ReadNeed {
  const has = (key: string) =>
    typeof doc === 'object' && doc !== null && (doc as Record<string, unknown>)[key] !== undefined;
  const powered = has('supply');
  if (has('control') && !powered) return fault('supply', 'required', 'must be given where control is');
  const plain = typeof doc === 'object' && doc !== null && !Array.isArray(doc);
  const parsed = rigSchema.safeParse(powered || !plain ? doc : { ...doc, supply: PLAIN_SUPPLY });
  if (!parsed.success) return { ok: false, faults: faultsOf(parsed.error) };
  if (parsed.data.cut.feedMmS === null)
    return fault('cut.feedMmS', 'required', 'must be given: a need is reckoned for a feed');
  return { ok: true, data: { rig: parsed.data, powered } };
}
