'use client';
import { useState } from 'react';
import { builtAs } from '@/core/documents/jobKinds';
import { noBuild } from '@/core/words/cutters';
import { JobProvider, useJob, useJobs } from '@/state/JobContext';
import { places } from '@/state/places';
import { RigProvider, useDerived, useRig } from '@/state/RigContext';
import type { JobRecord, OpenRig } from '@/state/types';
import { useWorksheet } from '@/state/useWorksheet';
import { Act } from '@/ui/Act';
import { Link } from '@/ui/Link';
import { Drawing } from '../Drawing';
import { Figures } from '../Figures';
import { JobFindings } from '../JobFindings';
import { Prints } from '../JobStages';
import { Import, More, Saving } from '../JobPicker';
import { newBuild } from '../newJob';
import { Steps } from '../Steps';
import { BUILD_WORDS } from '../words';
import { BuildFields } from './BuildFields';
import css from './build.module.css';
import { Materials } from './Materials';

const isBuild = (doc: JobRecord['doc']) => doc.kind === 'build';

/** Building the cutter of a rig: its sizes, what follows of them, and the list of parts. */
export function BuildPage({ open, jobs }: { open: OpenRig; jobs: readonly JobRecord[] }) {
  return (
    <RigProvider open={open}>
      <JobProvider rigId={open.record.id} records={jobs} only={isBuild}>
        <Inside />
      </JobProvider>
    </RigProvider>
  );
}

function Inside() {
  const id = useRig((s) => s.id);
  const name = useRig((s) => s.doc.name);
  const none = useRig((s) => noBuild(s.doc.frame));
  const { open } = useJobs();
  return (
    <div className={css.page}>
      <header className={css.head}>
        <p className={css.back}>
          <Link href={places.rig(id, 'cutter')}>{name || 'The rig'}</Link>
        </p>
        <h1>Building the cutter</h1>
      </header>
      {none ? <p>{none}</p> : open ? <Planned key={open.store.getState().id} /> : <First />}
    </div>
  );
}

function First() {
  const { add } = useJobs();
  const rig = useRig((s) => s.doc);
  const [fault, setFault] = useState<string | null>(null);
  const as = builtAs(rig.frame);
  return (
    as && (
      <>
        <p>{BUILD_WORDS}</p>
        <Act strong onClick={async () => setFault(await add(newBuild(as, rig)))}>
          Choose the sizes
        </Act>{' '}
        <Import what="built" onFault={setFault} />
        {fault && <p role="alert">{fault}</p>}
      </>
    )
  );
}

/** What was planned for another kind of cutter is thrown away or left; it is never shown as this one's. */
function Planned() {
  const { rig } = useDerived();
  const doc = useJob((s) => s.doc);
  const id = useJob((s) => s.id);
  const { drop } = useJobs();
  const [fault, setFault] = useState<string | null>(null);
  if (doc.kind !== 'build' || doc.of.kind !== builtAs(rig.frame))
    return (
      <>
        <p>These sizes were chosen while the rig was another kind of cutter.</p>
        <Act strong onClick={async () => setFault(await drop(id))}>
          Drop them and choose anew
        </Act>
        {fault && <p role="alert">{fault}</p>}
      </>
    );
  return <Sheet />;
}

function Sheet() {
  const { rig } = useDerived();
  const doc = useJob((s) => s.doc);
  const { sheet, fault, stale } = useWorksheet(rig, doc);
  const [refused, setRefused] = useState<string | null>(null);
  return (
    <div className={css.cols}>
      <section className={css.side} aria-label="Sizes">
        <More onFault={setRefused} />
        {refused && <p role="alert">{refused}</p>}
        <Saving />
        <BuildFields />
        {sheet && sheet.steps.length > 0 && <Prints />}
      </section>
      <div className={css.main}>
        {fault && <p role="alert">This cannot be worked out: {fault}.</p>}
        {!sheet && !fault && <p className="dim">Working it out …</p>}
        {sheet && (
          <div data-stale={stale}>
            <div className={css.two}>
              <div>
                <Drawing job={doc} sheet={sheet} />
                <Figures sheet={sheet} />
              </div>
              <section aria-label="What to do">
                <h2>What to do</h2>
                <JobFindings findings={sheet.findings} most={4} />
              </section>
            </div>
            <h2>Parts</h2>
            <Materials sheet={sheet} />
            <h2>Putting it together</h2>
            <Steps sheet={sheet} whole />
          </div>
        )}
      </div>
    </div>
  );
}
