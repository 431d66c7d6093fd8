'use client';
import { useId, type ReactNode } from 'react';
import type { Origin } from '@/core/documents/rig';
import { OriginMark } from './OriginMark';
import { Select } from './Select';
import css from './field.module.css';

export interface Option<T extends string> {
  readonly value: T;
  readonly name: string;
  readonly group?: string;
}

/** One of several, with its label and where its value is from. */
export function Choice<T extends string>(p: {
  label: ReactNode;
  name: string;
  value: T;
  options: readonly Option<T>[];
  onChoose: (value: T) => void;
  origin?: Origin | undefined;
  note?: ReactNode;
}) {
  const id = useId();
  const groups = [...new Set(p.options.map((o) => o.group))];
  const list = (group: string | undefined) =>
    p.options
      .filter((o) => o.group === group)
      .map((o) => (
        <option key={o.value} value={o.value}>
          {o.name}
        </option>
      ));
  return (
    <div className={css.row}>
      <label htmlFor={id} className={css.label}>
        {p.label}
        <OriginMark origin={p.origin} />
      </label>
      <div className={css.control}>
        <Select id={id} name={p.name} value={p.value} onChoose={p.onChoose}>
          {groups.map((g) =>
            g ? (
              <optgroup key={g} label={g}>
                {list(g)}
              </optgroup>
            ) : (
              list(g)
            ),
          )}
        </Select>
        {p.note && <p className={css.note}>{p.note}</p>}
      </div>
    </div>
  );
}
