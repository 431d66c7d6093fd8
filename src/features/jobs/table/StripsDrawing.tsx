'use client';
import type { JobOf } from '@/core/documents/job';
import type { WorksheetFigures } from '@/core/documents/worksheet';
import { useUnits } from '@/ui/Units';
import css from '../jobs.module.css';
import { Across, Paper } from '../Paper';
import { Upright } from './Upright';

const HEIGHT = 236;

/** Strips off a fence: from above with the fence, the wire and the board, and the wire from the side. To scale. */
export function StripsDrawing({ job, sheet }: { job: JobOf<'strips'>; sheet: WorksheetFigures }) {
  const { say } = useUnits();
  const [along, across, thick] = job.boardMm;
  const v = sheet.values;
  const slot = (v['kerfMm'] ?? 0) / Math.cos((job.tiltDeg * Math.PI) / 180);
  const count = v['cut'] ?? 0;
  const fence = v['fenceMm'] ?? null;
  return (
    <Paper
      height={HEIGHT}
      title={`From above: the fence ${say(fence, 'foamSize')} from the wire, a board of ${say(along, 'foamSize')} by ${say(across, 'foamSize')} that gives ${count} strips.`}
    >
      {(width) => {
        const room = width - 190;
        const scale = Math.min((room - 20) / along, (HEIGHT - 76) / across);
        const x0 = 14;
        const bottom = 14 + across * scale;
        const y = (mm: number) => bottom - mm * scale;
        const wireX = x0 + along * scale * 0.55;
        return (
          <>
            <rect className={css.foam} x={x0} y={y(across)} width={along * scale} height={across * scale} />
            {Array.from({ length: Math.min(count, 200) }, (_, i) => (
              <rect
                key={i}
                className={css.part}
                x={x0}
                y={y(i * (job.widthMm + slot) + job.widthMm)}
                width={along * scale}
                height={job.widthMm * scale}
              />
            ))}
            <rect className={css.plate} x={x0 - 8} y={bottom} width={along * scale + 16} height={8} />
            {fence !== null && (
              <>
                <circle className={css.dot} cx={wireX} cy={y(fence)} r={4} />
                <path className={css.line} d={`M${wireX} ${y(fence)}V${bottom}`} />
                <text x={wireX + 8} y={y(fence / 2) + 5} fontSize={14}>
                  {say(fence, 'foamSize')}
                </text>
              </>
            )}
            <Across
              from={x0}
              to={x0 + along * scale}
              y={bottom + 18}
              text={`fence; ${say(along, 'foamSize')} along the feed`}
            />
            <Upright
              x={width - 160}
              width={150}
              thick={thick}
              tiltDeg={job.tiltDeg}
              shift={v['anchorShiftMm'] ?? 0}
              wire={v['wireMm'] ?? 0}
            />
          </>
        );
      }}
    </Paper>
  );
}
