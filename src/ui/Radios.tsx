import FormControlLabel from '@mui/material/FormControlLabel';
import Radio from '@mui/material/Radio';
import type { ReactNode } from 'react';

/** One of a few, all of them in sight: the labels of a fieldset, each with its own explanation where one is given. */
export function Radios<T extends string>(p: {
  name: string;
  value: T | null;
  options: readonly (readonly [value: T, name: ReactNode, help?: string])[];
  onChoose: (value: T) => void;
}) {
  return p.options.map(([value, name, help]) => (
    <FormControlLabel
      key={value}
      title={help}
      label={name}
      control={<Radio name={p.name} checked={p.value === value} onChange={() => p.onChoose(value)} />}
    />
  ));
}
