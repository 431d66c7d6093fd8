'use client';
import { useMemo } from 'react';
import { advise } from '@/core/engine/advise';
import { changedSince } from '@/core/engine/oneChange';
import { SHARED_SD } from '@/core/engine/reading';
import { solve } from '@/core/engine/solve';
import { mostInformativeCut } from '@/core/engine/telling';
import { tuned } from '@/core/engine/tuned';
import { rangeText } from '@/core/units/format';
import { adviceWords } from '@/core/words/advice';
import { controlSettingText } from '@/core/words/control';
import { findingWords } from '@/core/words/findings';
import { aspectWords } from '@/core/words/oneChange';
import { apply } from '@/state/edit';
import { useRig, useRigStore } from '@/state/RigContext';
import { Act } from '@/ui/Act';
import { Term } from '@/ui/Term';
import { useUnits } from '@/ui/Units';
import css from './next.module.css';
import { useMark } from './useMark';

/** A cut that leaves more than this share of the spread is not worth its foam. Ours. */
const WORTH = 0.95;

/** The cut that would narrow the numbers most. */
function MostTelling() {
  const doc = useRig((s) => s.doc);
  const tuning = useRig((s) => s.tuning);
  const { say } = useUnits();
  const told = useMemo(() => mostInformativeCut(doc, tuning), [doc, tuning]);
  if (!told || told.after > WORTH * told.now) return null;
  const now = say(Math.hypot(told.now, SHARED_SD), 'share');
  const after = say(Math.hypot(told.after, SHARED_SD), 'share');
  return (
    <>
      {' '}
      {told.kind === 'limit'
        ? `The most informative cut: push it to the limit over ${say(told.depthMm, 'depth')}, timed`
        : `The most informative cut: lead it at ${say(told.feedMmS, 'feed')} and grade it`}
      ; feeds then stand at about ±{after}, now ±{now}.
    </>
  );
}

/** More than one thing changed since this rig's last cut: the next one could not say which did it. */
function OneAtATime() {
  const doc = useRig((s) => s.doc);
  const id = useRig((s) => s.id);
  const cuts = useRig((s) => s.cuts);
  const { say } = useUnits();
  const last = cuts.filter((c) => c.rigId === id).at(-1);
  if (!last) return null;
  const now = { setting: doc.control.setting, widthMm: doc.foam.widthMm };
  const changed = changedSince(last, doc, now);
  if (changed.length < 2) return null;
  return (
    <p className={css.changed}>
      <b>{changed.length} things changed since the last cut:</b>{' '}
      {changed.map((a) => aspectWords(a, doc.control.kind, say)).join(', ')}. Change one at a time, or the cut
      cannot say which did it.
    </p>
  );
}

/** What to set for the next cut, and why; and how far the log has narrowed the numbers. */
export function NextCut() {
  const store = useRigStore();
  const doc = useRig((s) => s.doc);
  const id = useRig((s) => s.id);
  const cuts = useRig((s) => s.cuts);
  const tuning = useRig((s) => s.tuning);

  const { say, profile } = useUnits();
  const toMark = useMark();
  const advice = useMemo(
    () =>
      advise(
        doc,
        tuning,
        // Cuts of other rigs tune the foam; what was set on them says nothing of this one's dial.
        cuts.filter((c) => c.rigId === id).map((c) => c.cut),
      ),
    [doc, tuning, cuts, id],
  );
  const { next } = advice;
  // What the meter should say is said for the setting advised, not for the one that stands.
  const reading = useMemo(
    () => next && solve(tuned({ ...doc, control: { ...doc.control, setting: next.setting } }, tuning)),
    [doc, tuning, next],
  );
  if (!next || !reading) {
    const stop = findingWords(advice.finding!.code, advice.finding!.values, say);
    return (
      <section className={css.next} aria-label="Next cut">
        <h3>Next cut</h3>
        <p className={css.reason}>
          <b>None: {stop.head}.</b> {stop.text} Mend that first; nothing is advised for a rig that must not be
          powered.
        </p>
      </section>
    );
  }
  const reason = adviceWords(
    next.why as Parameters<typeof adviceWords>[0],
    doc.control.kind,
    next.setting,
    next.feedMmS,
    say,
    toMark,
  );
  const differs =
    next.setting !== doc.control.setting || (next.feedMmS !== null && next.feedMmS !== doc.cut.feedMmS);
  const inch = profile !== 'metric';
  const stretch = inch ? 25.4 : 25;
  const take = () => {
    const patch = {
      ...(doc.control.kind === 'none' ? {} : { control: { setting: next.setting } }),
      cut: { feedMmS: next.feedMmS },
    };
    store.getState().edit('take the advice', apply(doc, patch));
  };
  const { factor, used, setAside } = advice.tuning;
  return (
    <section className={css.next} aria-label="Next cut">
      <h3>Next cut</h3>
      <dl className={css.figures}>
        {doc.control.kind !== 'none' && (
          <div>
            <dt>set</dt>
            <dd className="num">{controlSettingText(doc.control.kind, next.setting, say, toMark)}</dd>
          </div>
        )}
        <div>
          <dt>{inch ? 'an inch in' : '25 mm in'}</dt>
          <dd className="num">{next.feedMmS === null ? '–' : say(stretch / next.feedMmS, 'time')}</dd>
        </div>
        <div>
          <dt>meter reads</dt>
          <dd className="num">
            {reading.spread?.amps ? rangeText(reading.spread.amps, 'amps', profile) : '–'}
          </dd>
        </div>
      </dl>
      <p className={css.reason}>{reason}</p>
      {differs && next.feedMmS !== null && (
        <Act strong onClick={take}>
          Set it so
        </Act>
      )}
      <p className={css.tuning}>
        {used === 0 ? (
          <>
            Nothing logged for this foam and wire: feeds are known to a <Term k="spread">range</Term> of ±35 %.
          </>
        ) : (
          <>
            <Term k="tuning">Tuning</Term> from {used} cut{used === 1 ? '' : 's'}: this foam takes{' '}
            <b className="num">{factor[1].toFixed(2)}</b> times the catalogue’s heat ({factor[0].toFixed(2)}–
            {factor[2].toFixed(2)}).
            {advice.enough && ' Good enough to stop testing.'}
            {setAside.length > 0 && (
              <>
                {' '}
                {setAside.length} <Term k="setAside">set aside</Term>.
              </>
            )}
          </>
        )}
        {!advice.enough && <MostTelling />}
      </p>
      <OneAtATime />
    </section>
  );
}
