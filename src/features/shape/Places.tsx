'use client';
import type { ReactNode } from 'react';
import type { Role } from '@/core/units/profile';
import { Act } from '@/ui/Act';
import { QuantityField } from '@/ui/QuantityField';
import { usePlanField } from './fields';
import box from '@/ui/sectionEnd.module.css';
import { Select } from '@/ui/Select';
import css from './shape.module.css';

/** How many of one kind a plan may hold. */
const MOST = 8;

/** A list of places in a plan, each by three numbers and a choice: spar slots, dowel holes. `path` is where the plan keeps it. */
export function Places<T extends object, K extends keyof T & string>(p: {
  path: string;
  name: string;
  numbers: readonly (readonly [keyof T & string, string, Role])[];
  choice: { readonly key: K; readonly label: string; readonly options: Readonly<Record<string, string>> };
  fresh: T;
}): ReactNode {
  const list = usePlanField<readonly T[]>(p.path, p.name.toLowerCase());
  const set = (i: number, part: object) =>
    list.set(list.value.map((s, k) => (k === i ? { ...s, ...part } : s)));
  const short = p.path.split('.').at(-1)!;
  return (
    <>
      {list.value.map((one, i) => (
        <fieldset key={i} className={box.end}>
          <legend>
            {p.name} {i + 1}
          </legend>
          <div className={css.three}>
            {p.numbers.map(([key, label, role]) => (
              <QuantityField
                key={key}
                label={label}
                name={`${short}.${i}.${key}`}
                role={role}
                value={one[key] as number}
                onValue={(v) => (v === null ? 'must be a number' : set(i, { [key]: v }))}
              />
            ))}
          </div>
          <div className={css.pieces}>
            <Select
              label={`${p.choice.label} ${i + 1}`}
              value={one[p.choice.key] as string}
              options={Object.entries(p.choice.options)}
              onChoose={(value) => void set(i, { [p.choice.key]: value })}
            />
            <Act onClick={() => void list.set(list.value.filter((_, k) => k !== i))}>Delete</Act>
          </div>
        </fieldset>
      ))}
      {list.value.length < MOST && (
        <p>
          <Act onClick={() => void list.set([...list.value, p.fresh])}>{p.name}</Act>
        </p>
      )}
    </>
  );
}
