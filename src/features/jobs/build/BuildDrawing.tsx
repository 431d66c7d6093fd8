'use client';
import type { BuildOf, BuildSizes } from '@/core/documents/build';
import type { JobOf } from '@/core/documents/job';
import { loopLine } from '@/core/engine/jobs/loop/line';
import type { WorksheetFigures } from '@/core/documents/worksheet';
import { useUnits } from '@/ui/Units';
import css from '../jobs.module.css';
import { Across, Paper } from '../Paper';

const HEIGHT = 260;
const ROOM = { x: 70, y: 26 };

/** A part as it is seen from the side, mm: rectangles, the wire, lengths along the bottom and the side. */
interface Side {
  readonly wide: number;
  readonly high: number;
  readonly boxes: readonly (readonly [x: number, y: number, w: number, h: number])[];
  readonly names: readonly (readonly [text: string, x: number, y: number])[];
  readonly wire: readonly (readonly [number, number])[];
  readonly across: readonly [from: number, to: number, mm: number];
  readonly up: readonly [from: number, to: number, mm: number];
}

const scaleOf = (s: Side, width: number) =>
  Math.min((width - 2 * ROOM.x) / s.wide, (HEIGHT - 2 * ROOM.y - 20) / s.high);
const heightOf = (s: Side, width: number) => s.high * scaleOf(s, width) + 2 * ROOM.y + 20;

/** The cutter as it is built, to scale, from the side. */
export function BuildDrawing({ job, sheet }: { job: JobOf<'build'>; sheet: WorksheetFigures }) {
  const { say } = useUnits();
  const s = sideOf(job.of, sheet);
  return (
    <Paper
      height={(width) => heightOf(s, width)}
      title={`From the side, to scale: ${say(s.across[2], 'foamSize')} along, ${say(s.up[2], 'foamSize')} up.`}
    >
      {(width) => {
        const scale = scaleOf(s, width);
        const x = (mm: number) => width / 2 + (mm - s.wide / 2) * scale;
        const y = (mm: number) => heightOf(s, width) - ROOM.y - 20 - mm * scale;
        const left = x(0) - 14;
        return (
          <>
            {s.boxes.map(([bx, by, w, h], i) => (
              <rect
                key={i}
                className={css.plate}
                x={x(bx)}
                y={y(by + h)}
                width={Math.max(w * scale, 2)}
                height={Math.max(h * scale, 2)}
              />
            ))}
            <path
              className={css.wire}
              strokeWidth={2}
              d={`M${s.wire.map(([wx, wy]) => `${x(wx)} ${y(wy)}`).join('L')}`}
            />
            {s.names.map(([text, nx, ny]) => (
              <text key={text} x={x(nx) + 8} y={y(ny) + 5} fontSize={13}>
                {text}
              </text>
            ))}
            <Across
              from={x(s.across[0])}
              to={x(s.across[1])}
              y={y(0) + 14}
              text={say(s.across[2], 'foamSize')}
            />
            <path
              className={css.line}
              d={`M${left - 4} ${y(s.up[0])}h8M${left} ${y(s.up[0])}V${y(s.up[1])}M${left - 4} ${y(s.up[1])}h8`}
            />
            <text x={left - 8} y={(y(s.up[0]) + y(s.up[1])) / 2 + 5} fontSize={14} textAnchor="end">
              {say(s.up[2], 'foamSize')}
            </text>
          </>
        );
      }}
    </Paper>
  );
}

const deepOf = (of: BuildOf<'table'> | BuildOf<'bow'>) =>
  of.section.kind === 'tube' ? of.section.outerMm : of.section.thickMm;

function sideOf(of: BuildSizes, sheet: WorksheetFigures): Side {
  const between = sheet.values['betweenMm'] ?? sheet.rig.wire.lengthMm;
  switch (of.kind) {
    case 'table': {
      const thick = deepOf(of);
      const [long, , board] = of.boardMm;
      const top = of.underMm + board;
      const wire = thick + of.reachMm;
      return {
        wide: Math.max(long + thick, wire + 20),
        high: top + of.postMm + thick,
        boxes: [
          [thick, of.underMm, long, board],
          [thick + 10, 0, 30, of.underMm],
          [thick + long - 40, 0, 30, of.underMm],
          [0, 0, thick, top + of.postMm],
          [0, top + of.postMm, wire + 30, thick],
        ],
        wire: [
          [wire, top + of.postMm],
          [wire, top + of.postMm - between],
        ],
        names: [
          ['post', thick, top + of.postMm * 0.6],
          ['wire', wire, top + of.postMm * 0.5],
        ],
        across: [thick, wire, of.reachMm],
        up: [top, top + of.postMm, of.postMm],
      };
    }
    case 'slicer': {
      const [, wide, board] = of.boardMm;
      const at = (wide - of.supportsMm) / 2;
      const high = Math.max(60, wide * 0.15);
      return {
        wide,
        high: board + high,
        boxes: [
          [0, 0, wide, board],
          [at - of.boltMm / 2, board, of.boltMm, high],
          [at + of.supportsMm - of.boltMm / 2, board, of.boltMm, high],
        ],
        wire: [
          [at, board + high * 0.3],
          [at + of.supportsMm, board + high * 0.3],
        ],
        names: [['wire', wide / 2, board + high * 0.55]],
        across: [at, at + of.supportsMm, of.supportsMm],
        up: [0, board, board],
      };
    }
    case 'bow': {
      const thick = deepOf(of);
      return {
        wide: between + thick,
        high: of.reachMm + thick,
        boxes: [
          [0, of.reachMm, between + thick, thick],
          [0, 0, thick, of.reachMm],
          [between, 0, thick, of.reachMm],
        ],
        wire: [
          [thick / 2, 4],
          [between + thick / 2, 4],
        ],
        names: [
          ['arm', thick, of.reachMm * 0.5],
          ['bar', between / 2, of.reachMm * 0.8],
        ],
        across: [thick / 2, between + thick / 2, between],
        up: [0, of.reachMm, of.reachMm],
      };
    }
    case 'loop': {
      const d = sheet.values['d'] ?? 1;
      const cool = sheet.values['coolMm'] ?? 20;
      const line = loopLine(of.shape, of.loopMm - d, of.depthMm - d / 2);
      const top = of.depthMm + cool;
      return {
        wide: of.loopMm + 20,
        high: top + of.handleMm,
        boxes: [[-8, top, of.loopMm + 16, of.handleMm]],
        wire: [
          [d / 2, top],
          ...line.map(([x, y]) => [of.loopMm / 2 + x, of.depthMm + y] as const),
          [of.loopMm - d / 2, top],
        ],
        names: [
          ['handle', of.loopMm + 8, top + of.handleMm * 0.5],
          ['stays cool', of.loopMm, of.depthMm + cool * 0.5],
        ],
        across: [0, of.loopMm, of.loopMm],
        up: [0, of.depthMm, of.depthMm],
      };
    }
  }
}
