'use client';
import { useMemo, useState } from 'react';
import type { Drill, LedDrill, LedTrace, PracticeRunRecord, Trace } from '@/core/documents/practice';
import { courseOf, drillsFor } from '@/core/practice/drills';
import { practiceOf } from '@/core/practice/wire';
import { DRILL_NAMES, ledOtherwise, UNFIT_WORDS } from '@/core/words/practice';
import { inWords } from '@/state/api';
import { places } from '@/state/places';
import { RigProvider, useDerived, useRig } from '@/state/RigContext';
import type { OpenRig, PlanRecord } from '@/state/types';
import { Link } from '@/ui/Link';
import { useUnits } from '@/ui/Units';
import { later } from '@/ui/later';
import { findingWords } from '@/core/words/findings';
import { usePractice } from '@/state/usePractice';
import { Bench } from './Bench';
import css from './practice.module.css';
import { KEPT, WAITS } from './words';

const Unknown = later(() => import('./Unknown').then((m) => m.Unknown));
const Core = later(() => import('./Core').then((m) => m.Core));

/** A rig's practice bench: its drills, each led on the simulated wire. */
export function PracticePage(p: {
  open: OpenRig;
  runs: readonly PracticeRunRecord[];
  plans: readonly PlanRecord[];
  first: Drill | null;
  replay: LedTrace | null;
}) {
  return (
    <RigProvider open={p.open}>
      <Inside runs={p.runs} plans={p.plans} first={p.first} replay={p.replay} />
    </RigProvider>
  );
}

function Inside(p: {
  runs: readonly PracticeRunRecord[];
  plans: readonly PlanRecord[];
  first: Drill | null;
  replay: LedTrace | null;
}) {
  const { rig: derived, reading } = useDerived();
  const { say } = useUnits();
  const stops = reading.findings
    .filter((f) => f.level === 'stop')
    .map((f) => findingWords(f.code, f.values, say).head);
  // A run is played on the rig as it was then, until a drill is chosen anew.
  const [replay, setReplay] = useState(p.replay);
  const rig = replay?.rig ?? derived;
  const id = useRig((s) => s.id);
  const drills = drillsFor(rig.frame.kind);
  const [drill, setDrill] = useState<Drill>(p.first && drills.includes(p.first) ? p.first : drills[0]!);
  const { runs, keep } = usePractice(p.runs, id);
  const fit = useMemo(() => practiceOf(rig), [rig]);
  const wire = 'wire' in fit ? fit.wire : null;
  const unfit = 'unfit' in fit ? fit.unfit : null;
  const best = (d: Drill) => Math.max(-1, ...runs.filter((r) => r.drill === d).map((r) => r.score.points));
  const kept = async (trace: Trace) => {
    const out = await keep(id, trace);
    return out.kind === 'done' ? KEPT : out.kind === 'kept' ? WAITS : `Not kept. ${inWords(out)}`;
  };
  const course = useMemo(
    () => replay?.course ?? (wire && drill !== 'core' && drill !== 'unknown' ? courseOf(drill, wire) : null),
    [wire, drill, replay],
  );
  return (
    <div className={css.page}>
      <header className={css.head}>
        <p>
          <Link href={places.rig(id)}>{rig.name || 'The rig'}</Link>
        </p>
        <h1>Practice bench</h1>
        <p className={css.dim}>
          A simulated wire, as this rig’s own would behave. <Link href={places.practice}>All practice</Link>
        </p>
      </header>
      {stops.length > 0 && (
        <p className={css.stop} role="note">
          Practice is only simulated. Nothing of this rig goes under power while this stands: {stops.join('; ')}
          .
        </p>
      )}
      <div className={css.columns}>
        <nav aria-label="Drills" className={css.drills}>
          {drills.map((d, i) => (
            <button
              key={d}
              type="button"
              aria-pressed={d === drill}
              onClick={() => (setDrill(d), setReplay(null))}
            >
              <span>
                {i + 1}. {DRILL_NAMES[d]}
              </span>
              <b className="num">{best(d) >= 0 ? best(d) : ''}</b>
              <small>{best(d) >= 0 ? 'best of 100' : 'not led yet'}</small>
            </button>
          ))}
          {ledOtherwise(rig.frame.kind) && <p className={css.note}>{ledOtherwise(rig.frame.kind)}</p>}
        </nav>
        {drill === 'unknown' && unfit !== 'cold' ? (
          <Unknown rig={rig} first={1 + runs.filter((r) => r.drill === 'unknown').length} onKeep={kept} />
        ) : !wire ? (
          <p>
            {UNFIT_WORDS[unfit!]}{' '}
            <Link href={places.rig(id, unfit === 'overstressed' ? 'tension' : 'power')}>To its stage</Link>
          </p>
        ) : drill === 'core' && !replay ? (
          <Core wire={wire} rig={rig} rigId={id} plans={p.plans} onKeep={kept} />
        ) : (
          course && (
            <Bench
              key={`${drill} ${replay !== null}`}
              wire={wire}
              course={course}
              rig={rig}
              drill={drill as LedDrill}
              replay={replay}
              onKeep={kept}
            />
          )
        )}
      </div>
    </div>
  );
}
