'use client';
import { useUnits } from '@/ui/Units';
import css from '../jobs.module.css';

const TOP = 26;
const BOTTOM = 202;

/** The upright or tilted wire from the side, between its anchors, in foam on the table. To scale. */
export function Upright(p: {
  x: number;
  width: number;
  thick: number;
  tiltDeg: number;
  shift: number;
  wire: number;
}) {
  const { say } = useUnits();
  const tilt = (p.tiltDeg * Math.PI) / 180;
  const high = Math.max(p.wire * Math.cos(tilt), 1);
  const scale = Math.min((BOTTOM - TOP) / high, (p.width - 20) / Math.max(Math.abs(p.shift) + 40, 1));
  const foot = p.x + p.width / 2 - (p.shift * scale) / 2;
  // The lower anchor hangs a fifth of the wire below the table.
  const table = BOTTOM - 0.2 * high * scale;
  const head = foot + p.shift * scale;
  return (
    <g>
      <rect
        className={css.foam}
        x={p.x + 8}
        y={table - p.thick * scale}
        width={p.width - 16}
        height={p.thick * scale}
      />
      <rect className={css.plate} x={p.x} y={table} width={p.width} height={6} />
      <path className={css.line} d={`M${foot} ${BOTTOM}V${BOTTOM - high * scale}`} strokeDasharray="4 4" />
      <path className={css.wire} d={`M${foot} ${BOTTOM}L${head} ${BOTTOM - high * scale}`} strokeWidth={2} />
      <circle className={css.dot} cx={foot} cy={BOTTOM} r={4} />
      <circle className={css.dot} cx={head} cy={BOTTOM - high * scale} r={4} />
      <text x={p.x + p.width / 2} y={14} fontSize={14} textAnchor="middle">
        {p.tiltDeg === 0 ? 'upright' : `${say(Math.abs(p.shift), 'foamSize')} over`}
      </text>
      <text x={p.x + p.width / 2} y={BOTTOM + 22} fontSize={14} textAnchor="middle">
        {`wire ${say(p.wire, 'wireLength')}, from the side`}
      </text>
    </g>
  );
}
