import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
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
    <FormControlLabel
      className={css.check}
      label={<span>{p.label}</span>}
      control={<Checkbox name={p.name} checked={p.checked} onChange={(e) => p.onChange(e.target.checked)} />}
    />
  );
}
