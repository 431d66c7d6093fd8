'use client';
import { memo, useCallback, type ReactNode } from 'react';
import { limitsOf, valueAt } from '@/core/documents/fieldPath';
import { ownJobSchema } from '@/core/documents/job';
import type { Role } from '@/core/units/profile';
import { outside } from '@/core/words/limits';
import { useJob, useJobs } from '@/state/JobContext';
import { Choice, type Option } from '@/ui/Choice';
import { QuantityField } from '@/ui/QuantityField';
import { useUnits } from '@/ui/Units';
import css from './jobs.module.css';

/** One value of the open job, an index of a list among the path's keys, and how to change it by a command. */
export function useJobField<T>(path: string, label: string) {
  const value = useJob((s) => valueAt(s.doc, path)) as T;
  const { open } = useJobs();
  const set = useCallback(
    (next: T) => open?.store.getState().edit(label, path, next) ?? null,
    [open, path, label],
  );
  return { value, set };
}

/** A number of the job. */
export const JobNumber = memo(function JobNumber(p: {
  path: string;
  label: string;
  role: Role;
  whenEmpty?: string;
  note?: ReactNode;
}) {
  const { path, role } = p;
  const { value, set } = useJobField<number | null>(path, p.label);
  const { say } = useUnits();
  const take = useCallback(
    (v: number | null) => {
      const limits = limitsOf(ownJobSchema, path);
      return (limits && v !== null ? outside(v, limits, role, say) : null) ?? set(v);
    },
    [set, path, role, say],
  );
  return (
    <QuantityField
      label={p.label}
      name={path}
      value={value}
      role={role}
      onValue={take}
      {...(p.whenEmpty !== undefined ? { whenEmpty: p.whenEmpty } : {})}
      note={p.note}
    />
  );
});

/** A choice of the job. `as`: the value that a choice stands for, where it is not the word itself. */
export function JobChoice<T extends string>(p: {
  path: string;
  label: string;
  names: Readonly<Record<T, string>>;
  value?: T;
  as?: (chosen: T) => unknown;
}) {
  const { value, set } = useJobField<unknown>(p.path, p.label);
  const options = (Object.keys(p.names) as T[]).map((v): Option<T> => ({ value: v, name: p.names[v] }));
  return (
    <Choice
      label={p.label}
      name={p.path}
      value={p.value ?? (value as T)}
      options={options}
      onChoose={(v) => set(p.as ? p.as(v) : v)}
    />
  );
}

/** Three sizes of a block or a board. */
export function Block({ path, labels }: { path: string; labels: readonly [string, string, string] }) {
  return (
    <div className={css.three}>
      {labels.map((label, i) => (
        <JobNumber key={label} path={`${path}.${i}`} label={label} role="foamSize" />
      ))}
    </div>
  );
}

/** Largest size or place of anything drawn, mm. */
const FARTHEST_MM = 20_000;

/** A size or a place that is worked out of what is drawn, and moves or stretches it. */
export function Size(p: {
  label: string;
  value: number;
  least?: number;
  onValue: (mm: number) => string | null;
}) {
  const { say } = useUnits();
  const limits = { least: p.least ?? -FARTHEST_MM, most: FARTHEST_MM, over: false };
  return (
    <QuantityField
      label={p.label}
      name={p.label.toLowerCase()}
      value={Number(p.value.toFixed(3))}
      role="foamSize"
      onValue={(v) => outside(v, limits, 'foamSize', say) ?? p.onValue(v!)}
    />
  );
}
