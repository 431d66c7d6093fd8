'use client';
import { useState } from 'react';
import type { JobOf } from '@/core/documents/job';
import type { Replay } from '@/core/documents/motion';
import type { TowerKind } from '@/core/documents/towerJobs';
import { madeEvent } from '@/core/engine/jobs/made';
import type { Reentry } from '@/core/engine/motion/reentry';
import { rowAfter, type ReplayView } from '@/core/engine/motion/view';
import { useRig } from '@/state/RigContext';
import { useEvents } from '@/state/useEvents';
import { askReentry } from '@/state/useMotion';
import { Act } from '@/ui/Act';
import { FindingCard } from '@/ui/FindingCard';
import { saveFile } from '@/ui/saveFile';
import { Slide } from '@/ui/Slide';
import { useUnits } from '@/ui/Units';
import css from './run.module.css';
import type { useRun } from './useRun';
import { ALARM, LINK_LOST, LOST, REFUSED, STOPPED } from './words';

/** A program that is run: the job's own, or what is left of it after it broke off so many times. */
export interface Program {
  readonly code: string;
  readonly broke: number;
  readonly again: Reentry | null;
}
interface Ended {
  readonly job: JobOf<TowerKind>;
  readonly id: string;
  readonly program: Program;
  readonly replay: Replay;
  readonly view: ReplayView;
  readonly onProgram: (program: Program) => void;
  readonly onOwn: () => void;
  readonly made: ReturnType<typeof useRun>;
}

/** What is done once a run broke off, or ended. */
export function Broken(p: Ended) {
  const { run, again, stop, off } = p.made;
  if (run.linkLost)
    return (
      <FindingCard level="stop" words={LINK_LOST}>
        <Act strong onClick={off}>
          I switched the power off there
        </Act>
      </FindingCard>
    );
  if (run.refused && run.phase === 'going')
    return (
      <FindingCard level="stop" words={REFUSED(run.refused)}>
        <Act strong onClick={again}>
          Send it again
        </Act>
        <Act onClick={stop}>Stop</Act>
      </FindingCard>
    );
  if (run.phase === 'broken' && run.cold)
    return <p role="status">The cold run was broken off. Begin it again.</p>;
  if (run.phase === 'broken')
    return (
      <>
        <FindingCard level="stop" words={run.report?.why ? ALARM(run.report.why) : STOPPED} />
        <EnterAgain {...p} />
      </>
    );
  if (run.phase === 'done' && run.cold)
    return <p role="status">The cold run came to its end. What you saw it do is what counts.</p>;
  if (run.phase === 'done') return <Done {...p} />;
  return run.phase === 'before' && p.program.again ? <Again {...p} again={p.program.again} /> : null;
}

/** Where it broke off, and the code that enters there again. */
function EnterAgain(p: Ended) {
  const { view, made, program, job } = p;
  const { say } = useUnits();
  const { play } = view;
  // From the last line that it reported: what it cut after that, link or no link, is an open kerf and is gone once more.
  const [row, setRow] = useState(() => rowAfter(play, made.run.report?.line ?? 0));
  const [told, tell] = useState<string | null>(null);
  const [noted, setNoted] = useState(false);
  const rigId = useRig((s) => s.id);
  const { note } = useEvents(rigId, []);
  const log = async () => {
    const { report } = made.run;
    const why = report?.why ?? 'stopped by hand, or its link gone';
    const text = `${job.name || job.kind}, on the stand-in controller: broke off at line ${report?.line ?? 0} after ${say(report?.seconds ?? 0, 'time')} (${why}); ${say(play.total - play.reached[row]!, 'time')} are left.`;
    const refused = await note({ kind: 'remark', at: new Date().toISOString(), note: text });
    setNoted(refused === null);
    tell(refused ?? 'It is in the logbook.');
  };
  const enter = async () => {
    const answer = await askReentry(p.replay, row, job.marginMm);
    if ('fault' in answer) return tell(answer.fault);
    p.onProgram({ code: answer.reentry.code, broke: program.broke + 1, again: answer.reentry });
  };
  return (
    <section className={css.again} aria-label="In again">
      <h2>In again</h2>
      <p>
        Home it, look where the wire stands in the foam, and set how far the cut really came:{' '}
        {say(play.total - play.reached[row]!, 'time')} are left from there.
      </p>
      <div className={css.sofar}>
        <span aria-hidden>Cut so far</span>
        <Slide
          name="Cut so far"
          least={0}
          most={play.lines.length}
          value={row}
          says={say(play.reached[row]!, 'time')}
          onValue={setRow}
        />
        <output className="num">{say(play.reached[row]!, 'time')}</output>
      </div>
      <p className="dim">
        It goes in through kerfs that are open, fast, so that they widen little; closed loops are left out. The
        wire must be out of the foam first: power off, and lift the block off it, or draw it out the way it
        came.
      </p>
      <p className={css.acts}>
        <Act strong onClick={() => void enter()}>
          Code for what is left
        </Act>
        <Act onClick={made.clear}>From the beginning</Act>
        <Act disabled={noted} onClick={() => void log()}>
          Put what was cut in the logbook
        </Act>
      </p>
      {told && <p role={noted ? 'status' : 'alert'}>{told}</p>}
    </section>
  );
}

/** What the code for the rest does, before it is run; it can be saved for a controller. */
function Again(p: Ended & { again: Reentry }) {
  const { say } = useUnits();
  const { backMm, widensTo, leftMm, leftS, code } = p.again;
  return (
    <section className={css.again} aria-label="What is left">
      <h2>What is left</h2>
      <p>
        {say(leftMm, 'foamSize')} of cut, {say(leftS, 'time')}.{' '}
        {backMm > 0
          ? `It goes in through ${say(backMm, 'foamSize')} of open kerf, which widens to ${say(widensTo, 'slot')} there.`
          : 'It goes in anew from outside the block.'}
      </p>
      <p className={css.acts}>
        <Act
          onClick={() =>
            saveFile(new File([code], `${p.job.name || p.job.kind}, the rest.ngc`, { type: 'text/plain' }))
          }
        >
          Save the code
        </Act>
        <Act onClick={p.onOwn}>The whole job again</Act>
      </p>
    </section>
  );
}

/** A run with heat that came to its end: into the logbook. */
function Done(p: Ended) {
  const { job, id, program, made } = p;
  const { say } = useUnits();
  const rigId = useRig((s) => s.id);
  const { note } = useEvents(rigId, []);
  const [told, tell] = useState<string | null>(null);
  const { report, truly } = made.run;
  const off = Math.max(...(truly ?? []).map((x, k) => Math.abs(x - report!.at[k]!)), 0);
  const log = async () => {
    const at = new Date().toISOString();
    const change = `Run on the stand-in controller in ${say(report!.seconds, 'time')}${program.broke > 0 ? `, entered again ${program.broke === 1 ? 'once' : `${program.broke} times`} after it broke off` : ''}.`;
    tell(
      (await note(madeEvent(job, id, { at, count: 1, measuredMm: null, change }))) ?? 'It is in the logbook.',
    );
  };
  return (
    <>
      {off > 0.01 && <FindingCard level="fix" words={LOST(say(off, 'slot'))} />}
      <p role="status">
        It came to its end in {say(report!.seconds, 'time')}. Power off, let the wire cool, gauge the first
        part.
      </p>
      <p className={css.acts}>
        <Act strong disabled={told !== null} onClick={() => void log()}>
          Put it in the logbook
        </Act>
        <Act
          onClick={() =>
            saveFile(new File([program.code], `${job.name || job.kind}.ngc`, { type: 'text/plain' }))
          }
        >
          Save the code
        </Act>
        {program.broke > 0 && <Act onClick={p.onOwn}>The whole job again</Act>}
      </p>
      {told && <p role="status">{told}</p>}
    </>
  );
}
