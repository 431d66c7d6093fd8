'use client';
import { memo, useCallback, type ReactNode } from 'react';
import { limitsOf, patchAt, valueAt } from '@/core/documents/fieldPath';
import { piecePlanSchema } from '@/core/documents/plan';
import type { Role } from '@/core/units/profile';
import { outside } from '@/core/words/limits';
import { usePieces, usePlan } from '@/state/PlanContext';
import { Choice, type Option } from '@/ui/Choice';
import { QuantityField } from '@/ui/QuantityField';
import { useUnits } from '@/ui/Units';

/** One value of the open plan, and how to change it by a command. */
export function usePlanField<T>(path: string, label: string) {
  const value = usePlan((s) => valueAt(s.doc, path)) as T;
  const { open } = usePieces();
  const set = useCallback(
    (next: T) => open?.store.getState().edit(label, patchAt(path, next)) ?? null,
    [open, path, label],
  );
  return { value, set };
}

/** A number of the plan. `index` takes one of a pair. */
export const PlanNumber = memo(function PlanNumber(p: {
  path: string;
  label: string;
  role: Role;
  index?: 0 | 1;
  whenEmpty?: string;
  note?: ReactNode;
  whole?: boolean;
}) {
  const { value, set } = usePlanField<number | null | readonly [number, number]>(p.path, p.label);
  const { index } = p;
  const one = index === undefined ? (value as number | null) : (value as readonly [number, number])[index];
  const { say } = useUnits();
  const { path, role } = p;
  const take = useCallback(
    (v: number | null) => {
      const limits = limitsOf(piecePlanSchema, path);
      const rule = limits && v !== null ? outside(v, limits, role, say) : null;
      if (rule) return rule;
      if (index === undefined) return set(v);
      const pair = [...(value as readonly [number, number])] as [number, number];
      if (v === null) return 'must be a number';
      pair[index] = v;
      return set(pair);
    },
    [set, index, value, path, role, say],
  );
  return (
    <QuantityField
      label={p.label}
      name={p.path + (index === undefined ? '' : `.${index}`)}
      value={one}
      role={p.role}
      onValue={take}
      {...(p.whenEmpty !== undefined ? { whenEmpty: p.whenEmpty } : {})}
      note={p.note}
    />
  );
});

/** A choice of the plan. */
export function PlanChoice<T extends string>(p: {
  path: string;
  label: string;
  options: readonly Option<T>[];
  note?: ReactNode;
}) {
  const { value, set } = usePlanField<T>(p.path, p.label);
  return (
    <Choice
      label={p.label}
      name={p.path}
      value={value}
      options={p.options}
      onChoose={(v) => set(v)}
      note={p.note}
    />
  );
}
export const optionsOf = <T extends string>(names: Readonly<Record<T, string>>): Option<T>[] =>
  (Object.keys(names) as T[]).map((value) => ({ value, name: names[value] }));
