import Slider from '@mui/material/Slider';

/** A value that is slid to: by a finger, the mouse or the arrow keys. `says`: the value in words, where its number alone says nothing. */
export function Slide(p: {
  name: string;
  least: number;
  most: number;
  step?: number;
  value: number;
  says?: string;
  onValue: (value: number) => void;
}) {
  return (
    <Slider
      size="small"
      aria-label={p.name}
      min={p.least}
      max={p.most}
      step={p.step ?? 1}
      value={p.value}
      onChange={(_, value) => p.onValue(value as number)}
      {...(p.says === undefined ? {} : { 'aria-valuetext': p.says })}
    />
  );
}
