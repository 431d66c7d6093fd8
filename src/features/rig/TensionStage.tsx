'use client';
import { memo, useState } from 'react';
import type { Rig } from '@/core/documents/rig';
import { apply } from '@/state/edit';
import { useRig, useRigStore } from '@/state/RigContext';
import { Check } from '@/ui/Check';
import { Choice } from '@/ui/Choice';
import { Term } from '@/ui/Term';
import { later } from '@/ui/later';
import { ChoiceField, NumberField, optionsOf } from './Field';
import css from './rig.module.css';
import { useField } from './useField';
import { TENSION_NAMES } from './stageWords';

const TakeUpDialog = later(() => import('./TakeUpDialog').then((m) => m.TakeUpDialog));

type Kind = Rig['tension']['kind'];
/** What a springy frame gives until it was squeezed, N/mm. Ours. */
const PLAIN_FRAME = 2;
const WHEN = { cold: 'cold', hot: 'hot, at the working heat' } as const;
const TAKE_UP = <Term k="takeUp">Held tight by</Term>;
const LAG = <Term k="lag">Max wire lag</Term>;

/** Tension: what holds the wire tight, how hard, and how far its middle may lag. */
export const TensionStage = memo(function TensionStage() {
  const store = useRigStore();
  const kind = useRig((s) => s.doc.tension.kind);
  const arms = useRig((s) => s.doc.frame.arms !== undefined);
  const bow = useRig((s) => s.doc.frame.kind.endsWith('bow'));
  const drawn = useRig((s) => Boolean(s.doc.tension.springs ?? s.doc.tension.rubber ?? s.doc.tension.guide));
  const carries = useField<boolean>('tension.carriesCurrent', 'spring in the circuit');
  const [shown, show] = useState<'takeUp' | 'arms' | 'frame' | null>(null);
  const choose = (next: Kind) => {
    const { doc, edit } = store.getState();
    const flex =
      next === 'flex' && doc.tension.frameNPerMm === null
        ? {
            tension: { kind: next, frameNPerMm: PLAIN_FRAME },
            from: { 'tension.frameNPerMm': 'assumed' },
          }
        : { tension: { kind: next } };
    edit('held tight by', apply(doc, flex));
  };
  const spring = kind === 'spring';
  return (
    <>
      <Choice
        label={TAKE_UP}
        name="tension.kind"
        value={kind}
        onChoose={choose}
        options={optionsOf(TENSION_NAMES)}
      />
      <NumberField
        path="tension.setN"
        label={kind === 'weight' ? 'Weight hung' : 'Tension'}
        whenEmpty="30 % of its strength"
        note={kind === 'weight' ? 'Type 5 kg or 11 lb as well.' : undefined}
      />
      {kind !== 'weight' && <ChoiceField path="tension.setWhen" options={optionsOf(WHEN)} />}
      {(spring || kind === 'rubber') && (
        <div className={css.pair}>
          <NumberField path="tension.springNPerMm" whenEmpty={drawn ? 'from its drawing' : 'not measured'} />
          <NumberField path="tension.springMaxN" whenEmpty="not known" />
          <NumberField path="tension.initialN" whenEmpty="at once" />
          <NumberField path="tension.travelMm" whenEmpty="not known" />
        </div>
      )}
      <NumberField
        path="tension.frameNPerMm"
        {...(kind === 'flex' ? {} : { whenEmpty: 'stiff' })}
        note={kind === 'flex' ? 'Squeeze it 10 mm with a luggage scale.' : undefined}
      />
      <div className={css.pair}>
        <NumberField path="cut.lagLimitMm" name={LAG} />
        <NumberField path="cut.lagSeenMm" whenEmpty="not measured" />
      </div>
      {spring && (
        <Check label="Current in the spring" checked={carries.value} onChange={(on) => carries.set(on)} />
      )}
      <p>
        {(spring || kind === 'rubber' || kind === 'weight') && (
          <button type="button" className="quiet" onClick={() => show('takeUp')}>
            {DRAWN[kind]}
            {drawn ? ' (known)' : ' …'}
          </button>
        )}{' '}
        {bow && (
          <button type="button" className="quiet" onClick={() => show('frame')}>
            the frame from its sizes …
          </button>
        )}{' '}
        {bow && (
          <button type="button" className="quiet" onClick={() => show('arms')}>
            arms and bar of the bow{arms ? ' (known)' : ' …'}
          </button>
        )}
      </p>
      {shown && <TakeUpDialog what={shown} onClose={() => show(null)} />}
    </>
  );
});

const DRAWN = {
  spring: 'the spring from its drawing',
  rubber: 'the rubber as measured',
  weight: 'the guide of its cord',
  flex: '',
  fixed: '',
} as const;
