'use client';
import Button from '@mui/material/Button';
import { useEffect, useRef, useState } from 'react';
import type { Marks } from '@/core/engine/call/led';
import type { PlanView } from '@/core/engine/template/view';
import { turnedSteps } from '@/core/words/turned';
import { useRig } from '@/state/RigContext';
import { useWire } from '@/state/useWire';
import { useUnits } from '@/ui/Units';
import css from './call.module.css';
import { LedRun } from './LedRun';
import { PassRun } from './PassRun';
import { keep, kept } from './progress';
import { BETWEEN } from './words';
import { SIDE_NAMES } from '../words';

/** A call that ran through: what it was to take, what it took, whether anything had moved between its passes. */
export interface RunSoFar {
  readonly plannedS: number;
  readonly heldS: number;
  readonly moved: boolean | null;
  /** Marks of passes that were led by feel. */
  readonly led: readonly Marks[];
}

/** The passes of one core: warm-up, each pass called, power off and a look between them. */
export function Passes(p: {
  view: PlanView;
  rehearsal: boolean;
  knocks: boolean;
  byFeel: boolean;
  rate: number;
  storeKey: string;
  onDone: (r: RunSoFar) => void;
  onStop: () => void;
}) {
  const [was] = useState(() => {
    const k = kept(p.storeKey);
    return k && !p.byFeel && k.rehearsal === p.rehearsal && k.pass < p.view.passes.length ? k : null;
  });
  const [at, setAt] = useState<{ pass: number; part: 'warm' | 'run' | 'between' }>({
    pass: was?.pass ?? 0,
    part: p.rehearsal ? 'run' : 'warm',
  });
  const sum = useRef({ planned: was?.planned ?? 0, led: was?.led ?? 0 });
  const marks = useRef<readonly Marks[]>([]);
  const [moved, setMoved] = useState<boolean | null>(null);
  const power = useWire(useRig((s) => s.id));
  const pass = p.view.passes[at.pass]!;
  const leave = () => {
    if (!p.rehearsal) void power.off();
    p.onStop();
  };
  const { storeKey, rehearsal } = p;
  if (at.part === 'warm')
    return (
      <Warm
        view={p.view}
        onPower={() => void power.on()}
        onHot={() => setAt({ ...at, part: 'run' })}
        onStop={leave}
      />
    );
  if (at.part === 'between')
    return (
      <Between
        view={p.view}
        rehearsal={rehearsal}
        next={SIDE_NAMES[p.view.passes[at.pass + 1]!.side].toLowerCase()}
        onGo={(m) => {
          setMoved((x) => (m === null ? x : x === true || m));
          setAt({ pass: at.pass + 1, part: rehearsal ? 'run' : 'warm' });
        }}
      />
    );
  const after = (led: number, planned: number) => {
    if (!rehearsal) void power.off();
    sum.current = { planned: sum.current.planned + planned, led: sum.current.led + led };
    if (at.pass + 1 < p.view.passes.length) {
      // What was marked is not kept over a reload: a core half led by feel begins anew.
      if (!p.byFeel) keep(storeKey, { rehearsal, pass: at.pass + 1, place: 0, rate: 1, ...sum.current });
      setAt({ pass: at.pass, part: 'between' });
    } else {
      keep(storeKey, null);
      const { planned, led } = sum.current;
      p.onDone({ plannedS: planned, heldS: led, moved, led: marks.current });
    }
  };
  const one = {
    view: p.view,
    pass,
    count: `${at.pass + 1} of ${p.view.passes.length}`,
    rehearsal,
    knocks: p.knocks,
    onStop: leave,
  };
  if (p.byFeel)
    return (
      <LedRun
        key={at.pass}
        {...one}
        onDone={(seconds, planned) => {
          marks.current = [...marks.current, { side: pass.side, seconds }];
          after(seconds.at(-1)!, planned);
        }}
      />
    );
  return (
    <PassRun
      key={at.pass}
      {...one}
      first={{ rate: was?.rate ?? p.rate, from: was?.pass === at.pass ? was.place : 0 }}
      onPlace={(place, rate) =>
        keep(storeKey, {
          rehearsal,
          pass: at.pass,
          place,
          rate,
          led: sum.current.led,
          planned: sum.current.planned,
        })
      }
      onDone={after}
    />
  );
}

/** The wire warms: seconds left, and what it does. */
function Warm({
  view,
  onPower,
  onHot,
  onStop,
}: {
  view: PlanView;
  onPower: () => void;
  onHot: () => void;
  onStop: () => void;
}) {
  const { say } = useUnits();
  const whole = Math.ceil((view.warmUpS ?? 10) * 1.2);
  const [left, setLeft] = useState<number | null>(null);
  useEffect(() => {
    if (left === null || left <= 0) return;
    const id = setTimeout(() => setLeft(left - 1), 1000);
    return () => clearTimeout(id);
  }, [left]);
  return (
    <section aria-label="Warm-up" data-phase="warm" className={css.run}>
      <p className={css.kind}>Power on, wire in air at the start of both lead-ins</p>
      <p className={css.figure}>{left === null ? whole : Math.max(0, left)} s</p>
      <p>
        It should settle at {say(view.wireC, 'temperature')}; no smoke in air. Check the meter, and that the
        tension is still set.
      </p>
      {left === null ? (
        <button type="button" className={css.big} onClick={() => (onPower(), setLeft(whole))}>
          Power is on
        </button>
      ) : (
        <button type="button" className={css.big} disabled={left > 0} onClick={onHot}>
          {left > 0 ? 'warming …' : 'It is hot: go on'}
        </button>
      )}
      <p>
        <Button onClick={onStop}>Leave it: power off</Button>
      </p>
    </section>
  );
}

/** Between two passes of one core: power off, what may be touched, whether anything moved. */
function Between(p: {
  view: PlanView;
  rehearsal: boolean;
  next: string;
  onGo: (moved: boolean | null) => void;
}) {
  const { say } = useUnits();
  return (
    <section aria-label="Between the passes" data-phase="between" className={css.run}>
      <p className={css.kind}>Power off</p>
      {!p.rehearsal && <p>Cold enough for a brush, not a grip, after {say(p.view.coolDownS, 'time')}.</p>}
      <p>
        <b>May be touched.</b> {BETWEEN.may}
      </p>
      <p>
        <b>Not.</b> {BETWEEN.not}
      </p>
      {p.view.plan.template.split === 'turned' && (
        <ol aria-label="Turn the block over">
          {turnedSteps(p.view.plan.template).turn.map((line) => (
            <li key={line}>{line}</li>
          ))}
        </ol>
      )}
      <p>Hold the two chord lines against the marks on the block: did anything move? Next is the {p.next}.</p>
      <div className={css.begin}>
        <Button variant="outlined" size="large" onClick={() => p.onGo(true)}>
          It moved, and is set again
        </Button>
        <Button variant="contained" size="large" onClick={() => p.onGo(false)}>
          Nothing moved: go on
        </Button>
      </div>
    </section>
  );
}
