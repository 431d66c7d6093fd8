import type { ReactNode } from 'react';

/** One of a few, all of them in sight: the labels of a fieldset, each with its own explanation where one is given. */
export function Radios<T extends string>(p: {
  name: string;
  value: T | null;
  options: readonly (readonly [value: T, name: ReactNode, help?: string])[];
  onChoose: (value: T) => void;
}) {
  return p.options.map(([value, name, help]) => (
    <label key={value} title={help}>
      <input type="radio" name={p.name} checked={p.value === value} onChange={() => p.onChoose(value)} /> {name}
    </label>
  ));
}
