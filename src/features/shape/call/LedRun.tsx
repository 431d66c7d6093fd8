'use client';
import Button from '@mui/material/Button';
import { useEffect, useRef, useState } from 'react';
import { numberClip } from '@/core/engine/call/cues';
import { LEAST_MARK_S, stationsOf } from '@/core/engine/call/led';
import { legsBetween } from '@/core/engine/call/pair';
import type { PassView, PlanView } from '@/core/engine/template/view';
import { loadClips, openVoice, type Clips } from '@/devices/voice/audio';
import type { Voice } from '@/devices/voice/port';
import { useUnits } from '@/ui/Units';
import css from './call.module.css';
import { HELD_HOT } from './words';
import { usePedal } from './usePedal';
import { SIDE_NAMES } from '../words';

/** How long a word is heard, s: a knock within it is the voice's own. */
const WORD_S = 0.7;
const now = () => performance.now() / 1000;

/**
 * One pass led by feel: the one who leads marks each station by button, key, pedal or knock; the program says its number aloud for the other end,
 * and shows how long the way is by the plan and within the clean feeds.
 */
export function LedRun(p: {
  view: PlanView;
  pass: PassView;
  count: string;
  rehearsal: boolean;
  knocks: boolean;
  onDone: (marks: readonly number[], planned: number) => void;
  onStop: () => void;
}) {
  const { say } = useUnits();
  const [marks, setMarks] = useState<readonly number[]>([]);
  const [time, setTime] = useState(0);
  const speak = useSpeaker(p.pass);
  const stations = stationsOf(p.pass.nodes);
  const legs = legsBetween(p.pass, p.view);
  const next = stations[marks.length];
  const leg = marks.length > 0 ? legs[marks.length - 1] : undefined;
  const last = useRef(-1);
  const press = () => {
    const t = now();
    if (t - last.current < LEAST_MARK_S) return;
    last.current = t;
    if (!next) {
      const first = marks[0]!;
      const planned = legs.reduce((sum, l) => sum + l.planned, 0);
      return p.onDone(
        marks.map((m) => m - first),
        planned,
      );
    }
    setMarks([...marks, t]);
    setTime(t);
    speak(next.n === 0 && p.pass.side !== 'outline' ? 'nose' : numberClip(next.n));
  };
  usePedal(true, p.knocks, (a, by) => {
    if (a !== 'press' || (by === 'a knock' && now() - last.current < WORD_S)) return;
    press();
  });
  useEffect(() => {
    if (marks.length === 0) return;
    const id = setInterval(() => setTime(now()), 100);
    return () => clearInterval(id);
  }, [marks.length]);
  const since = marks.length > 0 ? Math.max(0, time - marks.at(-1)!) : 0;
  const long = leg && since > leg.longest;
  return (
    <section
      aria-label={`Pass ${p.count}, led by feel`}
      data-phase="led"
      data-marked={marks.length}
      className={css.run}
    >
      <p className={css.kind}>
        {SIDE_NAMES[p.pass.side]}, pass {p.count}, led by feel
        {p.rehearsal ? ', without heat' : ''}
      </p>
      <p className={css.figure} aria-hidden="true">
        {next ? next.n : 'lead-out'}
      </p>
      <p className={css.until}>
        {!next ? (
          'through: lead it out level, then power off'
        ) : !leg ? (
          'mark station 0 as the wire reaches the edge; the number is said aloud for the other end'
        ) : (
          <>
            <b className="num">{since.toFixed(1)}</b> s since station {stations[marks.length - 1]!.n}; planned{' '}
            {leg.planned.toFixed(1)} s, clean from {leg.shortest.toFixed(1)} to {leg.longest.toFixed(1)} s
          </>
        )}
      </p>
      <button type="button" className={css.big} onClick={press}>
        {next ? `Station ${next.n}` : 'It is out'}
      </button>
      {long && next && !p.rehearsal && <p role="alert">{HELD_HOT}</p>}
      <p className="dim">
        Any key, a pedal{p.knocks ? ' or a knock' : ''} marks it too. Nothing is called ahead: the one who leads
        sets the pace, {say(p.view.advised, 'feed')} is the plan’s.
      </p>
      <p data-plain>
        <Button disabled={marks.length === 0} onClick={() => setMarks(marks.slice(0, -1))}>
          Take the last mark back
        </Button>{' '}
        <Button onClick={p.onStop}>Leave it here{p.rehearsal ? '' : ': power off'}</Button>
      </p>
    </section>
  );
}

/** Says a word at once, or sounds a tone in its place. */
function useSpeaker(pass: PassView): (clip: string) => void {
  const clips = useRef<Promise<Clips> | null>(null);
  const voice = useRef<Voice | null>(null);
  useEffect(() => {
    const names = stationsOf(pass.nodes).map((s) => numberClip(s.n));
    clips.current = loadClips(['nose', ...names]);
    return () => {
      voice.current?.close();
      voice.current = null;
    };
  }, [pass]);
  return (clip) => {
    void (async () => {
      voice.current ??= (await openVoice((await clips.current) ?? new Map())).voice;
      voice.current.play(clip, voice.current.now() + 0.02);
    })();
  };
}
