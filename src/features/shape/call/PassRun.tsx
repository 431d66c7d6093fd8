'use client';
import Button from '@mui/material/Button';
import { useEffect, useRef } from 'react';
import type { PassView, PlanView } from '@/core/engine/template/view';
import { useUnits } from '@/ui/Units';
import css from './call.module.css';
import { Places } from './Places';
import { useCall } from './useCall';
import { usePedal } from './usePedal';
import { HELD_HOT } from './words';
import { SIDE_NAMES } from '../words';
import { useLatest } from '@/ui/useLatest';

/** How long a word is heard, s. */
const WORD_S = 0.7;

/** One pass, called: the next station and its second in figures that read from two metres, one big button. */
export function PassRun(p: {
  view: PlanView;
  pass: PassView;
  count: string;
  rehearsal: boolean;
  knocks: boolean;
  first: { rate: number; from: number };
  onPlace: (place: number, rate: number) => void;
  onDone: (led: number, planned: number) => void;
  onStop: () => void;
}) {
  const { say } = useUnits();
  const { sheet, state, press, pace, place } = useCall(p.pass, p.first, p.onDone, !p.knocks);
  usePedal(true, p.knocks, (a, by) => {
    // The microphone hears the voice too: what comes while a word is said is not taken for a knock.
    const at = place();
    const spoken = at !== null && sheet.cues.some((c) => at - c.at > -0.05 && at - c.at < WORD_S * state.rate);
    if (by === 'a knock' && state.running && spoken) return;
    if (a === 'press') press();
    else pace(a === 'faster' ? 1 : -1);
  });
  const box = useRef<HTMLElement>(null);
  const tellPlace = useLatest(p.onPlace);
  useEffect(() => {
    if (state.begun) tellPlace.current(state.place, state.rate);
  }, [state.place, state.rate, state.begun, tellPlace]);
  // For a look from outside: the place and the page's own clock at one instant.
  useEffect(() => {
    let id = 0;
    const look = () => {
      const at = place();
      if (box.current && at !== null) {
        box.current.dataset['place'] = at.toFixed(4);
        box.current.dataset['clock'] = (performance.now() / 1000).toFixed(4);
      }
      id = requestAnimationFrame(look);
    };
    id = requestAnimationFrame(look);
    return () => cancelAnimationFrame(id);
  });
  useEffect(() => {
    const lock = (
      navigator as Navigator & {
        wakeLock?: { request: (k: string) => Promise<{ release: () => Promise<void> }> };
      }
    ).wakeLock
      ?.request('screen')
      .catch(() => null);
    return () => void lock?.then((l) => l?.release()).catch(() => null);
  }, []);
  const next = p.pass.nodes.findIndex(
    (n, i) => (n.kind === 'station' || n.kind === 'out') && sheet.reach[i]! > state.place + 1e-6,
  );
  const node = p.pass.nodes[next];
  const wait = p.pass.waits.find(
    (w) => w.seconds > 0 && sheet.reach[w.node]! <= state.place && sheet.leave[w.node]! > state.place,
  );
  const counting = state.place < sheet.reach[0]!;
  const figure = counting
    ? 'ready'
    : wait
      ? 'wait'
      : !node
        ? 'off'
        : node.kind === 'out'
          ? 'lead-out'
          : String(node.n);
  const until = wait
    ? sheet.leave[wait.node]! - state.place
    : counting
      ? sheet.reach[0]! - state.place
      : node
        ? sheet.reach[next]! - state.place
        : 0;
  return (
    <section
      ref={box}
      aria-label={`Pass ${p.count}`}
      data-phase="run"
      data-running={state.running}
      data-sound={String(state.sound)}
      data-next={figure}
      className={css.run}
    >
      <p className={css.kind}>
        {SIDE_NAMES[p.pass.side]}, pass {p.count}
        {p.rehearsal ? ', without heat' : ''}
      </p>
      <p className={css.figure} aria-hidden="true">
        {figure}
      </p>
      <p className={css.until}>
        {state.begun ? (
          <>
            in <b className="num">{Math.max(0, until / state.rate).toFixed(1)}</b> s,{' '}
            {Math.round(Math.max(0, sheet.seconds - state.place) / state.rate)} s to the end
          </>
        ) : (
          'a count of three, then both ends start'
        )}
      </p>
      <button type="button" className={css.big} onClick={press} data-held={state.begun && !state.running}>
        {state.running ? 'Hold' : state.begun ? 'Go on' : 'Start'}
      </button>
      {/* No [data-plain]: a pedal's key must hold the call whichever button was touched last. */}
      <div className={css.pace}>
        <Button size="large" variant="outlined" onClick={() => pace(-1)} disabled={!state.begun}>
          Slower
        </Button>
        <span className="num">{Math.round(100 * state.rate)} %</span>
        <Button size="large" variant="outlined" onClick={() => pace(1)} disabled={!state.begun}>
          Faster
        </Button>
      </div>
      {state.begun && !state.running && !p.rehearsal && <p role="alert">{HELD_HOT}</p>}
      {state.sound === false && <p role="status">This machine’s sound does not run: the screen calls alone.</p>}
      <Places view={p.view} pass={p.pass} place={state.place} reach={sheet.reach} leave={sheet.leave} />
      <p className="dim">
        Space, Enter or a pedal: hold and go on. Arrows up and down: faster, slower.{' '}
        {say(p.view.advised, 'feed')} is the pace of the longer end.
      </p>
      {p.knocks && (
        <p className="dim">
          Knocks are listened for, so the ticks are left out, and a knock while a word is said does not count:
          knock again. With headphones none is lost.
        </p>
      )}
      <p data-plain>
        <Button onClick={p.onStop}>Leave it here{p.rehearsal ? '' : ': power off'}</Button>
      </p>
    </section>
  );
}
