'use client';
import { densityOfType, strengthAt, TYPES, type ClassedFoam } from '@/core/engine/foamClass';
import { apply } from '@/state/edit';
import { useRigStore } from '@/state/RigContext';
import { Choice } from '@/ui/Choice';
import { useUnits } from '@/ui/Units';

const NONE = '';

/** A board whose label gives its strength instead of its density: the density of that class, with its range. */
export function FoamClass({ kind }: { kind: ClassedFoam }) {
  const store = useRigStore();
  const { say } = useUnits();
  const options = Object.keys(TYPES[kind]).map((type) => {
    const d = densityOfType(kind, type)!;
    return {
      value: type,
      name: `Type ${type}, ${Math.round(strengthAt(kind, d.low))} kPa: ${say(d.low, 'density')} to ${say(d.high, 'density')}`,
    };
  });
  const take = (type: string) => {
    const d = densityOfType(kind, type);
    if (!d) return;
    const { doc, edit } = store.getState();
    edit(
      'density by strength class',
      apply(doc, { foam: { densityKgM3: d.densityKgM3 }, from: { 'foam.densityKgM3': 'label' } }),
    );
  };
  return (
    <Choice
      label="Strength class"
      name="foam.class"
      value={NONE}
      onChoose={take}
      options={[{ value: NONE, name: 'by its label, ASTM C578' }, ...options]}
    />
  );
}
