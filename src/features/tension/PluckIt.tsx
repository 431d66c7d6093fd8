'use client';
import { useEffect, useRef, useState } from 'react';
import type { LoggedPull } from '@/core/documents/pull';
import { tensionOfNote } from '@/core/engine/tensionRead';
import { fileSource, microphone } from '@/devices/sound/browser';
import { SoundFault, type SoundSource } from '@/devices/sound/port';
import type { PluckReading } from '@/devices/sound/readPluck';
import { useDerived } from '@/state/RigContext';
import { Act } from '@/ui/Act';
import { PickFile } from '@/ui/PickFile';
import { useUnits } from '@/ui/Units';
import { LogPull } from './LogPull';
import css from './tension.module.css';
import { NO_NOTE, NO_SOUND } from './words';

/** How long is listened, s. */
const SECONDS = 3;
/** A note within this share of twice or half the expected is most likely an octave misheard. */
const OCTAVE = 0.12;

type State =
  | { readonly is: 'idle' }
  | { readonly is: 'listening'; readonly until: number }
  | { readonly is: 'read'; readonly reading: PluckReading; readonly from: string }
  | { readonly is: 'failed'; readonly words: string };

/** The pull by ear: a plucked note from the microphone, a recorded sound or the stand-in wire. */
export function PluckIt({ log }: { log: (p: LoggedPull) => Promise<string | null> }) {
  const { evaluation: e } = useDerived();
  const { say } = useUnits();
  const [state, setState] = useState<State>({ is: 'idle' });
  const stop = useRef<AbortController | null>(null);
  useEffect(() => () => stop.current?.abort(), []);
  const expected = e.tension.pluckHz;
  const hear = async (source: SoundSource, from: string, listens: boolean) => {
    stop.current?.abort();
    const mine = new AbortController();
    stop.current = mine;
    setState({ is: 'listening', until: listens ? Date.now() + SECONDS * 1000 : 0 });
    try {
      const sound = await source.listen(SECONDS, mine.signal);
      const { readPluck } = await import('@/devices/sound/readPluck');
      if (mine.signal.aborted) return;
      setState({ is: 'read', reading: readPluck(sound), from });
    } catch (fault) {
      if (stop.current !== mine) return;
      setState({ is: 'failed', words: NO_SOUND[fault instanceof SoundFault ? fault.why : 'not-a-sound'] });
    }
  };
  const standIn = async () => {
    const { standInSource } = await import('@/devices/sound/standIn');
    const seed = (Date.now() % 100000) + 1;
    // A wire whose pull nobody knows: a note somewhere about the expected one.
    const hertz = Math.min(440, Math.max(35, expected)) * (0.88 + 0.24 * ((seed * 7919) % 1000) * 0.001);
    await hear(standInSource({ hertz, seed, dies: 0.7 }), 'the stand-in wire', false);
  };
  const heard = state.is === 'read' && state.reading.ok ? state.reading : null;
  const newtons = heard ? Number(tensionOfNote(e, heard.hertz).toPrecision(3)) : null;
  return (
    <section id="pluck" aria-label="Pluck it">
      <h2>Pluck it</h2>
      <p>
        Wire cold, foam off, a fingertip at its middle, then hands away. At {say(e.tension.coldN, 'force')} it
        should sound at <b className="num">{say(expected, 'pitch')}</b>.
      </p>
      <div className={css.acts}>
        <Act strong onClick={() => void hear(microphone, 'the microphone', true)}>
          Listen {SECONDS} s
        </Act>
        <PickFile
          plain
          name="Sound file"
          words="A recorded sound"
          accept="audio/*"
          onFile={(file) => void hear(fileSource(file), file.name, false)}
        />
        <Act onClick={() => void standIn()}>The stand-in wire</Act>
        {state.is === 'listening' && (
          <Act onClick={() => (stop.current?.abort(), setState({ is: 'idle' }))}>Stop</Act>
        )}
      </div>
      <div role="status">
        {state.is === 'listening' &&
          (state.until > 0 ? <Countdown until={state.until} /> : <p>Reading it …</p>)}
        {state.is === 'failed' && <p className={css.fault}>{state.words}</p>}
        {state.is === 'read' && !state.reading.ok && (
          <p className={css.fault}>
            No note taken from {state.from}: {NO_NOTE[state.reading.why]}
          </p>
        )}
        {heard && state.is === 'read' && (
          <>
            <dl className={css.now}>
              <div>
                <dt>note</dt>
                <dd className="num">{say(heard.hertz, 'pitch')}</dd>
              </div>
              <div>
                <dt>tension, cold</dt>
                <dd className="num">{say(newtons, 'force')}</dd>
              </div>
              <div>
                <dt>sure by</dt>
                <dd className="num">{say(heard.confidence, 'share')}</dd>
              </div>
            </dl>
            <p className="dim">from {state.from}</p>
            {octaveOf(heard.hertz, expected) && (
              <p className={css.fault}>
                That is about {octaveOf(heard.hertz, expected)} the note expected, a tension{' '}
                {octaveOf(heard.hertz, expected) === 'twice' ? 'four times' : 'a quarter of'} it: most likely an
                octave misheard. Pluck at the very middle, softly, and listen again.
              </p>
            )}
          </>
        )}
      </div>
      {heard && (
        <LogPull
          way="pitch"
          newtons={newtons}
          hertz={Number(heard.hertz.toPrecision(4))}
          when="cold"
          missing=""
          log={log}
        />
      )}
    </section>
  );
}

/** Whether a note lies an octave off the expected one. */
function octaveOf(hertz: number, expected: number): 'twice' | 'half' | null {
  if (Math.abs(hertz / (2 * expected) - 1) < OCTAVE) return 'twice';
  if (Math.abs((2 * hertz) / expected - 1) < OCTAVE) return 'half';
  return null;
}

function Countdown({ until }: { until: number }) {
  const [left, setLeft] = useState(SECONDS);
  useEffect(() => {
    const tick = setInterval(() => setLeft(Math.max(0, (until - Date.now()) / 1000)), 100);
    return () => clearInterval(tick);
  }, [until]);
  return (
    <p>
      {left > 0 ? `Pluck now: ${left.toFixed(0)} s` : 'Reading it …'}
      <progress max={SECONDS} value={SECONDS - left} aria-label="Listened" className={css.bar} />
    </p>
  );
}
