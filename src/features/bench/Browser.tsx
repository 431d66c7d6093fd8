'use client';
import { useEffect, useSyncExternalStore } from 'react';
import { hearOffline, keepOnDevice, offline, type Offline } from '@/state/offline';
import { downloads } from '@/state/places';
import css from './bench.module.css';

const OFFLINE = 'Opening without a network';

interface Ability {
  readonly name: string;
  readonly has: boolean;
  readonly otherWay: string;
  /** It is being got ready. */
  readonly late?: boolean;
}

/** What this browser gives here; some of it only on this machine itself or over https. */
function abilities(offline: Offline): Ability[] {
  const nav = navigator as Navigator & { wakeLock?: unknown };
  return [
    { name: 'Microphone', has: Boolean(nav.mediaDevices?.getUserMedia), otherWay: 'a plucked note can be typed in, or come from a sound file' },
    { name: 'Keeping the screen awake', has: Boolean(nav.wakeLock), otherWay: 'tones go on with the screen dark' },
    { name: OFFLINE, has: offline !== 'no', otherWay: 'a page that is open goes on, and what is logged is kept; do not close it', late: offline === 'getting' },
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
  const kept = useSyncExternalStore(hearOffline, offline, () => 'getting' as const);
  useEffect(() => void keepOnDevice(), []);
  if (!here) return null;
  return (
    <>
      <h3>This browser, at this address</h3>
      <ul className={css.abilities}>
        {abilities(kept).map((a) => (
          <li key={a.name}>
            <b>{a.name}</b>: {a.has ? a.late ? 'being got ready' : 'given' : <Lacks of={a} />}.
          </li>
        ))}
      </ul>
      <p className="dim">
        The microphone hears notes and knocks; the screen is kept awake while a cut is called. What is logged
        without a network waits on this device and is sent when it is back.
      </p>
    </>
  );
}

/** Why something is not given, and the other way: over https only the doubt about the certificate stands in the way. */
function Lacks({ of }: { of: Ability }) {
  if (of.name === OFFLINE && window.location.protocol === 'https:')
    return (
      <>
        not given while this browser doubts the certificate. <a href={downloads.certificate}>Get it</a>, let
        this device trust it, and load this page anew; until then {of.otherWay}
      </>
    );
  return (
    <>
      not given at this address (it wants https, as <code>npm start -- --https</code> gives, or this machine
      itself); {of.otherWay}
    </>
  );
}
