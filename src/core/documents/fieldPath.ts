import type { z } from 'zod';

type Leaf = number | string | boolean | null | undefined | readonly unknown[];

/** Paths to the values of a document, `wire.diameterMm`, as its type has them: a slip in one does not compile. */
export type PathOf<T> = {
  [K in keyof T & string]: NonNullable<T[K]> extends Leaf ? K : `${K}.${PathOf<NonNullable<T[K]>>}`;
}[keyof T & string];

/** Bounds of a number as its schema has them; `over`: the lower one itself is not allowed. */
export interface Limits {
  readonly least: number;
  readonly most: number;
  readonly over: boolean;
}

type Inner = {
  readonly innerType?: z.ZodType;
  readonly shape?: Readonly<Record<string, z.ZodType>>;
  readonly in?: z.ZodType;
};

/** What stands within optional, nullable, default and piped schemas. */
function bare(schema: z.ZodType): z.ZodType {
  const { innerType, in: piped } = schema.def as Inner;
  const inner = innerType ?? piped;
  return inner ? bare(inner) : schema;
}

/** The schema at a path of an object's schema; null where it has none there. */
function schemaAt(schema: z.ZodType, path: string): z.ZodType | null {
  let at: z.ZodType | undefined = schema;
  for (const key of path.split('.')) {
    at = (bare(at).def as Inner).shape?.[key];
    if (!at) return null;
  }
  return bare(at);
}

/** The bounds of the number at a path, out of the schema itself, so that none stands twice; null where it is none. */
export function limitsOf(schema: z.ZodType, path: string): Limits | null {
  const at = schemaAt(schema, path);
  if (!at || at.def.type !== 'number') return null;
  const checks = ((at.def as { checks?: readonly { _zod: { def: unknown } }[] }).checks ?? []).map(
    (c) => c._zod.def as { check: string; value?: number; inclusive?: boolean },
  );
  const low = checks.find((c) => c.check === 'greater_than');
  const high = checks.find((c) => c.check === 'less_than');
  return {
    least: low?.value ?? -Infinity,
    most: high?.value ?? Infinity,
    over: low !== undefined && low.inclusive === false,
  };
}

/** Whether a number lies within its bounds; NaN does not. */
export function within(x: number, { least, most, over }: Limits): boolean {
  return (over ? x > least : x >= least) && x <= most;
}
