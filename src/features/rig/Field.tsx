'use client';
import { memo, useCallback, type ReactNode } from 'react';
import type { Role } from '@/core/units/profile';
import { Choice, type Option } from '@/ui/Choice';
import { QuantityField } from '@/ui/QuantityField';
import { useField } from './useField';

/** A number of the rig; painted anew only when its own value or words change. */
export const NumberField = memo(function NumberField(p: {
  path: string;
  label: string;
  name?: ReactNode;
  role: Role;
  whenEmpty?: string;
  note?: ReactNode;
  action?: ReactNode;
}) {
  const { value, origin, set } = useField<number | null>(p.path, p.label);
  const { role } = p;
  const take = useCallback((v: number | null) => set(v, role), [set, role]);
  return (
    <QuantityField
      label={p.name ?? p.label}
      name={p.path}
      value={value}
      role={p.role}
      origin={origin}
      onValue={take}
      {...(p.whenEmpty !== undefined ? { whenEmpty: p.whenEmpty } : {})}
      note={p.note}
      action={p.action}
    />
  );
});

/** A choice of the rig. */
export function ChoiceField<T extends string>(p: {
  path: string;
  label: string;
  name?: ReactNode;
  options: readonly Option<T>[];
  note?: ReactNode;
}) {
  const { value, origin, set } = useField<T>(p.path, p.label);
  return (
    <Choice
      label={p.name ?? p.label}
      name={p.path}
      value={value}
      options={p.options}
      origin={origin}
      onChoose={(v) => set(v)}
      note={p.note}
    />
  );
}

/** Options from a table of names. */
export function optionsOf<T extends string>(
  names: Readonly<Record<T, string>>,
  keys?: readonly T[],
): Option<T>[] {
  return (keys ?? (Object.keys(names) as T[])).map((value) => ({ value, name: names[value] }));
}
