'use client';
import InputBase from '@mui/material/InputBase';
import { memo, useId, useState, type ReactNode } from 'react';
import type { Origin } from '@/core/documents/rig';
import { asTyped } from '@/core/units/format';
import { parseQuantity } from '@/core/units/parse';
import { unitFor, type Profile, type Role } from '@/core/units/profile';
import { OriginMark } from './OriginMark';
import { useUnits } from './Units';
import css from './field.module.css';

export interface QuantityFieldProps {
  readonly label: ReactNode;
  readonly name: string;
  readonly value: number | null;
  readonly role: Role;
  /** Takes a value in the document's unit; answers with the rule that refuses it, or null. */
  readonly onValue: (value: number | null) => string | null;
  /** Empty means null; what an empty field stands for. */
  readonly whenEmpty?: string;
  readonly origin?: Origin | undefined;
  readonly note?: ReactNode;
  readonly action?: ReactNode;
}

function written(value: number | null, role: Role, profile: Profile): string {
  if (value === null) return '';
  const shown = asTyped(value, role, profile);
  const own = unitFor(role, profile).symbol;
  return shown.unit === own ? shown.figures : `${shown.figures} ${shown.unit}`;
}

/** What a person is typing: the text, the rule that refuses it, and the value it was typed over. */
interface Typing {
  readonly text: string;
  readonly rule: string | null;
  readonly sent: number | null;
}

/**
 * A number with its unit. What a person types is read at each key; a legal value is taken at once, an illegal one stays
 * in the field with its rule beside it and the last legal value stays in force.
 */
export const QuantityField = memo(function QuantityField(p: QuantityFieldProps) {
  const { profile } = useUnits();
  const id = useId();
  const [typing, setTyping] = useState<Typing | null>(null);
  // A value changed from elsewhere (undo, a fix, the dial) puts the field's own text aside, in the same painting.
  if (typing && typing.sent !== p.value) setTyping(null);
  const own = typing && typing.sent === p.value ? typing : null;
  const text = own?.text ?? written(p.value, p.role, profile);
  const rule = own?.rule ?? null;

  const take = (typed: string) => {
    const keep = (rule: string | null, sent = p.value) => setTyping({ text: typed, rule, sent });
    const commit = (value: number | null) => {
      const refused = p.onValue(value);
      keep(refused, refused ? p.value : value);
    };
    if (typed.trim() === '' && p.whenEmpty !== undefined) return commit(null);
    const parsed = parseQuantity(typed, p.role, profile);
    if (!parsed.ok) return keep(parsed.rule);
    commit(parsed.value);
  };
  const unit = unitFor(p.role, profile).symbol;
  return (
    <div className={css.row}>
      <label htmlFor={id} className={css.label}>
        {p.label}
        <OriginMark origin={p.origin} />
      </label>
      <div className={css.control}>
        <InputBase
          id={id}
          name={p.name}
          className={css.box}
          value={text}
          error={rule !== null}
          placeholder={p.whenEmpty ?? ''}
          autoComplete="off"
          slotProps={{
            input: {
              className: css.number,
              spellCheck: false,
              'aria-describedby': rule !== null ? `${id}r` : p.note ? `${id}n` : undefined,
            },
          }}
          onFocus={(e) => (e.target as HTMLInputElement).select()}
          onBlur={() => rule === null && setTyping(null)}
          onChange={(e) => take(e.target.value)}
          endAdornment={
            <>
              <span className={css.unit} data-words={/^[^\d]+$/.test(p.whenEmpty ?? '')}>
                {unit}
              </span>
              {p.action}
            </>
          }
        />
        {rule !== null ? (
          <p id={`${id}r`} className={css.rule} role="alert">
            {rule}
          </p>
        ) : (
          p.note && (
            <p id={`${id}n`} className={css.note}>
              {p.note}
            </p>
          )
        )}
      </div>
    </div>
  );
});
