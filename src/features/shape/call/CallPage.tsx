'use client';
import { noPieces } from '@/core/words/cutters';
import { useEffect, useState } from 'react';
import type { RunEvent } from '@/core/documents/event';
import { coresOf, leftOf, nextRate } from '@/core/engine/call/batch';
import type { PlanView } from '@/core/engine/template/view';
import type { LedPass, Marks } from '@/core/engine/call/led';
import { pairPace, viewPacedBy } from '@/core/engine/call/pair';
import { keepOnDevice, keepPages } from '@/state/offline';
import { PlanProvider, usePieces, usePlan } from '@/state/PlanContext';
import { RigProvider, useDerived, useRig } from '@/state/RigContext';
import type { EventRecord, OpenRig, PlanRecord } from '@/state/types';
import { useEvents } from '@/state/useEvents';
import { usePlanned } from '@/state/usePlanned';
import { planFindingWords } from '@/core/words/plan';
import { Link } from '@/ui/Link';
import { useUnits } from '@/ui/Units';
import { After } from './After';
import { Batch } from './Batch';
import { faultWords } from '../words';
import css from './call.module.css';
import { Checks } from './Checks';
import { OwnPace } from './OwnPace';
import { Passes, type RunSoFar } from './Passes';
import { places } from '@/state/places';

/** A cut called aloud: checks, warm-up, station by station, between the passes, and what was seen afterwards. */
export function CallPage(p: {
  open: OpenRig;
  plans: readonly PlanRecord[];
  events: readonly EventRecord[];
  first: string | null;
}) {
  return (
    <RigProvider open={p.open}>
      <PlanProvider rigId={p.open.record.id} records={p.plans} first={p.first}>
        <Inside events={p.events} />
      </PlanProvider>
    </RigProvider>
  );
}

function Inside({ events }: { events: readonly EventRecord[] }) {
  const { open } = usePieces();
  const id = useRig((s) => s.id);
  useEffect(() => {
    void keepOnDevice().then(() => keepPages([window.location.pathname + window.location.search]));
  }, []);
  const none = useRig((s) => noPieces(s.doc.frame));
  return (
    <div className={css.page}>
      <p className={css.back}>
        <Link href={places.rig(id, 'cut')}>Back to the stage Cut</Link>
      </p>
      {none ? (
        <p>{none}</p>
      ) : open ? (
        <Worked events={events} />
      ) : (
        <p>There is no piece on this rig yet: plan one on its stage Shape.</p>
      )}
    </div>
  );
}

function Worked({ events }: { events: readonly EventRecord[] }) {
  const { rig } = useDerived();
  const doc = usePlan((s) => s.doc);
  const [marks, setMarks] = useState<readonly Marks[]>(NONE);
  const { view, led, fault } = usePlanned(rig, doc, marks);
  const { say } = useUnits();
  if (fault) return <p role="alert">This cannot be called: {faultWords(fault)}.</p>;
  if (!view) return <p className="dim">Working it out …</p>;
  const stop = view.findings.find((f) => f.level === 'stop');
  if (stop) {
    const w = planFindingWords(stop.code, stop.values, say);
    return (
      <section className={css.stop} role="alert">
        <h1>{w.head}</h1>
        <p>{w.text} Nothing is called until that is put right.</p>
      </section>
    );
  }
  return <Run view={view} events={events} led={led} onLed={setMarks} />;
}

type Phase = 'checks' | 'passes' | 'after';

const NONE: readonly Marks[] = [];

function Run({
  view,
  events: loaded,
  led,
  onLed,
}: {
  view: PlanView;
  events: readonly EventRecord[];
  led: readonly LedPass[];
  onLed: (marks: readonly Marks[]) => void;
}) {
  const [byFeel, leadByFeel] = useState(false);
  const rigId = useRig((s) => s.id);
  const planId = usePlan((s) => s.id);
  const { events, note } = useEvents(rigId, loaded);
  const runs = events.flatMap((e) =>
    e.event.kind === 'run' && e.event.planId === planId ? [e.event] : [],
  ) as RunEvent[];
  const cores = coresOf(view.plan.piece);
  const left = leftOf(cores, runs);
  const core = left[0] ?? cores[cores.length - 1]!;
  const [phase, setPhase] = useState<Phase>('checks');
  const [rehearsal, rehearse] = useState(true);
  const [done, setDone] = useState<RunSoFar | null>(null);
  const [told, tell] = useState<string | null>(null);
  const [knocks, listen] = useState(false);
  const own = pairPace(view, runs);
  const paced = own && viewPacedBy(view, own);
  const [wanted, takeOwn] = useState(false);
  const ownPace = wanted && !byFeel && paced !== null;
  // One left half-way goes on by the seconds it was called by.
  const key = `call:${planId}${ownPace ? ':own' : ''}`;
  const begin = (cold: boolean) => {
    rehearse(cold);
    tell(null);
    setPhase('passes');
  };
  return (
    <>
      <header className={css.head}>
        <h1>{view.plan.name || 'A piece'}</h1>
        <p>
          {core.hand} core {core.piece} of {view.plan.piece.pieces}
          {phase !== 'checks' && rehearsal && <b className={css.cold}> rehearsed cold</b>}
        </p>
      </header>
      {told && <p role="status">{told}</p>}
      {phase === 'checks' && (
        <>
          <Checks
            byFeel={byFeel}
            onByFeel={leadByFeel}
            view={view}
            storeKey={key}
            knocks={knocks}
            onKnocks={listen}
            onBegin={begin}
          >
            {own && paced && !byFeel && (
              <OwnPace
                view={view}
                paced={paced}
                pace={own}
                on={ownPace}
                led={led}
                onTake={(on) => {
                  takeOwn(on);
                  onLed(on ? own.marks : NONE);
                }}
              />
            )}
          </Checks>
          <Batch view={view} runs={runs} left={left} />
        </>
      )}
      {phase === 'passes' && (
        <Passes
          view={ownPace ? paced : view}
          rehearsal={rehearsal}
          knocks={knocks}
          byFeel={byFeel}
          rate={ownPace ? 1 : nextRate(runs)}
          storeKey={key}
          onDone={(r) => {
            setDone(r);
            onLed(r.led);
            setPhase('after');
          }}
          onStop={() => setPhase('checks')}
        />
      )}
      {phase === 'after' && done && (
        <After
          view={view}
          run={done}
          core={core}
          rehearsal={rehearsal}
          led={led}
          note={note}
          onSaved={(words) => {
            tell(words);
            takeOwn(false);
            setPhase('checks');
          }}
        />
      )}
    </>
  );
}
