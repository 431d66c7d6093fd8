'use client';
import { useCallback, useDeferredValue, useEffect, useMemo, useRef, useState } from 'react';
import type { JobOf } from '@/core/documents/job';
import type { TowerKind } from '@/core/documents/towerJobs';
import { replaySchema } from '@/core/documents/motion';
import type { Block } from '@/core/engine/motion/play';
import { motionFindingWords } from '@/core/words/motion';
import { useDerived } from '@/state/RigContext';
import { useMotion, useReplay } from '@/state/useMotion';
import { Act } from '@/ui/Act';
import { Check } from '@/ui/Check';
import { Fact } from '@/ui/Fact';
import { PickAgain } from '@/ui/PickFile';
import { saveFile } from '@/ui/saveFile';
import { useUnits } from '@/ui/Units';
import { later } from '@/ui/later';
import { PathPicture } from '../PathPicture';
import { MotionFindings } from '../Towers';
import { TowersPage, type OfTowers } from '../TowersPage';
import { CAUTION } from '../words';
import css from './code.module.css';
import type { LineNote } from './Editor';

const Editor = later(() => import('./Editor').then((m) => m.Editor), {
  waiting: <p className="dim">Opening the editor …</p>,
});

/** Largest file that is opened, bytes. */
const MOST_BYTES = 12_000_000;

/** Motion code of a job, or from anywhere, played on its machine: drawn, foretold and judged as it is edited. */
export function CodePage(p: OfTowers) {
  return (
    <TowersPage {...p} name="Motion code">
      {(job) => <OfJob job={job} />}
    </TowersPage>
  );
}

function OfJob({ job }: { job: JobOf<TowerKind> }) {
  const { rig } = useDerived();
  const { view, fault } = useMotion(rig, job);
  if (fault) return <p role="alert">The path cannot be worked out: {fault}.</p>;
  if (!view) return <p className="dim">Working out the path …</p>;
  if (!view.play) return <MotionFindings findings={view.figures.findings} />;
  return <Worked job={job} own={view.figures.code} block={view.play.block} />;
}

function Worked({ job, own, block }: { job: JobOf<TowerKind>; own: string; block: Block }) {
  const { rig } = useDerived();
  const { say } = useUnits();
  const [text, setText] = useState(own);
  const [ignore, leaveOut] = useState(false);
  const [line, setLine] = useState<number | null>(null);
  const [shown, show] = useState<number | null>(null);
  const [fault, setFault] = useState<string | null>(null);
  const late = useDeferredValue(text);
  const replay = useMemo(
    () =>
      replaySchema.parse({
        machine: job.machine,
        rig,
        blockMm: block,
        spindleMm: job.kind === 'turned' ? job.spindleMm : null,
        code: late,
        unknown: ignore ? 'ignore' : 'refuse',
      }),
    [job, block, rig, late, ignore],
  );
  const { view, fault: fell, stale } = useReplay(replay);
  const findings = view?.figures.findings;
  const notes = useMemo(
    () =>
      (findings ?? []).flatMap((f): LineNote[] => {
        if (f.line === null) return [];
        const { head, text } = motionFindingWords(f, say);
        return [{ line: f.line, level: f.level, text: `${head}. ${text}` }];
      }),
    [findings, say],
  );
  const play = view?.play;
  const rows = useRef(0);
  const onRow = useCallback(
    (row: number) => {
      if (!play || row === rows.current) return;
      rows.current = row;
      show(play.lines[Math.min(row, play.lines.length - 1)] ?? null);
    },
    [play],
  );
  useEffect(() => void (rows.current = 0), [play]);
  const take = async (file: File) => {
    if (file.size > MOST_BYTES) return setFault(`${file.name} is larger than 12 MB. The code stays as it was.`);
    setFault(null);
    setText(await file.text());
  };
  const f = view?.figures.forecast ?? null;
  return (
    <div className={css.cols}>
      <section className={css.side} aria-label="Code">
        <div className={css.acts}>
          <PickAgain
            name="Code"
            what="file"
            chosen
            accept=".ngc,.nc,.gcode,.txt"
            onFile={(x) => void take(x)}
          />
          <Act onClick={() => (setFault(null), setText(own))}>The job’s own again</Act>
          <Act
            onClick={() => saveFile(new File([text], `${job.name || job.kind}.ngc`, { type: 'text/plain' }))}
          >
            Save
          </Act>
        </div>
        {(fault ?? fell) && <p role="alert">{fault ?? fell}</p>}
        <div className={css.editor}>
          <Editor text={text} notes={notes} shown={shown} onText={setText} onLine={setLine} />
        </div>
        <Check label="Leave out words that are not known, and go on" checked={ignore} onChange={leaveOut} />
      </section>
      <section className={css.side} aria-label="Played" aria-busy={stale}>
        {play && <PathPicture play={play} line={line} onRow={onRow} />}
        {f && (
          <div className={css.facts}>
            <Fact name="Takes" value={say(f.timeS, 'time')} />
            <Fact name="Way through foam" value={say(f.cutMm, 'foamSize')} />
            {f.leftFeedMmS && (
              <Fact
                name="Feeds, left"
                value={`${say(f.leftFeedMmS[0], 'feed')} to ${say(f.leftFeedMmS[1], 'feed')}`}
              />
            )}
            {f.leftKerfMm && (
              <Fact
                name="Kerfs, left"
                value={`${say(f.leftKerfMm[0], 'slot')} to ${say(f.leftKerfMm[1], 'slot')}`}
              />
            )}
          </div>
        )}
        {!f && view && <p>Nothing is foretold while a line is refused.</p>}
        {findings && <MotionFindings findings={findings} />}
        <p className="dim">{CAUTION}</p>
      </section>
    </div>
  );
}
