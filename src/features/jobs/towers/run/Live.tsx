'use client';
import type { Machine } from '@/core/documents/machine';
import { facesAt } from '@/core/engine/motion/play';
import { rowAfter, type PlayView } from '@/core/engine/motion/view';
import { useUnits } from '@/ui/Units';
import css from '../towers.module.css';
import { usePaint } from '../usePaint';

const MOST_HIGH = 400;

/** The block with what is cut so far, and the wire where it stands now. `at`: coordinates of the axes. */
export function Live(p: { play: PlayView; machine: Machine; line: number; at: readonly number[] | null }) {
  const { play, machine, line, at } = p;
  const { say } = useUnits();
  const row = rowAfter(play, line);
  const faces = at && facesAt(machine, play.block, at);
  const { about, canvas, height } = usePaint(
    {
      play,
      ahead: true,
      // The row that is under way is drawn up to the wire.
      seconds: faces ? play.reached[row]! + 1e-9 : 0,
      wire: faces ? { row, ...faces } : null,
    },
    MOST_HIGH,
  );
  return (
    <div ref={about} className={css.path}>
      <canvas
        ref={canvas}
        className={css.canvas}
        style={{ height }}
        role="img"
        aria-label={`The block from the left; ${say(play.reached[row]!, 'time')} of ${say(play.total, 'time')} are cut.`}
      />
      <p className={css.where}>
        {faces
          ? `Left end at ${say(faces.left[0], 'foamSize')}, ${say(faces.left[1], 'foamSize')}; right ${say(faces.right[0], 'foamSize')}, ${say(faces.right[1], 'foamSize')}`
          : 'The wire is at home.'}
      </p>
    </div>
  );
}
