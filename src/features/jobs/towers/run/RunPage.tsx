'use client';
import { useMemo, useState } from 'react';
import type { JobOf } from '@/core/documents/job';
import { replaySchema, type Replay } from '@/core/documents/motion';
import type { TowerKind } from '@/core/documents/towerJobs';
import type { Block } from '@/core/engine/motion/play';
import { useDerived } from '@/state/RigContext';
import { useMotion, useReplay } from '@/state/useMotion';
import { MotionFindings } from '../Towers';
import { TowersPage, type OfTowers } from '../TowersPage';
import { Controls } from './Controls';
import { Live } from './Live';
import css from './run.module.css';
import { useRun } from './useRun';
import { NOTHING, STAND_IN } from './words';
import type { ControllerFault } from '@/devices/controller/port';
import { Progress } from './Progress';
import { Broken, type Program } from './Broken';

/** A job of motor towers, run on the stand-in controller: cold, then with heat, watched and stopped, and entered again where it broke off. */
export function RunPage(p: OfTowers) {
  return (
    <TowersPage {...p} name="Run" says={STAND_IN}>
      {(job, id) => <OfJob job={job} id={id} />}
    </TowersPage>
  );
}

function OfJob({ job, id }: { job: JobOf<TowerKind>; id: string }) {
  const { rig } = useDerived();
  const { view, fault } = useMotion(rig, job);
  if (fault) return <p role="alert">The path cannot be worked out: {fault}.</p>;
  if (!view) return <p className="dim">Working out the path …</p>;
  if (view.figures.code === '' || !view.play)
    return (
      <>
        <p>Nothing is run while a finding stops the path.</p>
        <MotionFindings findings={view.figures.findings} />
      </>
    );
  return <Coded job={job} id={id} own={view.figures.code} block={view.play.block} />;
}

function Coded({ job, id, own, block }: { job: JobOf<TowerKind>; id: string; own: string; block: Block }) {
  const { rig } = useDerived();
  const [program, setProgram] = useState<Program>({ code: own, broke: 0, again: null });
  const replay = useMemo(
    (): Replay =>
      replaySchema.parse({
        machine: job.machine,
        rig,
        blockMm: block,
        code: program.code,
        spindleMm: job.kind === 'turned' ? job.spindleMm : null,
      }),
    [job, rig, block, program.code],
  );
  const { view, fault } = useReplay(replay);
  if (fault) return <p role="alert">{fault}</p>;
  if (!view) return <p className="dim">Playing the code …</p>;
  return (
    <OfProgram
      key={program.code}
      job={job}
      id={id}
      program={program}
      replay={replay}
      view={view}
      onProgram={setProgram}
      onOwn={() => setProgram({ code: own, broke: 0, again: null })}
    />
  );
}

function OfProgram(p: {
  job: JobOf<TowerKind>;
  id: string;
  program: Program;
  replay: Replay;
  view: NonNullable<ReturnType<typeof useReplay>['view']>;
  onProgram: (program: Program) => void;
  onOwn: () => void;
}) {
  const { job, program, view } = p;
  const lines = useMemo(() => program.code.trim().split('\n'), [program.code]);
  const [fault, setFault] = useState<ControllerFault | typeof NOTHING>(NOTHING);
  const [speed, setSpeed] = useState(10);
  // Somewhere in the middle, elsewhere each time one is chosen.
  const [share, setShare] = useState(0.5);
  const injected = useMemo(
    () => (fault === NOTHING ? null : { fault, line: Math.max(1, Math.floor(lines.length * share)) }),
    [fault, lines.length, share],
  );
  const made = useRun(job.machine, program.code, injected, speed);
  const { run } = made;
  const findings = view.figures.findings.filter((f) => f.level !== 'note');
  const [coldDone, setColdDone] = useState(false);
  if (run.phase === 'done' && run.cold && !coldDone) setColdDone(true);
  const choose = (f: ControllerFault | typeof NOTHING) => {
    setFault(f);
    setShare(0.3 + 0.5 * Math.random());
  };
  return (
    <div className={css.cols}>
      <section className={css.side} aria-label="The wire">
        <Live play={view.play} machine={job.machine} line={run.report?.line ?? 0} at={run.truly} />
        {run.report && <Progress run={run} view={view} lines={lines} />}
        {findings.length > 0 && <MotionFindings findings={findings} most={3} />}
      </section>
      <section className={css.side} aria-label="The run">
        <Broken {...p} made={made} />
        {(run.phase !== 'broken' || run.cold) && (
          <Controls
            made={made}
            coldDone={coldDone}
            fault={fault}
            speed={speed}
            onFault={choose}
            onSpeed={setSpeed}
          />
        )}
      </section>
    </div>
  );
}
