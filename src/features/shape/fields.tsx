'use client';
import { memo, useCallback, type ReactNode } from 'react';
import type { PiecePlan } from '@/core/documents/plan';
import type { Role } from '@/core/units/profile';
import { usePieces, usePlan } from '@/state/PlanContext';
import { Choice, type Option } from '@/ui/Choice';
import { QuantityField } from '@/ui/QuantityField';

/** The value at a path such as `piece.root.chordMm`. */
function valueAt(doc: PiecePlan, path: string): unknown {
  return path.split('.').reduce<unknown>((at, key) => (at as Record<string, unknown> | undefined)?.[key], doc);
}
const patchOf = (path: string, value: unknown) =>
  path.split('.').reduceRight<unknown>((inner, key) => ({ [key]: inner }), value) as Record<string, unknown>;

/** One value of the open plan, and how to change it by a command. */
export function usePlanField<T>(path: string, label: string) {
  const value = usePlan((s) => valueAt(s.doc, path)) as T;
  const { open } = usePieces();
  const set = useCallback(
    (next: T) => open?.store.getState().edit(label, patchOf(path, next)) ?? null,
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
  const take = useCallback(
    (v: number | null) => {
      if (index === undefined) return set(v);
      const pair = [...(value as readonly [number, number])] as [number, number];
      if (v === null) return 'must be a number';
      pair[index] = v;
      return set(pair);
    },
    [set, index, value],
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
