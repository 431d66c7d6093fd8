'use client';
import { useEffect, useState } from 'react';
import { idleMinutes, NUDGE_MIN } from '@/core/engine/wireOn';
import { Act } from './Act';
import css from './power.module.css';
import { useWhen } from './When';

/** Whether the wire is under power, since when; a nudge after minutes without a cut; power off as the last word. */
export function PowerLine(p: {
  onSince: string | null;
  lastCut: string | null;
  onPower: (on: boolean) => Promise<string | null>;
  /** Slackened for storage since; said before it is heated. */
  slackSince?: string | null;
}) {
  const [now, tick] = useState(() => Date.now());
  const [fault, setFault] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const { onSince } = p;
  const when = useWhen();
  useEffect(() => {
    if (onSince === null) return;
    tick(Date.now());
    const id = setInterval(() => tick(Date.now()), 5000);
    return () => clearInterval(id);
  }, [onSince]);
  const turn = async (on: boolean) => {
    setBusy(true);
    setFault(await p.onPower(on));
    setBusy(false);
    tick(Date.now());
  };
  const minutes = onSince === null ? 0 : Math.floor(Math.max(0, now - Date.parse(onSince)) / 60000);
  const idle = onSince === null ? 0 : idleMinutes(onSince, p.lastCut, now);
  const nudge = onSince !== null && idle >= NUDGE_MIN;
  return (
    <div
      className={css.line}
      data-on={onSince !== null}
      data-nudge={nudge || (onSince === null && Boolean(p.slackSince))}
    >
      <p role="status">
        {onSince === null && p.slackSince ? (
          <b>Slackened on {when.day(p.slackSince)}: set the tension again before it is heated.</b>
        ) : onSince === null ? (
          'Noted: power off.'
        ) : nudge ? (
          <b>
            Under power {minutes} min, {Math.floor(idle)} without a cut. Power off?
          </b>
        ) : (
          <>
            <b>Under power</b> since {when.hour(onSince)}, {minutes} min
          </>
        )}
      </p>
      <Act strong={onSince !== null} disabled={busy} onClick={() => void turn(onSince === null)}>
        {onSince === null ? 'Power is on' : 'Power off'}
      </Act>
      {fault && <span role="alert">{fault}</span>}
    </div>
  );
}
