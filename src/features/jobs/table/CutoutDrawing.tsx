'use client';
import type { JobOf } from '@/core/documents/job';
import type { WorksheetFigures } from '@/core/documents/worksheet';
import { boxOf } from '@/core/numeric/polyline';
import { useUnits } from '@/ui/Units';
import css from '../jobs.module.css';
import { Across, Paper } from '../Paper';

const HEIGHT = 236;

/** The hole that a cut-out leaves, or the piece that comes out, from above to scale; where the wire goes in; the stack from the side, not to scale. */
export function CutoutDrawing({ job, sheet }: { job: JobOf<'cutout'>; sheet: WorksheetFigures }) {
  const { say } = useUnits();
  const box = boxOf(job.outline);
  const wide = box.x1 - box.x0;
  const high = box.y1 - box.y0;
  const off = sheet.values['templateMm'] ?? null;
  const hole = job.keep === 'hole';
  return (
    <Paper
      height={HEIGHT}
      title={`From above: a ${hole ? 'hole' : 'piece'} of ${say(wide, 'foamSize')} by ${say(high, 'foamSize')}; its template is ${say(off, 'slot')} ${hole ? 'smaller' : 'larger'} all round.`}
    >
      {(width) => {
        const scale = Math.min((0.62 * width - 40) / (wide * 1.4), (HEIGHT - 60) / (high * 1.4));
        const x = (mm: number) => 0.34 * width + (mm - (box.x0 + box.x1) / 2) * scale;
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
            {hole ? (
              <>
                <circle className={css.dot} cx={x((box.x0 + box.x1) / 2)} cy={y((box.y0 + box.y1) / 2)} r={4} />
                <text x={x((box.x0 + box.x1) / 2) + 8} y={y((box.y0 + box.y1) / 2) + 5} fontSize={14}>
                  pierce here
                </text>
              </>
            ) : (
              <path
                className={css.wire}
                strokeWidth={2}
                d={`M${x(box.x0 - wide * 0.2)} ${y((box.y0 + box.y1) / 2)}H${x(box.x0)}`}
              />
            )}
            <Beside job={job} x={0.82 * width} wide={Math.min(0.3 * width, wide * scale)} />
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

/** The block from the side under its template, a second one below where the foam is thick, and the wire. */
function Beside(p: { job: JobOf<'cutout'>; x: number; wide: number }) {
  const { say } = useUnits();
  const { x, wide } = p;
  const two = p.job.thickMm > 50;
  const top = 70;
  const tall = Math.min(90, Math.max(16, p.job.thickMm * 0.8));
  return (
    <g>
      <rect className={css.foam} x={x - wide / 2} y={top} width={wide} height={tall} />
      <rect className={css.spacer} x={x - wide / 2} y={top - 4} width={wide} height={4} />
      {two && <rect className={css.spacer} x={x - wide / 2} y={top + tall} width={wide} height={4} />}
      <path className={css.wire} strokeWidth={2} d={`M${x} ${top - 30}V${top + tall + 30}`} />
      <text x={x} y={top + tall + 48} fontSize={14} textAnchor="middle">
        {`${say(p.job.thickMm, 'foamSize')}, ${two ? 'two templates' : 'one template'}`}
      </text>
    </g>
  );
}
