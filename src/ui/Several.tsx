/** Any number of several, all of them in sight: the labels of a fieldset. What is chosen later comes after what was before. */
export function Several<T extends string>(p: {
  options: readonly (readonly [value: T, name: string])[];
  chosen: readonly T[];
  onChosen: (chosen: T[]) => void;
}) {
  return p.options.map(([value, name]) => (
    <label key={value} data-on={p.chosen.includes(value)}>
      <input
        type="checkbox"
        checked={p.chosen.includes(value)}
        onChange={(e) =>
          p.onChosen(e.target.checked ? [...p.chosen, value] : p.chosen.filter((x) => x !== value))
        }
      />
      {name}
    </label>
  ));
}
