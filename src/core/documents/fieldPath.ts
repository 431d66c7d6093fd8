import type { z } from 'zod';

type Leaf = number | string | boolean | null | undefined | readonly unknown[];

/** Paths to the values of a document, `wire.diameterMm`, as its type has them: a slip in one does not compile. */
export type PathOf<T> = {
  [K in keyof T & string]: NonNullable<T[K]> extends Leaf ? K : `${K}.${PathOf<NonNullable<T[K]>>}`;
}[keyof T & string];

/** The value at a path of a document; undefined where there is none. */
export function valueAt(doc: object, path: string): unknown {
  return path.split('.').reduce<unknown>((at, key) => (at as Record<string, unknown> | undefined)?.[key], doc);
}

/** A patch that sets the value at a path. */
export function patchAt(path: string, value: unknown): Record<string, unknown> {
  return path.split('.').reduceRight<unknown>((inner, key) => ({ [key]: inner }), value) as Record<
    string,
    unknown
  >;
}

/** Bounds of a number as its schema has them; `over`: the lower one itself is not allowed. */
export interface Limits {
  readonly least: number;
  readonly most: number;
  readonly over: boolean;
}

interface Inner {
  readonly innerType?: z.ZodType;
  readonly in?: z.ZodType;
  readonly shape?: Readonly<Record<string, z.ZodType>>;
  readonly options?: readonly z.ZodType[];
  readonly items?: readonly z.ZodType[];
  readonly element?: z.ZodType;
  readonly valueType?: z.ZodType;
  readonly checks?: readonly { readonly _zod: { readonly def: unknown } }[];
}
const innerOf = (schema: z.ZodType) => schema.def as Inner;

/** What stands within optional, nullable, default and piped schemas. */
function bare(schema: z.ZodType): z.ZodType {
  const inner = innerOf(schema).innerType ?? innerOf(schema).in;
  return inner ? bare(inner) : schema;
}

/** The schemas at a path of an object's schema: several where it has kinds, none where it is not there. */
function schemasAt(schema: z.ZodType, path: readonly string[]): z.ZodType[] {
  const at = bare(schema);
  const { options, shape, items, element, valueType } = innerOf(at);
  if (options) return options.flatMap((o) => schemasAt(o, path));
  const [key, ...rest] = path;
  if (key === undefined) return [at];
  // Of a list or a record each entry is alike.
  const next = shape?.[key] ?? items?.[Number(key)] ?? element ?? valueType;
  return next ? schemasAt(next, rest) : [];
}

/**
 * The bounds of the number at a path, out of the schema itself, so that none stands twice; null where it is none, or where the
 * kinds that have it bound it otherwise.
 */
export function limitsOf(schema: z.ZodType, path: string): Limits | null {
  const all = schemasAt(schema, path.split('.')).map(boundsOf);
  const [first] = all;
  return first &&
    all.every((l) => l && l.least === first.least && l.most === first.most && l.over === first.over)
    ? first
    : null;
}

function boundsOf(schema: z.ZodType): Limits | null {
  if (schema.def.type !== 'number') return null;
  const checks = (innerOf(schema).checks ?? []).map(
    (c) => c._zod.def as { check: string; value?: number; inclusive?: boolean },
  );
  const low = checks.find((c) => c.check === 'greater_than');
  const high = checks.find((c) => c.check === 'less_than');
  return {
    least: low?.value ?? -Infinity,
    most: high?.value ?? Infinity,
    over: low?.inclusive === false,
  };
}

/** Whether a number lies within its bounds; NaN does not. */
export function within(x: number, { least, most, over }: Limits): boolean {
  return (over ? x > least : x >= least) && x <= most;
}
