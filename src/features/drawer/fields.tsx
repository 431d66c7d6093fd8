'use client';
import type { Role } from '@/core/units/profile';
import { QuantityField, type QuantityFieldProps } from '@/ui/QuantityField';
import { useUnits } from '@/ui/Units';

export type Put<T> = (part: Partial<T>) => void;

/** A number that must lie in a range; with `whenEmpty` it may be left out. The field says the range in the person's units. */
export function RangeField(p: {
  label: string;
  name: string;
  value: number | null;
  role: Role;
  lo: number;
  hi: number;
  onTake: (v: number | null) => void;
  whenEmpty?: string;
  note?: QuantityFieldProps['note'];
}) {
  const { say } = useUnits();
  const { lo, hi, role } = p;
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
        if (v === null || !(v >= lo && v <= hi))
          return `must lie between ${say(lo, role)} and ${say(hi, role)}`;
        p.onTake(v);
        return null;
      }}
    />
  );
}
