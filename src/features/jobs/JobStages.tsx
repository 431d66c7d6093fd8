'use client';
import { useContext, useEffect } from 'react';
import { useStore } from 'zustand';
import { isTowerKind } from '@/core/documents/towerJobs';
import type { OwnJob } from '@/core/documents/job';
import { JOB_NAMES } from '@/core/words/jobNames';
import { KeptJobsContext } from '@/state/keptJobs';
import { JobProvider, useJob, useJobs } from '@/state/JobContext';
import { downloads } from '@/state/places';
import { useDerived } from '@/state/RigContext';
import { useWorksheet } from '@/state/useWorksheet';
import { Column, type Columns } from '@/ui/Column';
import { later } from '@/ui/later';
import { Drawing } from './Drawing';
import { Fields } from './Fields';
import { Figures } from './Figures';
import { JobFindings } from './JobFindings';
import { JobPicker } from './JobPicker';
import css from './jobs.module.css';
import { Made } from './Made';
import { Measured } from './Measured';
import { Parts } from './Parts';
import { Steps } from './Steps';

const CodeFile = later(() => import('./towers/Towers').then((m) => m.CodeFile));

/** What is built of the cutter itself stands on a page of its own. */
const isMade = (doc: OwnJob) => doc.kind !== 'build';

/** The stages Job and Make on a rig's page, with the jobs of its cutter. */
export function JobStages({ columns, stage }: { columns: Columns; stage: string }) {
  const kept = useContext(KeptJobsContext);
  if (!kept) return null;
  return (
    <JobProvider rigId={kept.rigId} records={kept.jobs} keptRef={kept.kept} only={isMade}>
      <Name tell={kept.onName} />
      <Open columns={columns} stage={stage} />
    </JobProvider>
  );
}

function Open({ columns, stage }: { columns: Columns; stage: string }) {
  const { open } = useJobs();
  if (open) return <Planned key={open.store.getState().id} columns={columns} stage={stage} />;
  return (
    <Column className={columns.decide} name="What is to be made" of={stage}>
      <h2>What is to be made</h2>
      <div className={columns.fields}>
        <JobPicker />
      </div>
    </Column>
  );
}

function Planned({ columns, stage }: { columns: Columns; stage: string }) {
  const { rig } = useDerived();
  const doc = useJob((s) => s.doc);
  const { sheet, fault, stale } = useWorksheet(rig, doc);
  const mine = sheet?.kind === doc.kind ? sheet : null;
  const making = stage === 'make';
  const heads = making
    ? { decide: 'What was measured', follow: 'Step by step' }
    : { decide: 'What is to be made', follow: 'Where does everything stand?' };
  return (
    <>
      <Column className={columns.decide} name={heads.decide} of={stage} busy={making && stale}>
        <h2>{heads.decide}</h2>
        <div className={columns.fields}>
          <JobPicker />
          {making ? mine && <Measured sheet={mine} /> : <Fields kind={doc.kind} />}
          {making && mine && <Parts sheet={mine} />}
        </div>
      </Column>
      <Column className={columns.follow} name={heads.follow} of={stage} busy={stale}>
        <h2>{heads.follow}</h2>
        {fault && <p role="alert">This cannot be worked out: {fault}.</p>}
        {!mine && !fault && <p className="dim">Working it out …</p>}
        {mine && (
          <div data-stale={stale}>
            {making ? (
              <Steps sheet={mine} />
            ) : (
              <>
                <Drawing job={doc} sheet={mine} />
                <Figures sheet={mine} />
              </>
            )}
          </div>
        )}
      </Column>
      <Column className={columns.act} name="What to do" of={stage}>
        <h2>What to do</h2>
        {mine && <JobFindings findings={mine.findings} most={making ? 1 : 5} />}
        {making && isTowerKind(doc.kind) && <CodeFile />}
        {making && mine && mine.steps.length > 0 && <Prints />}
        {making && mine && <Made sheet={mine} />}
      </Column>
    </>
  );
}

/** The job on paper: steps on the first page, jigs at full size behind it. */
export function Prints() {
  const id = useJob((s) => s.id);
  return (
    <p className={css.acts}>
      <a href={downloads.jobPrint(id, 'a4')} download>
        Print, A4
      </a>
      <a href={downloads.jobPrint(id, 'letter')} download>
        Print, letter
      </a>
    </p>
  );
}

/** Tells the list of stages which job is open. */
function Name({ tell }: { tell: (name: string | null) => void }) {
  const { open } = useJobs();
  return open ? <Of store={open.store} tell={tell} /> : <None tell={tell} />;
}

function Of(p: {
  store: NonNullable<ReturnType<typeof useJobs>['open']>['store'];
  tell: (name: string | null) => void;
}) {
  const name = useStore(p.store, (s) => s.doc.name || JOB_NAMES[s.doc.kind]);
  const { tell } = p;
  useEffect(() => tell(name), [name, tell]);
  return null;
}

function None({ tell }: { tell: (name: string | null) => void }) {
  useEffect(() => tell(null), [tell]);
  return null;
}
