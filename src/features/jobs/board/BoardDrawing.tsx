'use client';
import type { JobOf } from '@/core/documents/job';
import type { WorksheetFigures } from '@/core/documents/worksheet';
import { useUnits } from '@/ui/Units';
import css from '../jobs.module.css';
import { Across, Paper } from '../Paper';

const ROW = 34;
/** Boards that are drawn; the list holds them all. */
const MOST = 6;

/** Stock boards with the segments that are parted from them, from the stop on the left. To scale along the board. */
export function BoardDrawing({ job, sheet }: { job: JobOf<'segments'>; sheet: WorksheetFigures }) {
  const { say } = useUnits();
  const stock = job.blockMm[2];
  const kerf = sheet.values['kerfMm'] ?? 0;
  const boards = Math.min(sheet.values['boards'] ?? 0, MOST);
  const height = boards * ROW + 44;
  return (
    <Paper
      height={height}
      title={`${job.lengthsMm.length} segments on ${sheet.values['boards'] ?? 0} boards of ${say(stock, 'foamSize')}.`}
    >
      {(width) => {
        const scale = (width - 28) / stock;
        const lean = Math.tan((job.angleDeg * Math.PI) / 180) * 8;
        return (
          <>
            {Array.from({ length: boards }, (_, b) => (
              <g key={b} transform={`translate(14 ${6 + b * ROW})`}>
                <rect className={css.foam} width={stock * scale} height={ROW - 8} />
                {sheet.parts
                  .filter((p) => p.board === b + 1)
                  .map((p) => {
                    const to = ((p.atMm ?? 0) - kerf / 2) * scale;
                    const from = to - (p.lengthMm ?? 0) * scale;
                    return (
                      <g key={p.name}>
                        <path
                          className={css.part}
                          d={`M${from + lean} 0H${to - lean}L${to + lean} ${ROW - 8}H${from - lean}Z`}
                        />
                        {to - from > 18 && (
                          <text x={(from + to) / 2} y={18} fontSize={14} textAnchor="middle">
                            {to - from > 70 ? say(p.lengthMm, 'foamSize') : p.name}
                          </text>
                        )}
                      </g>
                    );
                  })}
              </g>
            ))}
            <Across
              from={14}
              to={14 + stock * scale}
              y={boards * ROW + 12}
              text={`stock ${say(stock, 'foamSize')}${(sheet.values['boards'] ?? 0) > MOST ? `, ${MOST} of ${sheet.values['boards']} boards drawn` : ''}`}
            />
          </>
        );
      }}
    </Paper>
  );
}
