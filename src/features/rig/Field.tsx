'use client';
import { memo, useCallback, type ReactNode } from 'react';
import { RIG_FIELDS, type RigPath } from '@/core/documents/rigFields';
import type { Role } from '@/core/units/profile';
import { labelOf } from '@/core/words/rigFields';
import { Choice, type Option } from '@/ui/Choice';
import { QuantityField } from '@/ui/QuantityField';
import { useField } from './useField';

/** A number of the rig; painted anew only when its own value or words change. */
export const NumberField = memo(function NumberField(p: {
  path: RigPath;
  /** Where the page calls it otherwise than its description does. */
  label?: string;
  name?: ReactNode;
  /** Where what it counts hangs on something else: the setting of a control. */
  role?: Role;
  whenEmpty?: string;
  note?: ReactNode;
  action?: ReactNode;
}) {
  const label = p.label ?? labelOf(p.path);
  const { value, origin, set } = useField<number | null>(p.path, label);
  const role = p.role ?? RIG_FIELDS[p.path][1] ?? 'count';
  const take = useCallback((v: number | null) => set(v, role), [set, role]);
  return (
    <QuantityField
      label={p.name ?? label}
      name={p.path}
      value={value}
      role={role}
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
  path: RigPath;
  label?: string;
  name?: ReactNode;
  options: readonly Option<T>[];
  note?: ReactNode;
}) {
  const label = p.label ?? labelOf(p.path);
  const { value, origin, set } = useField<T>(p.path, label);
  return (
    <Choice
      label={p.name ?? label}
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
