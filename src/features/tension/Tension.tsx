'use client';
import { CUTTERS } from '@/core/documents/cutters';
import { TENSION_CODES, type FindingCode } from '@/core/documents/reading';
import { NO_TAKE_UP } from '@/core/words/cutters';
import { letGoOf } from '@/core/engine/takeUp';
import { findingWords } from '@/core/words/findings';
import { RigProvider, useDerived, useRig } from '@/state/RigContext';
import type { OpenRig, PullRecord } from '@/state/types';
import { usePulls } from '@/state/usePulls';
import { LEVEL_WORD, LevelMark } from '@/ui/Level';
import { Link } from '@/ui/Link';
import { useUnits } from '@/ui/Units';
import { Balance } from './Balance';
import { Ends } from './Ends';
import { OverDays } from './OverDays';
import { PluckIt } from './PluckIt';
import { SetIt } from './SetIt';
import { Storage } from './Storage';
import css from './tension.module.css';
import { places } from '@/state/places';

/** Setting a rig's pull at the bench: step by step, by ear, over days; its ends; its balance. */
export function Tension({ open, pulls }: { open: OpenRig; pulls: readonly PullRecord[] }) {
  return (
    <RigProvider open={open}>
      <Inside loaded={pulls} />
    </RigProvider>
  );
}

function Inside({ loaded }: { loaded: readonly PullRecord[] }) {
  const id = useRig((s) => s.id);
  const name = useRig((s) => s.doc.name);
  const problem = useRig((s) => s.problem);
  const conflict = useRig((s) => s.theirs !== null);
  const kind = useRig((s) => s.doc.frame.kind);
  const { pulls, log, drop } = usePulls(id, loaded);
  return (
    <div className="page">
      <div className={css.top}>
        <h1>Tension of {name || 'a rig without a name'}</h1>
        <Link href={places.rig(id, 'tension')}>Back to the rig</Link>
      </div>
      {(problem || conflict) && (
        <p role="alert" className={css.fault}>
          {conflict ? 'Another window changed this rig: go back to it and choose which to keep.' : problem}
        </p>
      )}
      {!CUTTERS[kind].takeUp ? (
        <p>{NO_TAKE_UP}</p>
      ) : (
        <div className={css.grid}>
          <SetIt log={log} />
          <div className={css.side}>
            <Now />
            <PluckIt log={log} />
            <OverDays pulls={pulls} drop={drop} />
            <Storage />
            <Ends />
          </div>
          {(kind === 'pulled-bow' || kind === 'drop-bow') && <Balance kind={kind} />}
        </div>
      )}
    </div>
  );
}

const OURS = new Set<FindingCode>(TENSION_CODES);

/** How the pull stands, and what is found against it. */
function Now() {
  const { reading, evaluation } = useDerived();
  const { say } = useUnits();
  const t = reading.tension;
  const found = reading.findings.filter((f) => OURS.has(f.code));
  const snap = letGoOf(evaluation);
  const places: [string, number | null][] = [
    ['cold', t.coldN],
    ['cutting', evaluation.tension.cutN],
    ['hot', t.hotN],
  ];
  return (
    <section aria-label="The tension now">
      <h2>The tension now</h2>
      <dl className={css.now}>
        {places.map(([name, n]) => (
          <div key={name}>
            <dt>{name}</dt>
            <dd className="num">{n === null ? '–' : say(n, 'force')}</dd>
          </div>
        ))}
        <div>
          <dt>note, cold</dt>
          <dd className="num">{t.pluckHz === null ? '–' : say(t.pluckHz, 'pitch')}</dd>
        </div>
      </dl>
      <p className="dim">
        If it breaks it lets go {(snap.holder + snap.wire).toPrecision(2)} J
        {snap.holder > snap.wire
          ? ', nearly all of it in the take-up: tether that to the frame'
          : ', all of it in the wire'}
        .
      </p>
      <div aria-live="polite">
        {found.length === 0 ? (
          <p className="dim">
            {reading.findings.some((f) => f.level === 'stop')
              ? 'Nothing is found against the tension, but the rig is stopped by something else: see its findings.'
              : 'Nothing found against it in what is worked out here. That is not to say that it is safe.'}
          </p>
        ) : (
          found.map((f) => {
            const words = findingWords(f.code, f.values, say);
            return (
              <p key={f.code}>
                <LevelMark level={f.level} size={13} />{' '}
                <span className="hidden-visually">{LEVEL_WORD[f.level]}: </span>
                <b>{words.head}.</b> {words.text}
              </p>
            );
          })
        )}
      </div>
    </section>
  );
}
