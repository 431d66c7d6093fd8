import InputBase from '@mui/material/InputBase';
import css from './field.module.css';

/** A line of text that is typed, of at most so many characters. `label` names it where no label stands by it. */
export function TextLine(p: {
  value: string;
  onText: (text: string) => void;
  most?: number;
  label?: string;
  id?: string;
  name?: string;
  placeholder?: string;
  kind?: 'search' | 'date';
  numbers?: 'numeric' | 'decimal';
  figures?: boolean;
  wrong?: boolean;
  describedBy?: string;
  autoFocus?: boolean;
  onFocus?: (field: HTMLInputElement) => void;
  onBlur?: () => void;
}) {
  return (
    <InputBase
      id={p.id}
      name={p.name}
      type={p.kind ?? 'text'}
      className={css.box}
      value={p.value}
      placeholder={p.placeholder}
      autoFocus={p.autoFocus}
      autoComplete="off"
      slotProps={{
        input: {
          className: p.figures ? css.number : css.line,
          maxLength: p.most,
          inputMode: p.numbers,
          'aria-label': p.label,
          'aria-invalid': p.wrong ?? false,
          'aria-describedby': p.describedBy,
        },
      }}
      onFocus={p.onFocus && ((e) => p.onFocus!(e.target as HTMLInputElement))}
      onBlur={p.onBlur}
      onChange={(e) => p.onText(e.target.value)}
    />
  );
}
