'use client';
import type { JobOf } from '@/core/documents/job';
import type { WorksheetFigures } from '@/core/documents/worksheet';
import { boxOf } from '@/core/numeric/polyline';
import { useUnits } from '@/ui/Units';
import css from '../jobs.module.css';
import { Across, Paper } from '../Paper';

const HEIGHT = 236;

/** The hole that a cut-out leaves, from above, to scale, and where the wire is threaded. */
export function CutoutDrawing({ job, sheet }: { job: JobOf<'cutout'>; sheet: WorksheetFigures }) {
  const { say } = useUnits();
  const box = boxOf(job.outline);
  const wide = box.x1 - box.x0;
  const high = box.y1 - box.y0;
  const inset = sheet.values['insetMm'] ?? null;
  return (
    <Paper
      height={HEIGHT}
      title={`From above: a hole of ${say(wide, 'foamSize')} by ${say(high, 'foamSize')}; its template is ${say(inset, 'slot')} smaller all round.`}
    >
      {(width) => {
        const scale = Math.min((width - 80) / (wide * 1.4), (HEIGHT - 60) / (high * 1.4));
        const x = (mm: number) => width / 2 + (mm - (box.x0 + box.x1) / 2) * scale;
        const y = (mm: number) => (HEIGHT - 40) / 2 - (mm - (box.y0 + box.y1) / 2) * scale;
        const path = `M${job.outline.map(([px, py]) => `${x(px)} ${y(py)}`).join('L')}Z`;
        return (
          <>
            <rect
              className={css.foam}
              x={x(box.x0 - wide * 0.2)}
              y={y(box.y1 + high * 0.2)}
              width={wide * 1.4 * scale}
              height={high * 1.4 * scale}
            />
            <path className={css.part} d={path} />
            <circle className={css.dot} cx={x((box.x0 + box.x1) / 2)} cy={y((box.y0 + box.y1) / 2)} r={4} />
            <text x={x((box.x0 + box.x1) / 2) + 8} y={y((box.y0 + box.y1) / 2) + 5} fontSize={14}>
              pierce here
            </text>
            <Across
              from={x(box.x0)}
              to={x(box.x1)}
              y={y(box.y0 - high * 0.2) + 12}
              text={say(wide, 'foamSize')}
            />
          </>
        );
      }}
    </Paper>
  );
}
