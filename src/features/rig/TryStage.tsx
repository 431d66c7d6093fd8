'use client';
import { faultSentence } from '@/core/words/rigFields';
import Button from '@mui/material/Button';
import dynamic from 'next/dynamic';
import { memo, useState } from 'react';
import { GRADES, loggedCutSchema, type Grade, type LoggedCut, type Seen } from '@/core/documents/log';
import { faultsOf } from '@/core/documents/faults';
import { SETTING_ROLE } from '@/core/words/control';
import type { Role } from '@/core/units/profile';
import { inWords } from '@/state/api';
import { useRig, useRigStore } from '@/state/RigContext';
import { Check } from '@/ui/Check';
import { QuantityField } from '@/ui/QuantityField';
import { Term } from '@/ui/Term';
import { useUnits } from '@/ui/Units';
import { SeenChips } from './SeenChips';
import { Stored } from './Stored';
import css from './try.module.css';
import { GRADE_HELP, GRADE_WORDS, SETTING_NAMES } from './words';

const Stopwatch = dynamic(() => import('./Stopwatch').then((m) => m.Stopwatch), { ssr: false });

interface Draft {
  setting: number | null;
  amps: number | null;
  volts: number | null;
  voltsAt: 'display' | 'clips';
  widthMm: number | null;
  depthMm: number | null;
  seconds: number | null;
  kerfMm: number | null;
  timedFrom: 'touch' | 'in-foam';
  limit: boolean;
  grade: Grade | null;
  seen: Seen[];
  note: string;
  marks: { mm: number; s: number }[] | undefined;
}

const LIMITS: Partial<Record<keyof Draft, readonly [number, number]>> = {
  amps: [0, 500],
  volts: [0, 500],
  widthMm: [1, 20000],
  depthMm: [0.1, 20000],
  seconds: [0.05, 100000],
  kerfMm: [0.01, 100],
};

/** Log a test cut: what was set, how deep, how long, what was seen. */
export const TryStage = memo(function TryStage({ onLogged }: { onLogged: (words: string) => void }) {
  const store = useRigStore();
  const doc = useRig((s) => s.doc);
  const { say } = useUnits();
  const fresh = (): Draft => ({
    setting: doc.control.setting,
    amps: null,
    volts: null,
    voltsAt: 'display',
    widthMm: doc.foam.widthMm,
    depthMm: 50,
    seconds: null,
    kerfMm: null,
    timedFrom: 'touch',
    limit: false,
    grade: null,
    seen: [],
    note: '',
    marks: undefined,
  });
  const [draft, setDraft] = useState<Draft>(fresh);
  const [settingTouched, setTouched] = useState(false);
  const [fault, setFault] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const [timing, setTiming] = useState(false);
  const role = SETTING_ROLE[doc.control.kind];
  const put = <K extends keyof Draft>(key: K, value: Draft[K]) => setDraft((d) => ({ ...d, [key]: value }));
  const number =
    (key: 'amps' | 'volts' | 'widthMm' | 'depthMm' | 'seconds' | 'kerfMm', as: Role) =>
    (value: number | null) => {
      const [lo, hi] = LIMITS[key]!;
      if (value !== null && !(value >= lo && value <= hi && value > 0))
        return `must lie between ${say(lo, as)} and ${say(hi, as)}`;
      // A depth or time typed over the stopwatch's own makes its marks those of another cut.
      setDraft((d) => ({
        ...d,
        [key]: value,
        marks: key === 'depthMm' || key === 'seconds' ? undefined : d.marks,
      }));
      return null;
    };
  const setting = settingTouched ? draft.setting : doc.control.setting;
  const log = async () => {
    if (draft.grade === null && !draft.limit)
      return setFault('Say how it cut: too cold, good or too hot, or that it was pushed to the limit.');
    if (draft.seconds === null) return setFault('Give the seconds: without a time a cut says nothing of feed.');
    const { voltsAt, marks, ...cut } = draft;
    const where = cut.volts === null ? {} : { voltsAt };
    const parsed = loggedCutSchema.safeParse({
      ...cut,
      ...where,
      ...(marks ? { marks } : {}),
      setting,
      at: new Date().toISOString(),
    });
    if (!parsed.success) return setFault(faultsOf(parsed.error).map(faultSentence).join('; '));
    setFault(null);
    setBusy(true);
    const answer = await store.getState().logCut(parsed.data satisfies LoggedCut);
    setBusy(false);
    if (answer.kind !== 'done') return setFault(`Not logged: ${inWords(answer)}`);
    onLogged(
      answer.data.counts
        ? 'Logged. The range is narrower now.'
        : 'Logged. The model has no window at that setting, so this cut does not count.',
    );
    setDraft(fresh());
    setTouched(false);
  };
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
              setTouched(true);
              put('setting', v);
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
            onChange={(v) => put('limit', v)}
          />
        </div>
      </div>
      <Stored {...draft} setting={setting} />
      {timing && (
        <Stopwatch
          onClose={() => setTiming(false)}
          onTaken={(t) =>
            setDraft((d) => ({
              ...d,
              depthMm: t.depthMm,
              seconds: t.seconds,
              timedFrom: t.timedFrom,
              marks: [...t.marks],
            }))
          }
        />
      )}
      {draft.volts !== null && (
        <fieldset className={css.set}>
          <legend>Voltage read at</legend>
          {(['display', 'clips'] as const).map((v) => (
            <label key={v}>
              <input
                type="radio"
                name="voltsAt"
                checked={draft.voltsAt === v}
                onChange={() => put('voltsAt', v)}
              />
              {v === 'display' ? 'the supply’s display' : 'the clips'}
            </label>
          ))}
        </fieldset>
      )}
      <fieldset className={css.set}>
        <legend>Timed from</legend>
        {(['touch', 'in-foam'] as const).map((v) => (
          <label key={v}>
            <input
              type="radio"
              name="timedFrom"
              checked={draft.timedFrom === v}
              onChange={() => put('timedFrom', v)}
            />
            {v === 'touch' ? 'the touch' : 'inside'}
          </label>
        ))}
        <button type="button" className="quiet" onClick={() => setTiming(true)}>
          stopwatch
        </button>
        {draft.marks && <span>{draft.marks.length} marks timed</span>}
      </fieldset>
      <fieldset className={css.set}>
        <legend>It cut</legend>
        {GRADES.map((g) => (
          <label key={g} title={GRADE_HELP[g]}>
            <input type="radio" name="grade" checked={draft.grade === g} onChange={() => put('grade', g)} />
            {GRADE_WORDS[g]}
          </label>
        ))}
        {draft.grade && <p className={css.help}>{GRADE_HELP[draft.grade]}</p>}
      </fieldset>
      <SeenChips seen={draft.seen} onSeen={(seen) => put('seen', seen)} />
      {fault && (
        <p role="alert" className={css.fault}>
          {fault}
        </p>
      )}
      <div className={css.last}>
        <label className={css.note}>
          <span className="hidden-visually">Note</span>
          <input
            value={draft.note}
            placeholder="Note"
            maxLength={2000}
            onChange={(e) => put('note', e.target.value)}
          />
        </label>
        <Button variant="contained" disabled={busy} onClick={() => void log()} className={css.log}>
          {busy ? 'Logging …' : 'Log this cut'}
        </Button>
      </div>
    </div>
  );
});
