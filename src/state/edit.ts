import { patchAt } from '@/core/documents/fieldPath';
import { faultsOf, type DocumentFault } from '@/core/documents/faults';
import { rigSchema, type Rig } from '@/core/documents/rig';
import { merge } from '@/core/engine/merge';

/** A document after a change, or the faults that keep the change out. */
export type Edited =
  { readonly ok: true; readonly doc: Rig } | { readonly ok: false; readonly faults: DocumentFault[] };

/** Sets one value; touching it takes the "assumed" mark off. */
export function setPath(doc: Rig, path: string, value: unknown): Edited {
  const patch = patchAt(path, value);
  const { measuredOhm, lengthMm } = doc.wire;
  // The same wire at another length: its measured ohms go with the length.
  if (path === 'wire.lengthMm' && measuredOhm !== null && typeof value === 'number' && value > 0)
    return apply(doc, {
      wire: { lengthMm: value, measuredOhm: Number(((measuredOhm * value) / lengthMm).toPrecision(6)) },
    });
  return apply(doc, patch);
}

/** Lays a patch over a document; every value it names was touched. */
export function apply(doc: Rig, patch: Readonly<Record<string, unknown>>): Edited {
  const from = { ...doc.from };
  for (const path of pathsOf(patch)) if (from[path] === 'assumed') delete from[path];
  const parsed = rigSchema.safeParse({
    ...merge(doc, patch),
    from: { ...from, ...(patch['from'] as object | undefined) },
  });
  return parsed.success ? { ok: true, doc: parsed.data } : { ok: false, faults: faultsOf(parsed.error) };
}

function pathsOf(patch: Readonly<Record<string, unknown>>, before = ''): string[] {
  return Object.entries(patch).flatMap(([key, value]) =>
    typeof value === 'object' && value !== null && !Array.isArray(value)
      ? pathsOf(value as Record<string, unknown>, `${before}${key}.`)
      : [`${before}${key}`],
  );
}
