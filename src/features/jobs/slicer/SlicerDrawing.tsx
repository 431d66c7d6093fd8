'use client';
import type { JobOf } from '@/core/documents/job';
import type { WorksheetFigures } from '@/core/documents/worksheet';
import { useUnits } from '@/ui/Units';
import css from '../jobs.module.css';
import { Across, Paper } from '../Paper';

/** Most that the block may take of the paper's height, and what stands below the board. */
const BLOCK = 84;
const BELOW = 128;
/** Sheets that are drawn one by one; more run together. */
const MOST = 200;

const scaleOf = (job: JobOf<'sheets'>, width: number) =>
  Math.min((width - 20) / (Math.max(job.supportsMm, job.blockMm[1]) + 30), BLOCK / job.blockMm[2]);
const boardAt = (job: JobOf<'sheets'>, width: number) => 24 + job.blockMm[2] * scaleOf(job, width);

/** The slicer seen along the feed, to scale, and under it what the height is made up of, drawn larger. */
export function SlicerDrawing({ job, sheet }: { job: JobOf<'sheets'>; sheet: WorksheetFigures }) {
  const { say } = useUnits();
  const [, wide, high] = job.blockMm;
  const v = sheet.values;
  const count = v['cut'] ?? 0;
  const kerf = v['kerfMm'] ?? 0;
  const gives = v['givesMm'] ?? job.sheetMm;
  const axis = gives + kerf / 2;
  const title = `A block ${say(wide, 'foamSize')} wide and ${say(high, 'foamSize')} high under the wire, which stands ${say(axis, 'slot')} over the board; it gives ${v['count'] ?? 'no'} sheets of ${say(gives, 'slot')}.`;
  return (
    <Paper height={(width) => boardAt(job, width) + BELOW} title={title}>
      {(width) => {
        const scale = scaleOf(job, width);
        const boardY = boardAt(job, width);
        const mid = width / 2;
        const x0 = mid - (wide * scale) / 2;
        const left = mid - (job.supportsMm * scale) / 2;
        const right = mid + (job.supportsMm * scale) / 2;
        const y = (mm: number) => boardY - mm * scale;
        return (
          <>
            <rect className={css.foam} x={x0} y={y(high)} width={wide * scale} height={high * scale} />
            {Array.from({ length: Math.min(count, MOST) }, (_, i) => (
              <rect
                key={i}
                className={css.part}
                x={x0}
                y={y(i * (gives + kerf) + gives)}
                width={wide * scale}
                height={Math.max(0.5, gives * scale)}
                strokeWidth={0.5}
              />
            ))}
            <rect className={css.plate} x={left - 14} y={boardY} width={right - left + 28} height={7} />
            {[left, right].map((x, i) => (
              <rect
                key={x}
                className={job.by.kind === 'screw' ? css.plate : css.spacer}
                x={job.by.kind === 'screw' ? x - 3 : x - (i === 0 ? 12 : 0)}
                y={y(axis) - (job.by.kind === 'screw' ? 14 : 0)}
                width={job.by.kind === 'screw' ? 6 : 12}
                height={axis * scale + (job.by.kind === 'screw' ? 14 : 0)}
              />
            ))}
            <path className={css.wire} d={`M${left - 12} ${y(axis)}H${right + 12}`} strokeWidth={2} />
            <text x={mid} y={y(high) - 6} fontSize={14} textAnchor="middle">
              {`${say(wide, 'foamSize')} × ${say(high, 'foamSize')}, ${count} sheets`}
            </text>
            <Across
              from={left}
              to={right}
              y={boardY + 18}
              text={`supports ${say(job.supportsMm, 'foamSize')} apart`}
            />
            <Detail job={job} sheet={sheet} width={width} bottom={boardY + BELOW - 6} />
          </>
        );
      }}
    </Paper>
  );
}

/** What the height is made up of: board, spacer or screw, wire, kerf and the sheet under it. */
function Detail(p: { job: JobOf<'sheets'>; sheet: WorksheetFigures; width: number; bottom: number }) {
  const { say } = useUnits();
  const v = p.sheet.values;
  const { kerfMm: kerf, d } = v;
  const gives = v['givesMm'] ?? p.job.sheetMm;
  if (kerf === null || kerf === undefined || d === null || d === undefined) return null;
  const { bottom } = p;
  const scale = 66 / (gives + kerf);
  const axis = bottom - (gives + kerf / 2) * scale;
  const from = p.width * 0.42;
  const to = p.width * 0.7;
  const screw = p.job.by.kind === 'screw';
  const under = axis + (d / 2) * scale;
  return (
    <g>
      <rect className={css.part} x={from} y={bottom - gives * scale} width={to - from} height={gives * scale} />
      <rect
        className={css.kerf}
        x={from}
        y={axis - (kerf / 2) * scale}
        width={to - from}
        height={kerf * scale}
      />
      <circle className={css.dot} cx={(from + to) / 2} cy={axis} r={Math.max(2, (d / 2) * scale)} />
      <path className={css.line} d={`M${from - 60} ${bottom}H${to + 40}`} />
      {!screw && <rect className={css.spacer} x={from - 44} y={under} width={30} height={bottom - under} />}
      <text x={from - 52} y={(bottom + under) / 2 + 5} fontSize={14} textAnchor="end">
        {screw ? `${(v['turns'] ?? 0).toFixed(2)} turns` : `spacer ${say(v['spacerMm'] ?? null, 'slot')}`}
      </text>
      <text
        x={to + 10}
        y={bottom - (gives * scale) / 2 + 5}
        fontSize={14}
      >{`sheet ${say(gives, 'slot')}`}</text>
      <text x={to + 10} y={axis + 5} fontSize={14}>{`kerf ${say(kerf, 'slot')}`}</text>
    </g>
  );
}
