'use client';
import { useMemo, useState, type ReactNode } from 'react';
import type { LedTrace } from '@/core/documents/practice';
import type { Rig } from '@/core/documents/rig';
import { callSheet } from '@/core/engine/call/cues';
import type { PassSide } from '@/core/engine/template/pass';
import type { PassView, PlanView } from '@/core/engine/template/view';
import { calledAims, courseOfPass } from '@/core/practice/called';
import type { PracticeWire } from '@/core/practice/wire';
import { planFindingWords, SIDE_NAMES } from '@/core/words/plan';
import { places } from '@/state/places';
import type { PlanRecord } from '@/state/types';
import { usePlanned } from '@/state/usePlanned';
import { Check } from '@/ui/Check';
import { Choice } from '@/ui/Choice';
import { Link } from '@/ui/Link';
import { useUnits } from '@/ui/Units';
import { Bench } from './Bench';
import css from './practice.module.css';
import { useCaller } from './useCaller';

interface CoreProps {
  readonly wire: PracticeWire;
  readonly rig: Rig;
  readonly rigId: string;
  readonly onKeep: (trace: LedTrace) => Promise<string>;
}

/** One's own pieces, pass by pass, as they would be called. */
export function Core(p: CoreProps & { plans: readonly PlanRecord[] }) {
  const [chosen, choose] = useState(p.plans[0]?.id);
  const plan = p.plans.find((x) => x.id === chosen);
  if (!plan)
    return (
      <p>
        There is no piece on this rig yet. Plan one on{' '}
        <Link href={places.rig(p.rigId, 'shape')}>its stage Shape</Link>, then lead it here before any foam is
        cut.
      </p>
    );
  const piece = (
    <Choice
      label="Piece"
      name="practice.piece"
      value={plan.id}
      options={p.plans.map((x) => ({ value: x.id, name: x.doc.name || 'without a name' }))}
      onChoose={choose}
    />
  );
  return <Planned key={plan.id} {...p} doc={plan.doc} piece={piece} />;
}

function Planned(p: CoreProps & { doc: PlanRecord['doc']; piece: ReactNode }) {
  const { doc, piece } = p;
  const [aloud, setAloud] = useState(true);
  const { say } = useUnits();
  const { view, fault } = usePlanned(p.rig, doc);
  const [side, setSide] = useState<PassSide | null>(null);
  const stop = view?.findings.find((f) => f.level === 'stop');
  if (fault || !view || stop)
    return (
      <div className={css.middle}>
        <div className={css.picks}>{piece}</div>
        {fault || stop ? (
          <p role="alert">
            {stop
              ? `${planFindingWords(stop.code, stop.values, say).head}.`
              : 'This piece cannot be led as it stands.'}{' '}
            <Link href={places.rig(p.rigId, 'shape')}>To its stage Shape</Link>
          </p>
        ) : (
          <p className={css.dim}>Working it out …</p>
        )}
      </div>
    );
  const pass = view.passes.find((x) => x.side === side) ?? view.passes[0]!;
  return (
    <div className={css.middle}>
      <div className={css.picks}>
        {piece}
        {view.passes.length > 1 && (
          <Choice
            label="Pass"
            name="practice.pass"
            value={pass.side}
            options={view.passes.map((x) => ({ value: x.side, name: SIDE_NAMES[x.side] }))}
            onChoose={setSide}
          />
        )}
        <Check label="Call it aloud" checked={aloud} onChange={setAloud} />
      </div>
      <Pass key={pass.side} {...p} view={view} pass={pass} aloud={aloud} />
    </div>
  );
}

function Pass(p: CoreProps & { view: PlanView; pass: PassView; aloud: boolean }) {
  const { view, pass } = p;
  const course = useMemo(() => courseOfPass(view, pass), [view, pass]);
  const sheet = useMemo(() => callSheet(pass), [pass]);
  const called = useMemo(() => calledAims(pass, sheet), [pass, sheet]);
  const { begin, end } = useCaller(sheet);
  return (
    <Bench
      wire={p.wire}
      course={course}
      rig={p.rig}
      drill="core"
      replay={null}
      called={called}
      onBegin={() => {
        if (p.aloud) void begin();
      }}
      onStop={end}
      onKeep={p.onKeep}
    />
  );
}
