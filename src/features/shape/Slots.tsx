'use client';
import type { Template } from '@/core/documents/plan';
import { Act } from '@/ui/Act';
import { QuantityField } from '@/ui/QuantityField';
import { usePlanField } from './fields';
import css from './shape.module.css';

type Slot = Template['slots'][number];

/** Slots for spars: where along the chord, how wide and deep, in which side. */
export function Slots() {
  const slots = usePlanField<Template['slots']>('template.slots', 'slots');
  const set = (i: number, part: Partial<Slot>) =>
    slots.set(slots.value.map((s, k) => (k === i ? { ...s, ...part } : s)));
  const number = (i: number, key: 'at' | 'widthMm' | 'depthMm', label: string, role: 'share' | 'slot') => (
    <QuantityField
      label={label}
      name={`slots.${i}.${key}`}
      role={role}
      value={slots.value[i]![key]}
      onValue={(v) => (v === null ? 'must be a number' : set(i, { [key]: v }))}
    />
  );
  return (
    <>
      {slots.value.map((s, i) => (
        <fieldset key={i} className={css.end}>
          <legend>Spar slot {i + 1}</legend>
          <div className={css.three}>
            {number(i, 'at', 'At', 'share')}
            {number(i, 'widthMm', 'Wide', 'slot')}
            {number(i, 'depthMm', 'Deep', 'slot')}
          </div>
          <div className={css.pieces}>
            <select
              aria-label={`Side of slot ${i + 1}`}
              value={s.side}
              onChange={(e) => void set(i, { side: e.target.value as Slot['side'] })}
            >
              <option value="bottom">from below</option>
              <option value="top">from above</option>
            </select>
            <Act onClick={() => void slots.set(slots.value.filter((_, k) => k !== i))}>Delete</Act>
          </div>
        </fieldset>
      ))}
      {slots.value.length < 8 && (
        <p>
          <Act
            onClick={() =>
              void slots.set([...slots.value, { at: 0.3, widthMm: 6, depthMm: 4, side: 'bottom' as const }])
            }
          >
            Spar slot
          </Act>
        </p>
      )}
    </>
  );
}
