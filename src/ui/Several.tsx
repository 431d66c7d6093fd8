import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';

/** Any number of several, all of them in sight: the labels of a fieldset. What is chosen later comes after what was before. */
export function Several<T extends string>(p: {
  options: readonly (readonly [value: T, name: string])[];
  chosen: readonly T[];
  onChosen: (chosen: T[]) => void;
}) {
  return p.options.map(([value, name]) => (
    <FormControlLabel
      key={value}
      data-on={p.chosen.includes(value)}
      label={name}
      control={
        <Checkbox
          checked={p.chosen.includes(value)}
          onChange={(e) =>
            p.onChosen(e.target.checked ? [...p.chosen, value] : p.chosen.filter((x) => x !== value))
          }
        />
      }
    />
  ));
}
