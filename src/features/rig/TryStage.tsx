'use client';
import { outside } from '@/core/words/limits';
import { faultSentence } from '@/core/words/rigFields';
import Button from '@mui/material/Button';
import { memo, useEffect, useState } from 'react';
import { limitsOf } from '@/core/documents/fieldPath';
import { GRADES, loggedCutSchema } from '@/core/documents/log';
import { SETTING_ROLE } from '@/core/words/control';
import type { Role } from '@/core/units/profile';
import { inWords, KEPT } from '@/state/api';
import { places } from '@/state/places';
import { useRig, useRigStore } from '@/state/RigContext';
import { Check } from '@/ui/Check';
import { Link } from '@/ui/Link';
import { QuantityField } from '@/ui/QuantityField';
import { Term } from '@/ui/Term';
import { useUnits } from '@/ui/Units';
import { useSchemaForm, type FormFault } from '@/ui/useSchemaForm';
import { Radios } from '@/ui/Radios';
import { SeenChips } from './SeenChips';
import { Stored } from './Stored';
import { cutForm, freshCut } from './testCut.view';
import { TextLine } from '@/ui/TextLine';
import { later } from '@/ui/later';
import css from './try.module.css';
import { GRADE_WORDS } from '@/core/words/cuts';
import { GRADE_HELP } from '@/core/words/cutsHelp';
import { SETTING_NAMES } from './words';

const stopwatch = () => import('./Stopwatch').then((m) => m.Stopwatch);
const Stopwatch = later(stopwatch);

/** Log a test cut: what was set, how deep, how long, what was seen. */
export const TryStage = memo(function TryStage({ onLogged }: { onLogged: (words: string) => void }) {
  const store = useRigStore();
  const doc = useRig((s) => s.doc);
  const id = useRig((s) => s.id);
  const { say } = useUnits();
  const [refused, setRefused] = useState<string | null>(null);
  const [timing, setTiming] = useState(false);
  // At the bench the network may be gone when it is wanted.
  useEffect(() => void stopwatch(), []);
  const form = useSchemaForm(cutForm, freshCut(doc), async (cut) => {
    setRefused(null);
    const answer = await store.getState().logCut(cut);
    if (answer.kind !== 'done' && answer.kind !== 'kept') return setRefused(`Not logged: ${inWords(answer)}`);
    onLogged(
      answer.kind === 'kept'
        ? KEPT
        : answer.data.counts
          ? 'Logged. The range is narrower now.'
          : 'Logged. The model has no window at that setting, so this cut does not count.',
    );
    form.begin(freshCut(store.getState().doc));
  });
  const { values: draft, put, busy } = form;
  const role = SETTING_ROLE[doc.control.kind];
  const number =
    (key: 'amps' | 'volts' | 'widthMm' | 'depthMm' | 'seconds' | 'kerfMm', as: Role) =>
    (value: number | null) => {
      const rule = value === null ? null : outside(value, limitsOf(loggedCutSchema, key)!, as, say);
      if (rule) return rule;
      // A depth or time typed over the stopwatch's own makes its marks those of another cut.
      put({ [key]: value, ...(key === 'depthMm' || key === 'seconds' ? { marks: undefined } : {}) });
      return null;
    };
  // Until it is touched here, the setting is the one that stands on the dial.
  const setting = form.touched('setting') ? draft.setting : doc.control.setting;
  const log = () => {
    if (!form.touched('setting')) put({ setting }, false);
    return form.send();
  };
  const own = (f: FormFault) => (/[.]$/.test(f.message) ? f.message : faultSentence(f));
  const fault = form.faults.map(own).join(' ') || refused;
  return (
    <div className={css.form}>
      <div className={css.pair}>
        {role && (
          <QuantityField
            label={SETTING_NAMES[doc.control.kind]}
            name="cut.setting"
            value={setting}
            role={role}
            onValue={(v) => {
              put({ setting: v });
              return null;
            }}
          />
        )}
        <QuantityField
          label="Width"
          name="cut.widthMm"
          value={draft.widthMm}
          role="foamSize"
          onValue={number('widthMm', 'foamSize')}
        />
        <QuantityField
          label="Depth cut"
          name="cut.depthMm"
          value={draft.depthMm}
          role="depth"
          onValue={number('depthMm', 'depth')}
        />
        <QuantityField
          label="Seconds"
          name="cut.seconds"
          value={draft.seconds}
          role="time"
          whenEmpty="timed"
          onValue={number('seconds', 'time')}
        />
        <QuantityField
          label="Meter, current"
          name="cut.amps"
          value={draft.amps}
          role="amps"
          whenEmpty="if read"
          onValue={number('amps', 'amps')}
        />
        <QuantityField
          label="Meter, voltage"
          name="cut.volts"
          value={draft.volts}
          role="volts"
          whenEmpty="if read"
          onValue={number('volts', 'volts')}
        />
        <QuantityField
          label="Kerf"
          name="cut.kerfMm"
          value={draft.kerfMm}
          role="slot"
          whenEmpty="if seen"
          onValue={number('kerfMm', 'slot')}
        />
        <div className={css.limit}>
          <Check
            label={
              <>
                As fast as the wire went before it bent: <Term k="limitCut">the limit</Term>
              </>
            }
            checked={draft.limit}
            onChange={(v) => put({ limit: v })}
          />
        </div>
      </div>
      <Stored {...draft} setting={setting} />
      {timing && (
        <Stopwatch
          onClose={() => setTiming(false)}
          onTaken={({ depthMm, seconds, timedFrom, marks }) =>
            put({ depthMm, seconds, timedFrom, marks: [...marks] })
          }
        />
      )}
      {draft.volts !== null && (
        <fieldset className={css.set}>
          <legend>Voltage read at</legend>
          <Radios
            name="voltsAt"
            value={draft.voltsAt}
            options={[
              ['display', 'the supply’s display'],
              ['clips', 'the clips'],
            ]}
            onChoose={(voltsAt) => put({ voltsAt })}
          />
        </fieldset>
      )}
      <fieldset className={css.set}>
        <legend>Timed from</legend>
        <Radios
          name="timedFrom"
          value={draft.timedFrom}
          options={[
            ['touch', 'the touch'],
            ['in-foam', 'inside'],
          ]}
          onChoose={(timedFrom) => put({ timedFrom })}
        />
        <button type="button" className="quiet" onClick={() => setTiming(true)}>
          stopwatch
        </button>
        {draft.marks && <span>{draft.marks.length} marks timed</span>}
      </fieldset>
      <fieldset className={css.set}>
        <legend>It cut</legend>
        <Radios
          name="grade"
          value={draft.grade}
          options={GRADES.map((g) => [g, GRADE_WORDS[g], GRADE_HELP[g]] as const)}
          onChoose={(grade) => put({ grade })}
        />
        {draft.grade && <p className={css.help}>{GRADE_HELP[draft.grade]}</p>}
      </fieldset>
      <SeenChips seen={draft.seen} onSeen={(seen) => put({ seen })} />
      {fault && (
        <p role="alert" className={css.fault}>
          {fault}
        </p>
      )}
      <div className={css.last}>
        <label className={css.note}>
          <span className="hidden-visually">Note</span>
          <TextLine value={draft.note} placeholder="Note" most={2000} onText={(note) => put({ note })} />
        </label>
        <Button variant="contained" disabled={busy} onClick={() => void log()} className={css.log}>
          {busy ? 'Logging …' : 'Log this cut'}
        </Button>
      </div>
      {doc.frame.kind === 'gantry' && (
        <p>
          <Link href={places.rig(id, 'job')}>Several cuts in one program: a test comb</Link>
        </p>
      )}
    </div>
  );
});
