'use client';
import { type Template } from '@/core/documents/plan';
import { METHOD_KINDS, type Method } from '@/core/documents/method';
import { usePieces } from '@/state/PlanContext';
import { Choice } from '@/ui/Choice';
import { QuantityField } from '@/ui/QuantityField';
import { PlanNumber, usePlanField } from './fields';
import css from './shape.module.css';
import { METHOD_HELP, METHOD_NAMES } from './words';

const FRESH: Record<Method['kind'], Method> = {
  'two-person': { kind: 'two-person' },
  'single-pass': { kind: 'single-pass' },
  'swing-arm': { kind: 'swing-arm', tipRadiusMm: 250, maxRadiusMm: 600 },
  lever: { kind: 'lever', armMm: 600 },
  anchored: { kind: 'anchored', anchorMm: 2000 },
  'equal-pull': { kind: 'equal-pull', pullN: 1 },
  gravity: { kind: 'gravity', massG: 900, counterG: 600, frictionN: 0 },
};

const SPLITS: Partial<Record<Method['kind'], Template['split']>> = {
  'single-pass': 'outline',
  gravity: 'square',
};

/** How both ends are driven, with the numbers that way needs. */
export function MethodFields() {
  const method = usePlanField<Method>('method', 'way of driving');
  const { open } = usePieces();
  const kind = method.value.kind;
  // Some ways go with one sort of template only.
  const choose = (k: Method['kind']) => {
    const split = SPLITS[k];
    open?.store.getState().edit('way of driving', { method: FRESH[k], ...(split && { template: { split } }) });
  };
  return (
    <>
      <Choice
        label="Driven by"
        name="method.kind"
        value={kind}
        options={METHOD_KINDS.map((value) => ({ value, name: METHOD_NAMES[value] }))}
        onChoose={choose}
        note={METHOD_HELP[kind]}
      />
      <div className={css.two}>
        {kind === 'swing-arm' && (
          <>
            <MethodNumber path="tipRadiusMm" label="Tip cord clamped at" role="foamSize" />
            <MethodNumber path="maxRadiusMm" label="Arm reaches" role="foamSize" />
          </>
        )}
        {kind === 'lever' && <MethodNumber path="armMm" label="Long end’s mark at" role="foamSize" />}
        {kind === 'anchored' && <MethodNumber path="anchorMm" label="Anchor from near face" role="foamSize" />}
        {kind === 'equal-pull' && <MethodNumber path="pullN" label="Pull at each end" role="force" />}
        {kind === 'gravity' && (
          <>
            <MethodNumber path="massG" label="Bow weighs" role="mass" />
            <MethodNumber path="counterG" label="Counterweight" role="mass" />
            <MethodNumber path="frictionN" label="Guides hold back" role="force" />
          </>
        )}
        {(kind === 'two-person' || kind === 'single-pass' || kind === 'equal-pull') && (
          <PlanNumber path="bow.massG" label="Bow weighs" role="mass" />
        )}
      </div>
    </>
  );
}

/** A number of the way of driving; the way goes as a whole, so its other numbers go with it. */
function MethodNumber(p: { path: string; label: string; role: 'foamSize' | 'mass' | 'force' }) {
  const method = usePlanField<Method>('method', p.label);
  const value = (method.value as unknown as Record<string, number>)[p.path]!;
  return (
    <QuantityField
      label={p.label}
      name={`method.${p.path}`}
      role={p.role}
      value={value}
      onValue={(v) =>
        v === null ? 'must be a number' : method.set({ ...method.value, [p.path]: v } as Method)
      }
    />
  );
}
