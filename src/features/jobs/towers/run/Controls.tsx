'use client';
import { useState } from 'react';
import type { ControllerFault } from '@/devices/controller/port';
import { Act } from '@/ui/Act';
import { Check } from '@/ui/Check';
import { Choice } from '@/ui/Choice';
import css from './run.module.css';
import type { useRun } from './useRun';
import { CHECKS, FAULT_NAMES, SPEED_NAMES, type NOTHING } from './words';

type Faults = ControllerFault | typeof NOTHING;
const options = <T extends string>(names: Readonly<Record<T, string>>) =>
  (Object.keys(names) as T[]).map((value) => ({ value, name: names[value] }));

/** What is looked at first, and the buttons that begin, hold and stop a run. */
export function Controls(p: {
  made: ReturnType<typeof useRun>;
  coldDone: boolean;
  fault: Faults;
  speed: number;
  onFault: (fault: Faults) => void;
  onSpeed: (speed: number) => void;
}) {
  const { run, start, hold, resume, stop } = p.made;
  const [ticked, tick] = useState<readonly boolean[]>(CHECKS.map(() => false));
  const going = run.phase === 'going';
  const all = ticked.every(Boolean);
  const waits = run.report?.state === 'held' || run.report?.state === 'waiting';
  if (going)
    return (
      <div className={css.going}>
        <button type="button" className={css.stop} onClick={stop}>
          Stop
        </button>
        {waits ? (
          <button type="button" className={css.hold} onClick={resume}>
            Go on
          </button>
        ) : (
          <button type="button" className={css.hold} onClick={hold}>
            Hold
          </button>
        )}
        <p className="dim">Stop: motors and heat off. Hold: motors stand, the wire stays hot and melts on.</p>
      </div>
    );
  const why = !p.coldDone
    ? 'First a whole run with the wire cold.'
    : !all
      ? 'First every line above, looked at and ticked.'
      : null;
  return (
    <>
      <h2>Before it runs</h2>
      <div className={css.checks}>
        {CHECKS.map((label, i) => (
          <Check
            key={label}
            label={label}
            checked={ticked[i]!}
            onChange={(on) => tick(ticked.map((t, k) => (k === i ? on : t)))}
          />
        ))}
      </div>
      <p className={css.acts}>
        <Act strong={!p.coldDone} onClick={() => start(true)}>
          Run it cold
        </Act>
        <Act strong={p.coldDone} disabled={why !== null} onClick={() => start(false)}>
          Run with heat
        </Act>
      </p>
      {why && <p className="dim">{why}</p>}
      <Choice
        label="Practise"
        name="fault"
        value={p.fault}
        options={options(FAULT_NAMES)}
        onChoose={p.onFault}
      />
      <Choice
        label="Its clock"
        name="speed"
        value={String(p.speed) as keyof typeof SPEED_NAMES}
        options={options(SPEED_NAMES)}
        onChoose={(v) => p.onSpeed(Number(v))}
      />
    </>
  );
}
