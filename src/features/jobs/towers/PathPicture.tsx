'use client';
import { useEffect, useMemo, useState } from 'react';
import type { Deviation } from '@/core/documents/motion';
import { wireAt, type PlayView } from '@/core/engine/motion/view';
import type { Pt } from '@/core/numeric/polyline';
import { Act } from '@/ui/Act';
import { Slide } from '@/ui/Slide';
import { useUnits } from '@/ui/Units';
import css from './towers.module.css';
import { usePaint } from './usePaint';

const MOST_HIGH = 330;

/** The block from the left tower, the slot that the wire opens drawn as wide as it is, and the wire at a second that one may set. */
export function PathPicture(p: {
  play: PlayView;
  loops?: readonly (readonly Pt[])[];
  /** Sections of a core on the left and on the right face. */
  sections?: readonly [readonly Pt[], readonly Pt[]] | null;
  deviations?: readonly Deviation[];
  /** Line of code that is pointed at. */
  line?: number | null;
  onRow?: (row: number) => void;
}) {
  const { play, onRow } = p;
  const { say } = useUnits();
  const [at, setAt] = useState<number | null>(null);
  const [running, run] = useState(false);
  const seconds = Math.min(at ?? play.total, play.total);
  const wire = useMemo(() => wireAt(play, seconds), [play, seconds]);
  const { about, canvas, height } = usePaint(
    { ...p, seconds: at === null ? null : seconds, wire: at === null ? null : wire },
    MOST_HIGH,
  );
  useEffect(() => {
    if (!running) return;
    let last = performance.now();
    let frame = 0;
    const speed = Math.max(1, play.total / 20);
    const step = (now: number) => {
      const by = ((now - last) / 1000) * speed;
      last = now;
      setAt((s) => {
        const next = (s ?? 0) + by;
        if (next >= play.total) run(false);
        return Math.min(play.total, next);
      });
      frame = requestAnimationFrame(step);
    };
    frame = requestAnimationFrame(step);
    return () => cancelAnimationFrame(frame);
  }, [running, play.total]);
  useEffect(() => onRow?.(wire.row), [onRow, wire.row]);
  return (
    <div ref={about} className={css.path}>
      <canvas
        ref={canvas}
        className={css.canvas}
        style={{ height }}
        role="img"
        aria-label={`The wire’s way through a block of ${say(play.block[0], 'foamSize')} by ${say(play.block[2], 'foamSize')}, from the left; ${say(play.total, 'time')} in all.`}
      />
      <div className={css.scrub}>
        <Act
          onClick={() => {
            if (!running && seconds >= play.total) setAt(0);
            run(!running);
          }}
        >
          {running ? 'Hold' : 'Play'}
        </Act>
        <Slide
          name="Time of the cut"
          least={0}
          most={play.total}
          step={Math.max(0.1, play.total / 2000)}
          value={seconds}
          says={say(seconds, 'time')}
          onValue={(at) => {
            run(false);
            setAt(at);
          }}
        />
        <output className="num">{say(seconds, 'time')}</output>
      </div>
      <p className={css.where}>
        Wire at {say(wire.left[0], 'foamSize')} along, {say(wire.left[1], 'foamSize')} up
        {Math.hypot(wire.left[0] - wire.right[0], wire.left[1] - wire.right[1]) > 0.01 &&
          `; right face ${say(wire.right[0], 'foamSize')}, ${say(wire.right[1], 'foamSize')}`}
        {Number.isFinite(play.kerf[wire.row]) ? `; kerf ${say(play.kerf[wire.row]!, 'slot')}` : '; in the air'}
      </p>
    </div>
  );
}
