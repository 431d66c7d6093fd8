'use client';
import type { ControlKind } from '@/core/documents/control';
import type { ControlStock } from '@/state/types';
import { Check } from '@/ui/Check';
import { Choice } from '@/ui/Choice';
import { RangeField, stockLimits, type Put } from './fields';
import { CONTROL_WORDS } from './names';

type Of<T> = Omit<T, 'id' | 'demo'>;

/** What somebody has, or has only seen and what it costs. */
export function HaveFields({
  f,
  put,
}: {
  f: { have: boolean; price: number | null };
  put: Put<{ have: boolean; price: number | null }>;
}) {
  return (
    <>
      <Check label="I have it" checked={f.have} onChange={(have) => put({ have })} />
      {!f.have && (
        <RangeField
          label="Price"
          name="price"
          value={f.price}
          role="count"
          limits={stockLimits('supplies', 'price')}
          whenEmpty="not known"
          onTake={(price) => put({ price })}
        />
      )}
    </>
  );
}

const LOOSE: readonly ControlKind[] = ['pwm', 'buck', 'phase', 'scale', 'hold-ohm'];

export function ControlFields({ f, put }: { f: Of<ControlStock>; put: Put<ControlStock> }) {
  const set = (part: Partial<ControlStock['control']>) => put({ control: { ...f.control, ...part } });
  return (
    <>
      <Choice
        label="Kind"
        name="kind"
        value={f.control.kind}
        onChoose={(kind) => set({ kind })}
        options={LOOSE.map((k) => ({ value: k, name: CONTROL_WORDS[k] }))}
      />
      <RangeField
        label="Rated current"
        name="ratedAmps"
        value={f.control.ratedAmps}
        role="amps"
        limits={stockLimits('controls', 'control.ratedAmps')}
        whenEmpty="not known"
        onTake={(ratedAmps) => set({ ratedAmps })}
        note="Cheap ones carry half of what they say."
      />
      <RangeField
        label="Watts"
        name="ratedWatts"
        value={f.control.ratedWatts}
        role="watts"
        limits={stockLimits('controls', 'control.ratedWatts')}
        whenEmpty="not known"
        onTake={(ratedWatts) => set({ ratedWatts })}
      />
      {(f.control.kind === 'pwm' || f.control.kind === 'hold-ohm') && (
        <RangeField
          label="Pulses a second"
          name="frequencyHz"
          value={f.control.frequencyHz}
          role="count"
          limits={stockLimits('controls', 'control.frequencyHz')}
          onTake={(v) => set({ frequencyHz: v! })}
        />
      )}
      <RangeField
        label="Steps of dial"
        name="steps"
        value={f.control.steps}
        role="count"
        limits={stockLimits('controls', 'control.steps')}
        whenEmpty="fine"
        onTake={(v) => set({ steps: v === null ? null : Math.round(v) })}
      />
      <HaveFields f={f} put={put} />
    </>
  );
}
