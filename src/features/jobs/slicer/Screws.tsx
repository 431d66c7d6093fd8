'use client';
import css from '../jobs.module.css';
import { Paper } from '../Paper';

const HEIGHT = 104;
const BOARD = 62;

/** The two ways in which a screw lifts the wire: it turns without rising and the wire runs in its thread, or it rises and carries it on its end. */
export function Screws() {
  return (
    <Paper
      height={HEIGHT}
      title="A screw lifts the wire where it turns without rising itself and the wire lies in its thread, or where it rises and the wire lies on its end."
    >
      {(width) =>
        (['thread', 'end'] as const).map((way, i) => {
          const x = width * (0.25 + 0.5 * i);
          const head = way === 'thread' ? 2 : 20;
          const wire = way === 'thread' ? 32 : head - 2;
          return (
            <g key={way}>
              <rect className={css.plate} x={x - 44} y={BOARD} width={88} height={6} />
              <rect className={css.plate} x={x - 5} y={head} width={10} height={BOARD - head} />
              {Array.from({ length: Math.floor((BOARD - head - 6) / 6) }, (_, k) => (
                <path key={k} className={css.line} d={`M${x - 7} ${head + 8 + 6 * k}l14 -4`} />
              ))}
              {way === 'thread' && (
                <rect className={css.spacer} x={x - 12} y={BOARD - 5} width={24} height={5} />
              )}
              <path className={css.wire} strokeWidth={2} d={`M${x - 44} ${wire}H${x + 44}`} />
              <text x={x} y={84} fontSize={13} textAnchor="middle">
                {way === 'thread' ? 'turns, does not rise:' : 'rises as it turns:'}
              </text>
              <text x={x} y={100} fontSize={13} textAnchor="middle">
                {way === 'thread' ? 'wire in its thread' : 'wire on its end'}
              </text>
            </g>
          );
        })
      }
    </Paper>
  );
}
