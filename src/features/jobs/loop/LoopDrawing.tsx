'use client';
import type { JobOf } from '@/core/documents/job';
import { loopLine } from '@/core/engine/jobs/loop/line';
import type { WorksheetFigures } from '@/core/documents/worksheet';
import type { Pt } from '@/core/numeric/polyline';
import { useUnits } from '@/ui/Units';
import css from '../jobs.module.css';
import { Across, Paper } from '../Paper';

const HEIGHT = 214;

/** The middle line of a loop's wire with its legs above the face; x from its middle, y down from the face, in the paper's scale. */
function wirePath(line: readonly Pt[], scale: number, above: number): string {
  const [first, last] = [line[0]!, line.at(-1)!];
  const points = line.map(([x, y]) => `L${x * scale} ${-y * scale}`).join('');
  return `M${first[0] * scale} ${-above}${points}L${last[0] * scale} ${-above}`;
}

/** The loop in its groove, seen along the feed, to scale; passes side by side where the groove is wider. */
export function LoopDrawing({ job, sheet }: { job: JobOf<'groove'>; sheet: WorksheetFigures }) {
  const { say } = useUnits();
  const v = sheet.values;
  const outer = v['loopMm'] ?? job.widthMm;
  const kerf = v['kerfMm'] ?? 1;
  const d = v['d'] ?? 0.5;
  const passes = v['passes'] ?? 1;
  return (
    <Paper
      height={HEIGHT}
      title={`A loop ${say(outer, 'foamSize')} wide outside in a groove ${say(job.widthMm, 'foamSize')} wide and ${say(job.depthMm, 'foamSize')} deep, in ${passes} pass${passes === 1 ? '' : 'es'}.`}
    >
      {(width) => {
        const foam = Math.max(job.depthMm * 1.7, job.widthMm * 0.4);
        const scale = Math.min((width - 40) / (job.widthMm * 1.8), (HEIGHT - 90) / foam);
        const top = 44;
        const mid = width / 2;
        const left = mid - (job.widthMm * scale) / 2;
        const line = loopLine(job.shape, outer - d, job.depthMm - kerf / 2, job.outline);
        return (
          <>
            <rect
              className={css.foam}
              x={mid - job.widthMm * 0.9 * scale}
              y={top}
              width={job.widthMm * 1.8 * scale}
              height={foam * scale}
            />
            {sheet.parts.map((p, i) => (
              <g key={i} transform={`translate(${left + (p.atMm ?? 0) * scale} ${top})`}>
                <path
                  d={wirePath(line, scale, i === 0 ? 34 : 0)}
                  fill="none"
                  stroke="var(--paper)"
                  strokeWidth={kerf * scale}
                />
                <path
                  className={css.wire}
                  d={wirePath(line, scale, i === 0 ? 34 : 0)}
                  strokeWidth={Math.max(1.5, d * scale)}
                />
              </g>
            ))}
            <Across
              from={left}
              to={left + job.widthMm * scale}
              y={top + foam * scale + 12}
              text={`groove ${say(job.widthMm, 'foamSize')}`}
            />
            <text x={left + job.widthMm * scale + 12} y={top + (job.depthMm * scale) / 2} fontSize={14}>
              {`${say(job.depthMm, 'foamSize')} deep`}
            </text>
          </>
        );
      }}
    </Paper>
  );
}
