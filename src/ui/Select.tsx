'use client';
import InputBase from '@mui/material/InputBase';
import NativeSelect from '@mui/material/NativeSelect';
import type { ReactNode } from 'react';
import css from './field.module.css';

/**
 * One of several: with the browser's own list, so that it works with a thumb and with a keyboard. As high as its `--tall` says. `options` are values
 * with what they are called; what wants groups gives them as children.
 */
export function Select<T extends string>(p: {
  label?: string;
  id?: string;
  name?: string;
  value: T;
  options?: readonly (readonly [T, string])[];
  /** What stands there before anything was chosen. */
  unchosen?: string;
  onChoose: (value: T) => void;
  children?: ReactNode;
}) {
  return (
    <NativeSelect
      value={p.value}
      input={<InputBase className={css.box} />}
      inputProps={{ id: p.id, name: p.name, 'aria-label': p.label, className: css.select }}
      onChange={(e) => p.onChoose(e.target.value as T)}
    >
      {p.unchosen !== undefined && (
        <option value="" disabled>
          {p.unchosen}
        </option>
      )}
      {p.options?.map(([value, name]) => (
        <option key={value} value={value}>
          {name}
        </option>
      ))}
      {p.children}
    </NativeSelect>
  );
}
