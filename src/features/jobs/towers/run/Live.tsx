'use client';
import { useEffect, useMemo, useRef } from 'react';
import type { Machine } from '@/core/documents/machine';
import { facesAt } from '@/core/engine/motion/play';
import { rowAfter, type PlayView } from '@/core/engine/motion/view';
import { useUnits } from '@/ui/Units';
import { useWidth } from '@/ui/useWidth';
import { highFor, paintPath } from '../paint';
import css from '../towers.module.css';

const MOST_HIGH = 400;

/** The block with what is cut so far, and the wire where it stands now. `at`: coordinates of the axes. */
export function Live(p: { play: PlayView; machine: Machine; line: number; at: readonly number[] | null }) {
  const { play, machine, line, at } = p;
  const [ref, width] = useWidth(560);
  const { say } = useUnits();
  const canvas = useRef<HTMLCanvasElement>(null);
  const height = useMemo(() => Math.min(MOST_HIGH, highFor(play, width)), [play, width]);
  const row = rowAfter(play, line);
  const faces = at && facesAt(machine, play.block, at);
  useEffect(() => {
    const on = canvas.current;
    if (!on) return;
    const frame = requestAnimationFrame(() =>
      paintPath(on, {
        play,
        width,
        height,
        ahead: true,
        // The row that is under way is drawn up to the wire.
        seconds: faces ? play.reached[row]! + 1e-9 : 0,
        wire: faces ? { row, ...faces } : null,
      }),
    );
    return () => cancelAnimationFrame(frame);
  });
  return (
    <div ref={ref} className={css.path}>
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
