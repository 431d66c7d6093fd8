'use client';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { useEffect, useRef, useState } from 'react';
import { listenForKnocks } from '@/devices/sound/knock';
import { useUnits } from '@/ui/Units';
import css from './watch.module.css';
import { useLatest } from '@/ui/useLatest';
import { Radios } from '@/ui/Radios';
import { Check } from '@/ui/Check';

/** What a timed cut gives the form. */
export interface TimedCut {
  readonly depthMm: number;
  readonly seconds: number;
  readonly marks: readonly { mm: number; s: number }[];
  readonly timedFrom: 'touch' | 'in-foam';
}

/** Marks on the foam that are timed, mm: of a steel rule in either system. */
const METRIC_MARKS = [25, 50];
const INCH_MARKS = [25.4, 50.8];
/** A second press within this is the hand's bounce, s. */
const BOUNCE = 0.25;

/**
 * A stopwatch for a cut: one big button, the space bar, Enter or any key of a foot pedal. First press starts, each further one is
 * the next mark; the last stops. It asks from where it was started.
 */
export function Stopwatch({ onClose, onTaken }: { onClose: () => void; onTaken: (cut: TimedCut) => void }) {
  const { say, typed, profile } = useUnits();
  const marks = profile === 'metric' ? METRIC_MARKS : INCH_MARKS;
  const [start, setStart] = useState<number | null>(null);
  const [laps, setLaps] = useState<readonly number[]>([]);
  const [from, setFrom] = useState<'touch' | 'in-foam'>('touch');
  const [now, setNow] = useState(0);
  const running = start !== null && laps.length < marks.length;
  const last = useRef(0);
  const press = () => {
    const t = performance.now() / 1000;
    if (t - last.current < BOUNCE) return;
    last.current = t;
    if (start === null) {
      setStart(t);
      setNow(t);
    } else if (laps.length < marks.length) setLaps([...laps, t - start]);
  };
  const [ear, setEar] = useState<'off' | 'on' | 'none'>('off');
  const pressed = useLatest(press);
  useEffect(() => {
    if (ear !== 'on') return;
    let stop: (() => void) | null = null;
    let left = false;
    listenForKnocks(() => pressed.current())
      .then((end) => (left ? end() : (stop = end)))
      .catch(() => setEar('none'));
    return () => {
      left = true;
      stop?.();
    };
  }, [ear, pressed]);
  const again = () => {
    setStart(null);
    setLaps([]);
  };
  useEffect(() => {
    if (!running) return;
    const tick = setInterval(() => setNow(performance.now() / 1000), 100);
    return () => clearInterval(tick);
  }, [running]);
  useEffect(() => {
    const on = (e: KeyboardEvent) => {
      if (e.repeat || e.ctrlKey || e.metaKey || e.altKey || e.key === 'Escape' || e.key === 'Tab') return;
      const t = e.target as HTMLElement;
      if (t.closest('[data-plain]')) return;
      e.preventDefault();
      press();
    };
    window.addEventListener('keydown', on);
    return () => window.removeEventListener('keydown', on);
  });
  const take = () => {
    const n = laps.length;
    onTaken({
      depthMm: marks[n - 1]!,
      seconds: Number(laps[n - 1]!.toFixed(2)),
      marks: laps.map((s, i) => ({ mm: marks[i]!, s: Number(s.toFixed(2)) })),
      timedFrom: from,
    });
    onClose();
  };
  const next =
    start === null
      ? 'Start'
      : laps.length < marks.length
        ? `At ${typed(marks[laps.length]!, 'depth')}`
        : 'Done';
  return (
    <Dialog open onClose={onClose} aria-labelledby="watch-title" fullWidth maxWidth="sm">
      <DialogTitle id="watch-title">Time a cut</DialogTitle>
      <DialogContent>
        <p className="dim">
          Draw lines at {marks.map((m) => typed(m, 'depth')).join(' and ')} on the side of the offcut. Press at
          the start, then as the wire passes each line: this button, the space bar, or a foot pedal that types
          any key.
        </p>
        <button type="button" className={css.big} onClick={press} disabled={laps.length === marks.length}>
          <span className={css.time}>
            {start === null
              ? '0.0'
              : (laps.length === marks.length ? laps.at(-1)! : Math.max(0, now - start)).toFixed(1)}
            &nbsp;s
          </span>
          <span>{next}</span>
        </button>
        <ul className={css.laps} aria-label="Marks timed">
          {laps.map((s, i) => (
            <li key={i} className="num">
              {typed(marks[i]!, 'depth')} at {s.toFixed(2)} s
              {i > 0 && `, ${say((marks[i]! - marks[i - 1]!) / (s - laps[i - 1]!), 'feed')} since the first`}
            </li>
          ))}
        </ul>
        <div data-plain>
          <Check
            label="press by a knock on the bench, heard by the microphone"
            checked={ear === 'on'}
            onChange={(on) => setEar(on ? 'on' : 'off')}
          />
          {ear === 'on' && (
            <span className="dim"> Do not talk while you cut: a loud word can pass for a knock.</span>
          )}
          {ear === 'none' && <span role="alert"> No microphone, or no leave to use it.</span>}
        </div>
        <fieldset className={css.from} data-plain>
          <legend>It was started</legend>
          <Radios
            name="watch.from"
            value={from}
            options={[
              ['touch', 'as the wire touched the foam'],
              ['in-foam', 'already inside the foam'],
            ]}
            onChoose={setFrom}
          />
        </fieldset>
      </DialogContent>
      <DialogActions data-plain>
        <Button onClick={again} disabled={start === null}>
          Again
        </Button>
        <Button onClick={onClose}>Leave it</Button>
        <Button variant="contained" disabled={laps.length === 0} onClick={take}>
          Take it
        </Button>
      </DialogActions>
    </Dialog>
  );
}
