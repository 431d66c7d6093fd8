'use client';
import { memo } from 'react';
import type { LeadStock } from '@/state/types';
import { apply } from '@/state/edit';
import { useRigStore } from '@/state/RigContext';
import { Choice } from '@/ui/Choice';
import { NumberField } from './Field';
import css from './rig.module.css';

const NONE = '';

/** What else stands in the loop: contacts, a spring or clip in series, a pair of leads out of the drawer. */
export const MoreLeads = memo(function MoreLeads({ leads }: { leads: readonly LeadStock[] }) {
  const store = useRigStore();
  const take = (id: string) => {
    const pair = leads.find((l) => l.id === id);
    if (!pair) return;
    const { areaMm2, lengthMm, contactOhm } = pair;
    const { doc, edit } = store.getState();
    edit('leads', apply(doc, { leads: { areaMm2, lengthMm, contactOhm } }));
  };
  return (
    <div className={css.fields}>
      {leads.length > 0 && (
        <Choice
          label="Leads"
          name="leads.stock"
          value={NONE}
          onChoose={take}
          options={[
            { value: NONE, name: 'take a pair from the drawer' },
            ...leads.map((l) => ({ value: l.id, name: l.name })),
          ]}
        />
      )}
      <NumberField path="leads.contactOhm" note="Clips and plugs together; 10 mΩ when clean." />
      <NumberField path="leads.seriesOhm" note="A spring or a long clip that the current runs through." />
    </div>
  );
});
