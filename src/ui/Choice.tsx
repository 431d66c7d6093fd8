'use client';
import InputBase from '@mui/material/InputBase';
import NativeSelect from '@mui/material/NativeSelect';
import { useId, type ReactNode } from 'react';
import type { Origin } from '@/core/documents/rig';
import { OriginMark } from './OriginMark';
import css from './field.module.css';

export interface Option<T extends string> {
  readonly value: T;
  readonly name: string;
  readonly group?: string;
}

/** One of several: with the browser's own list, so that it works with a thumb and with a keyboard. */
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
        <NativeSelect
          value={p.value}
          input={<InputBase className={css.box} />}
          inputProps={{ id, name: p.name, className: css.select }}
          onChange={(e) => p.onChoose(e.target.value as T)}
        >
          {groups.map((g) =>
            g ? (
              <optgroup key={g} label={g}>
                {list(g)}
              </optgroup>
            ) : (
              list(g)
            ),
          )}
        </NativeSelect>
        {p.note && <p className={css.note}>{p.note}</p>}
      </div>
    </div>
  );
}
