import { z } from 'zod';
import { faultsOf, type DocumentFault } from './faults';
import { findingSchema, type FindingFigures } from './reading';
import { rigSchema, type Rig } from './rig';

const n = z.number().nullable();

/** What a cut asks for: the current at which the max feed is feed / reserve, and all that follows. */
export const needSchema = z.strictObject({
  format: z.literal('upwind-rod/need'),
  version: z.literal(1),
  amps: n,
  wireVolts: n,
  supplyVolts: n,
  watts: n,
  wattsPerM: n,
  airC: n,
  foamC: n,
  kerfMm: n,
  ohmHot: n,
  setting: n,
  /** What is found against the rig that is needed; of one without supply and control, what is found against its wire and cut. */
  findings: z.array(findingSchema.omit({ fixes: true })),
});
export type Need = z.infer<typeof needSchema>;
/** A need before its texts are written. */
export type NeedFigures = Omit<Need, 'findings'> & {
  readonly findings: readonly Omit<FindingFigures, 'fixes'>[];
};

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
