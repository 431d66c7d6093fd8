import type { ReactNode } from 'react';
import css from './field.module.css';

/** Yes or no. */
export function Check(p: {
  label: ReactNode;
  name?: string;
  checked: boolean;
  onChange: (on: boolean) => void;
}) {
  return (
    <label className={css.check}>
      <input type="checkbox" name={p.name} checked={p.checked} onChange={(e) => p.onChange(e.target.checked)} />
      <span>{p.label}</span>
    </label>
  );
}
