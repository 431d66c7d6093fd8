'use client';
import { limitsOf, type Limits } from '@/core/documents/fieldPath';
import { STOCK_SCHEMAS } from '@/core/documents/stock';
import type { Role } from '@/core/units/profile';
import { outside } from '@/core/words/limits';
import type { StockKind } from '@/state/types';
import { QuantityField, type QuantityFieldProps } from '@/ui/QuantityField';
import { useUnits } from '@/ui/Units';

export type Put<T> = (part: Partial<T>) => void;

/** A number that must lie in a range; with `whenEmpty` it may be left out. The field says the range in the person's units. */
export function RangeField(p: {
  label: string;
  name: string;
  value: number | null;
  role: Role;
  /** The bounds, as the document's schema has them. */
  limits: Limits;
  onTake: (v: number | null) => void;
  whenEmpty?: string;
  note?: QuantityFieldProps['note'];
}) {
  const { say } = useUnits();
  const { limits, role } = p;
  return (
    <QuantityField
      label={p.label}
      name={p.name}
      value={p.value}
      role={role}
      {...(p.whenEmpty !== undefined ? { whenEmpty: p.whenEmpty } : {})}
      note={p.note}
      onValue={(v) => {
        if (v === null && p.whenEmpty !== undefined) {
          p.onTake(null);
          return null;
        }
        const rule = outside(v, limits, role, say);
        if (rule === null) p.onTake(v);
        return rule;
      }}
    />
  );
}

/** The bounds of a number of the drawer, out of the schema of its list. */
export function stockLimits(kind: StockKind, path: string): Limits {
  const limits = limitsOf(STOCK_SCHEMAS[kind], path);
  if (!limits) throw new Error(`no number at ${path} of ${kind}`);
  return limits;
}

/** The same bounds in a unit of which `times` make one of the document's. */
export const scaled = ({ least, most, over }: Limits, times: number): Limits => ({
  least: least * times,
  most: most * times,
  over,
});

/** Bounds of a number that no document keeps. */
export const between = (least: number, most: number): Limits => ({ least, most, over: false });
