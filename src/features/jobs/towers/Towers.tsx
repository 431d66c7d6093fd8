'use client';
import type { JobOf } from '@/core/documents/job';
import { isTowerKind, type TowerKind } from '@/core/documents/towerJobs';
import type { MotionFindingFigures } from '@/core/documents/motion';
import { motionFindingWords } from '@/core/words/motion';
import { becauseText, deviationText } from '@/core/words/motionWhy';
import { useJob } from '@/state/JobContext';
import { places } from '@/state/places';
import { useDerived, useRig } from '@/state/RigContext';
import { useState } from 'react';
import { useMotion } from '@/state/useMotion';
import { Act } from '@/ui/Act';
import { FindingCard, FindingList } from '@/ui/FindingCard';
import { Link } from '@/ui/Link';
import { saveFile } from '@/ui/saveFile';
import { useUnits } from '@/ui/Units';
import { later } from '@/ui/later';
import jobs from '../jobs.module.css';
import { CombTable } from './CombTable';
import { PathPicture } from './PathPicture';
import css from './towers.module.css';
import { CAUTION } from './words';

const TurnedView = later(() => import('./TurnedView').then((m) => m.TurnedView));
const Layout = later(() => import('./Layout').then((m) => m.Layout));

/** Findings of a path or of code, the worst first. */
export function MotionFindings({
  findings,
  most = 6,
}: {
  findings: readonly MotionFindingFigures[];
  most?: number;
}) {
  const { say } = useUnits();
  const shown = findings.slice(0, most);
  return (
    <FindingList count={findings.length} shown={shown.length} elsewhere="of less weight">
      {shown.map((f, i) => (
        <FindingCard key={f.code + i} level={f.level} words={motionFindingWords(f, say)} />
      ))}
    </FindingList>
  );
}

/** The path of a job of motor towers, drawn and played; its findings, and where the part comes out other than wanted. */
export function TowersDrawing({ job }: { job: JobOf<TowerKind> }) {
  const { rig } = useDerived();
  const { view, fault, stale } = useMotion(rig, job);
  const { say } = useUnits();
  const [laying, lay] = useState(false);
  if (fault) return <p role="alert">The path cannot be worked out: {fault}.</p>;
  if (!view) return <p className="dim">Working out the path …</p>;
  const { figures, play } = view;
  const lays = laying && job.kind === 'outline';
  return (
    <div data-stale={stale && !lays}>
      {job.kind === 'outline' && (
        <p className={jobs.acts}>
          <Act pressed={!laying} onClick={() => lay(false)}>
            The wire’s way
          </Act>
          <Act pressed={laying} onClick={() => lay(true)}>
            Lay out
          </Act>
        </p>
      )}
      {lays && <Layout job={job} slits={view.slits} />}
      {job.kind === 'turned' && <TurnedView job={job} />}
      {play && !lays && (
        <PathPicture play={play} loops={view.loops} sections={view.sections} deviations={figures.deviations} />
      )}
      <MotionFindings findings={figures.findings} />
      {view.comb.length > 0 && <CombTable slots={view.comb} />}
      {figures.deviations.length > 0 && (
        <details>
          <summary>Where the part comes out other than wanted</summary>
          <ul className={css.list}>
            {figures.deviations.slice(0, 6).map((d, i) => (
              <li key={i}>
                {deviationText(d, say)}
                <details>
                  <summary>Why</summary>
                  {becauseText(d, say)}
                </details>
              </li>
            ))}
          </ul>
        </details>
      )}
    </div>
  );
}

/** The code of a job of motor towers, to be saved for the controller. */
export function CodeFile() {
  const { rig } = useDerived();
  const doc = useJob((s) => s.doc);
  return isTowerKind(doc.kind) ? <Code job={doc as JobOf<TowerKind>} rig={rig} /> : null;
}

function Code({ job, rig }: { job: JobOf<TowerKind>; rig: ReturnType<typeof useDerived>['rig'] }) {
  const { view, stale } = useMotion(rig, job);
  const id = useJob((s) => s.id);
  const rigId = useRig((s) => s.id);
  if (!view) return <p className="dim">Writing the code …</p>;
  const { code, findings } = view.figures;
  const stopped = findings.some((f) => f.level === 'stop');
  const lines = code.split('\n').length - 1;
  return (
    <section aria-label="Motion code">
      <h3>Motion code</h3>
      {stopped || code === '' ? (
        <p>No code is written while a finding stops the path.</p>
      ) : (
        <>
          <p className={jobs.acts}>
            <Act
              strong
              onClick={() =>
                !stale && saveFile(new File([code], `${job.name || job.kind}.ngc`, { type: 'text/plain' }))
              }
            >
              Save the code, {lines} lines
            </Act>
          </p>
          <p className={jobs.acts}>
            <Link href={places.code(rigId, id)}>Edit it, or play code from elsewhere</Link>
            <Link href={places.run(rigId, id)}>Run it on the stand-in</Link>
          </p>
          <pre className={css.code} tabIndex={0} aria-label="First lines of the code">
            {code.split('\n').slice(0, 14).join('\n')}
          </pre>
        </>
      )}
      <p className="dim">{CAUTION}</p>
    </section>
  );
}
