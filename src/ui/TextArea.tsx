import InputBase from '@mui/material/InputBase';
import css from './field.module.css';

/** Lines of text that are typed. `label` names it where no label stands by it; `as`: figures in columns, or letters to be cut. */
export function TextArea(p: {
  value: string;
  onText: (text: string) => void;
  rows: number;
  most?: number;
  label?: string;
  id?: string;
  name?: string;
  placeholder?: string;
  describedBy?: string;
  as?: 'figures' | 'letters';
}) {
  return (
    <InputBase
      id={p.id}
      name={p.name}
      className={css.lines}
      inputComponent="textarea"
      value={p.value}
      placeholder={p.placeholder}
      slotProps={{
        input: {
          rows: p.rows,
          className: css.area,
          maxLength: p.most,
          spellCheck: !p.as,
          'data-as': p.as,
          'aria-label': p.label,
          'aria-describedby': p.describedBy,
        } as object,
      }}
      onChange={(e) => p.onText(e.target.value)}
    />
  );
}
