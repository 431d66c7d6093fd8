'use client';
import { useSyncExternalStore } from 'react';
import css from './bench.module.css';

interface Ability {
  readonly name: string;
  readonly has: boolean;
  readonly otherWay: string;
}

/** What this browser gives here; some of it only on this machine itself or over https. */
function abilities(): Ability[] {
  const nav = navigator as Navigator & { wakeLock?: unknown };
  return [
    { name: 'Microphone', has: Boolean(nav.mediaDevices?.getUserMedia), otherWay: 'a plucked note can be typed in, or come from a sound file' },
    { name: 'Keeping the screen awake', has: Boolean(nav.wakeLock), otherWay: 'tones go on with the screen dark' },
    { name: 'Working offline', has: 'serviceWorker' in nav && window.isSecureContext, otherWay: 'keep the machine that serves this switched on' },
  ]; // prettier-ignore
}

const never = () => () => {};

/** Tests what the browser gives, and says what to do where it gives less. */
export function Browser() {
  const here = useSyncExternalStore(
    never,
    () => true,
    () => false,
  );
  if (!here) return null;
  return (
    <>
      <h3>This browser, at this address</h3>
      <ul className={css.abilities}>
        {abilities().map((a) => (
          <li key={a.name}>
            <b>{a.name}</b>:{' '}
            {a.has
              ? 'given'
              : `not given at this address (it wants https or this machine itself); ${a.otherWay}`}
            .
          </li>
        ))}
      </ul>
      <p className="dim">
        The microphone hears notes and knocks; the screen is kept awake while a cut is called.
      </p>
    </>
  );
}
