'use client';
import { rowAfter, standsAfter, type ReplayView } from '@/core/engine/motion/view';
import { Fact } from '@/ui/Fact';
import { useUnits } from '@/ui/Units';
import css from './run.module.css';
import type { Run } from './useRun';
import { STATE_NAMES } from './words';

/** A wire that stands hot for longer than this is told of, s. Ours. */
const TELL_S = 1;

/** How far a run is: its line, the time that is left, the heat, and what a wire that stands melts. */
export function Progress({ run, view, lines }: { run: Run; view: ReplayView; lines: readonly string[] }) {
  const { say } = useUnits();
  const { play } = view;
  const report = run.report!;
  const row = rowAfter(play, report.line);
  const inFoam = play.inFoam[Math.min(row, play.inFoam.length - 1)] === 1;
  const stands = report.state !== 'running' && run.standingS > TELL_S && report.heat > 0;
  return (
    <>
      <progress className={css.bar} max={lines.length} value={report.line} aria-label="Lines done" />
      <div className={css.facts}>
        <Fact name="State" value={run.linkLost ? 'No answer' : STATE_NAMES[report.state]} />
        <Fact name="Line" value={`${report.line} of ${lines.length}`} />
        <Fact name="Heat" value={run.cold ? 'cold run' : report.heat > 0 ? 'on' : 'off'} />
        <Fact name="Left" value={say(play.total - play.reached[row]!, 'time')} />
      </div>
      <p className={css.line}>
        <code>{lines[Math.min(report.line, lines.length - 1)]}</code>
      </p>
      {stands && (
        <p role="status" className={css.stands}>
          It has stood hot for {say(run.standingS, 'time')}
          {inFoam
            ? `: ${say(standsAfter(view.stands, run.standingS), 'slot')} more are melted on each side.`
            : ', in the air.'}
        </p>
      )}
    </>
  );
}
