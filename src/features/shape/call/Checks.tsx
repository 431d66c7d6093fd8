'use client';
import Button from '@mui/material/Button';
import { useMemo, useState, type ReactNode } from 'react';
import type { PlanView } from '@/core/engine/template/view';
import { useUnits } from '@/ui/Units';
import { Check } from '@/ui/Check';
import css from './call.module.css';
import { usePedal } from './usePedal';
import { CHECKS, COLD_CHECKS, type CheckId } from './words';
import { kept } from './progress';

/** What must be so before a call begins; the pedal is tried out here, before any heat. */
export function Checks(p: {
  view: PlanView;
  storeKey: string;
  knocks: boolean;
  onKnocks: (on: boolean) => void;
  byFeel: boolean;
  onByFeel: (on: boolean) => void;
  onBegin: (cold: boolean) => void;
  /** Further choices of how it is called. */
  children?: ReactNode;
}) {
  const { say } = useUnits();
  const [ticked, tick] = useState<readonly CheckId[]>([]);
  const [heard, hear] = useState<string | null>(null);
  const ear = usePedal(true, p.knocks, (_, by) => hear(by));
  const waiting = useMemo(() => kept(p.storeKey), [p.storeKey]);
  const ready = (ids: readonly CheckId[]) => ids.every((id) => ticked.includes(id));
  const all = Object.keys(CHECKS) as CheckId[];
  const time = p.view.seconds;
  return (
    <section aria-label="Before it begins" data-phase="checks">
      {waiting && !p.byFeel && (
        <p className={css.left}>
          A {waiting.rehearsal ? 'rehearsal' : 'call'} was left in pass {waiting.pass + 1},{' '}
          {Math.round(waiting.place)} s in: it goes on from there.
        </p>
      )}
      <p>
        {p.view.passes.length} pass{p.view.passes.length === 1 ? '' : 'es'}, {say(time, 'time')} with their
        lead-outs; stations 0 to {p.view.plan.template.stations}, each the same number at both ends.
      </p>
      <div data-plain className={css.checks}>
        {all.map((id) => (
          <Check
            key={id}
            name={`check.${id}`}
            label={
              <>
                {CHECKS[id]}
                {!COLD_CHECKS.includes(id) && <small> (with heat)</small>}
              </>
            }
            checked={ticked.includes(id)}
            onChange={(on) => tick(on ? [...ticked, id] : ticked.filter((x) => x !== id))}
          />
        ))}
      </div>
      <div className={css.pedal}>
        <p>
          Both hands are on the bow: a foot pedal that types a key, or a knock on the bench, holds and goes on.
          Try it now. <b role="status">{heard ? `Heard: ${heard}.` : 'Nothing heard yet.'}</b>
        </p>
        <div data-plain>
          <Check label="listen for knocks by the microphone" checked={p.knocks} onChange={p.onKnocks} />
          {ear === 'none' && <span role="alert">No microphone, or no leave to use it.</span>}
        </div>
      </div>
      <div data-plain className={css.checks}>
        <Check
          name="call.byFeel"
          label="Led by feel: nothing is called ahead; whoever leads marks each station, and its number is said aloud for the other end"
          checked={p.byFeel}
          onChange={p.onByFeel}
        />
      </div>
      {p.children}
      <div className={css.begin} data-plain>
        <Button variant="outlined" size="large" disabled={!ready(COLD_CHECKS)} onClick={() => p.onBegin(true)}>
          Rehearse without heat
        </Button>
        <Button variant="contained" size="large" disabled={!ready(all)} onClick={() => p.onBegin(false)}>
          With heat
        </Button>
      </div>
      <p className="dim">
        That everything here is ticked does not make it safe. Power off before anything is touched, moved or
        measured.
      </p>
    </section>
  );
}
