'use client';
import type { JobOf } from '@/core/documents/job';
import type { WorksheetFigures } from '@/core/documents/worksheet';
import { useUnits } from '@/ui/Units';
import css from '../jobs.module.css';
import { Across, Paper } from '../Paper';
import { Upright } from './Upright';

const HEIGHT = 236;

/** A disc on its pin from above, with the wire and the slit that it comes in by, and the wire from the side. To scale. */
export function DiscDrawing({ job, sheet }: { job: JobOf<'disc'>; sheet: WorksheetFigures }) {
  const { say } = useUnits();
  const v = sheet.values;
  const pin = v['pinMm'] ?? job.outerMm / 2;
  return (
    <Paper
      height={HEIGHT}
      title={`From above: a disc of ${say(job.outerMm, 'foamSize')} on its pin, the wire ${say(pin, 'foamSize')} from it${job.innerMm === null ? '' : `; its hole of ${say(job.innerMm, 'foamSize')} is cut first`}.`}
    >
      {(width) => {
        const room = width - 190;
        const radius = job.outerMm / 2;
        const side = job.outerMm * 1.2;
        const scale = Math.min((room - 20) / side, (HEIGHT - 60) / side);
        const cx = 14 + room / 2 - 10;
        const cy = 12 + (side * scale) / 2;
        const top = v['topRadiusMm'] ?? radius;
        return (
          <>
            <rect
              className={css.foam}
              x={cx - (side * scale) / 2}
              y={cy - (side * scale) / 2}
              width={side * scale}
              height={side * scale}
            />
            <circle className={css.part} cx={cx} cy={cy} r={radius * scale} />
            {job.tiltDeg !== 0 && top > 0 && (
              <circle className={css.line} cx={cx} cy={cy} r={top * scale} strokeDasharray="4 4" />
            )}
            {job.innerMm !== null && (
              <>
                <circle className={css.foam} cx={cx} cy={cy} r={(job.innerMm / 2) * scale} />
                <circle className={css.dot} cx={cx} cy={cy + (v['holePinMm'] ?? 0) * scale} r={3} />
              </>
            )}
            <path
              className={css.kerf}
              d={`M${cx + pin * scale} ${cy}H${cx + (side * scale) / 2}`}
              strokeWidth={2}
            />
            <circle className={css.plate} cx={cx} cy={cy} r={3.5} />
            <circle className={css.dot} cx={cx + pin * scale} cy={cy} r={4} />
            <Across
              from={cx}
              to={cx + pin * scale}
              y={cy + (side * scale) / 2 + 12}
              text={`pin to wire ${say(pin, 'foamSize')}`}
            />
            <Upright
              x={width - 160}
              width={150}
              thick={job.thickMm}
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
