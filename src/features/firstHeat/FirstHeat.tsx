'use client';
import Button from '@mui/material/Button';
import { useMemo, useState } from 'react';
import { heatSchema } from '@/core/documents/event';
import { weighCauses } from '@/core/engine/firstHeat/causes';
import { atSetting } from '@/core/engine/firstHeat/plan';
import { evaluate } from '@/core/engine/evaluate';
import { beforeHeat } from '@/core/words/firstHeat';
import { heatCauseWords } from '@/core/words/heatCauses';
import { findingWords } from '@/core/words/findings';
import { PRACTICE_BENCHES } from '@/devices/meter/standIn';
import { RigProvider, useDerived, useRig } from '@/state/RigContext';
import type { EventRecord, OpenRig } from '@/state/types';
import { useEvents } from '@/state/useEvents';
import { useWire } from '@/state/useWire';
import { Check } from '@/ui/Check';
import { Choice } from '@/ui/Choice';
import { LevelMark } from '@/ui/Level';
import { Link } from '@/ui/Link';
import { useUnits } from '@/ui/Units';
import { useWhen } from '@/ui/When';
import { useWidth } from '@/ui/useWidth';
import { WirePicture } from '@/ui/wire/WirePicture';
import css from './firstHeat.module.css';
import { Steps } from './Steps';
import { useSession } from './useSession';
import { Verdict } from './Verdict';
import { places } from '@/state/places';

/** A rig's first power-up, guided: before, step by step, what the readings say. */
export function FirstHeat({ open, events }: { open: OpenRig; events: readonly EventRecord[] }) {
  return (
    <RigProvider open={open}>
      <Inside loaded={events} />
    </RigProvider>
  );
}

function Inside({ loaded }: { loaded: readonly EventRecord[] }) {
  const id = useRig((r) => r.id);
  const doc = useRig((r) => r.doc);
  const problem = useRig((r) => r.problem);
  const { reading } = useDerived();
  const { say } = useUnits();
  const { events, note } = useEvents(id, loaded);
  const s = useSession(id, doc);
  const { wire, on, off } = useWire(id);
  const when = useWhen();
  const [corrected, setCorrected] = useState<readonly string[]>([]);
  const { session } = s;
  const checks = beforeHeat(doc);
  const practice = session.bench !== null;
  const ready = practice || checks.every((c) => session.checked.includes(c.id));
  const stops = reading.findings.filter((f) => f.level === 'stop');
  return (
    <div className="page">
      <div className={css.top}>
        <h1>First heat of {doc.name || 'a rig without a name'}</h1>
        <Link href={places.rig(id, 'power')}>Back to the rig</Link>
      </div>
      {problem && <p role="alert">{problem}</p>}
      {wire?.slackSince && !practice && (
        <p role="alert" className={css.stops}>
          The wire was slackened on {when.day(wire.slackSince)}: set its tension again before this.{' '}
          <Link href={places.rigPage(id, 'tension')}>Set it</Link>
        </p>
      )}
      <Wire s={s} />
      {stops.length > 0 && !practice && (
        <div role="alert" className={css.stops}>
          {stops.map((f) => (
            <p key={f.code}>
              <LevelMark level="stop" /> <b>{findingWords(f.code, f.values, say).head}.</b>{' '}
              {findingWords(f.code, f.values, say).text}
            </p>
          ))}
          <p>
            No first heat before this is mended. <Link href={places.rig(id, 'power')}>Mend it</Link>, or try the
            procedure on a practice bench.
          </p>
        </div>
      )}
      <div className={css.grid}>
        <div className={css.side}>
          <Meter s={s} onNew={() => setCorrected([])} />
          {!practice && (
            <section aria-label="Before power" className={css.card}>
              <h2>Before power</h2>
              <div className={css.checks}>
                {checks.map((c) => (
                  <Check
                    key={c.id}
                    label={c.text}
                    checked={session.checked.includes(c.id)}
                    onChange={(on) =>
                      s.put({
                        checked: on ? [...session.checked, c.id] : session.checked.filter((x) => x !== c.id),
                      })
                    }
                  />
                ))}
              </div>
              <p className="dim">
                This list cannot make a rig safe; it keeps the usual slips away. Anything odd, a smell, a
                flicker, a warm plug: switch off first, think second.
              </p>
            </section>
          )}
        </div>
        <div className={css.side}>
          <Steps
            s={s}
            ready={ready && (stops.length === 0 || practice)}
            onPower={() => void (practice || wire?.onSince || on())}
          />
          <Verdict s={s} onCorrected={(p) => setCorrected((c) => [...new Set([...c, p])])} />
          <Finish s={s} corrected={corrected} note={note} off={off} />
          <Earlier events={events} />
        </div>
      </div>
    </div>
  );
}

/** The wire at the step that is set, as it should then be. */
function Wire({ s }: { s: ReturnType<typeof useSession> }) {
  const [ref, width] = useWidth(1200);
  const { say } = useUnits();
  const { at } = s.session;
  const step = at === null ? null : (s.plan[at] ?? null);
  const e = useMemo(() => {
    const { control } = s.drawn;
    if (step) return evaluate(atSetting(s.drawn, step.setting));
    const off = { volts: 0, amps: 0, pwm: 0, scale: 0, buck: 0, phase: 180 } as Partial<Record<string, number>>;
    return control.kind in off ? evaluate(atSetting(s.drawn, off[control.kind]!)) : null;
  }, [s.drawn, step]);
  return (
    <div ref={ref} className={css.wire}>
      {e && (
        <WirePicture
          e={e}
          width={width}
          height={104}
          label={step ? `The wire at about ${say(step.airC, 'temperature')}` : 'The wire, cold'}
        />
      )}{' '}
      <p className="num">{step ? say(step.airC, 'temperature') : 'cold'}</p>
    </div>
  );
}

function Meter({ s, onNew }: { s: ReturnType<typeof useSession>; onNew: () => void }) {
  const { session } = s;
  const [shown, show] = useState(false);
  const benches = Array.from({ length: PRACTICE_BENCHES }, (_, i) => `${i + 1}`);
  return (
    <section aria-label="Meter" className={css.card}>
      <h2>Meter</h2>
      <Choice
        label="Read from"
        name="meter"
        value={session.bench === null ? '' : `${session.bench}`}
        onChoose={(v) => {
          show(false);
          onNew();
          s.again(v === '' ? null : Number(v));
        }}
        options={[
          { value: '', name: 'my meter, typed in' },
          ...benches.map((n) => ({ value: n, name: `practice bench ${n}`, group: 'No bench needed' })),
        ]}
        note={
          session.bench === null
            ? 'Amps in the lead, volts right on the wire between the clips.'
            : 'Made up: this rig, with something wrong with it, or nothing. Nothing is hot.'
        }
      />
      <Choice
        label="Voltage read at"
        name="voltsAt"
        value={session.voltsAt}
        onChoose={(voltsAt) => s.put({ voltsAt })}
        options={[
          { value: 'clips', name: 'the clips' },
          { value: 'display', name: 'the supply’s display' },
        ]}
      />
      {session.bench !== null && (
        <p>
          {shown ? (
            <b>{HIDDEN[s.bench(session.bench).hidden() ?? 'nothing']}</b>
          ) : (
            <button type="button" className="quiet" onClick={() => show(true)}>
              what was wrong with it?
            </button>
          )}
        </p>
      )}
    </section>
  );
}

const HIDDEN = {
  nothing: 'Nothing was wrong with it.',
  thicker: 'The wire was two gauges thicker than drawn.',
  thinner: 'The wire was two gauges thinner than drawn.',
  contact: 'A poor contact took a good part of the volts.',
  'folds-back': 'The supply held its amps down.',
  averages: 'The meter averaged the pulses.',
  slipped: 'A clip sat too far in: the wire between the clips was a sixth shorter.',
};

function Finish(p: {
  s: ReturnType<typeof useSession>;
  corrected: readonly string[];
  note: ReturnType<typeof useEvents>['note'];
  off: () => Promise<string | null>;
}) {
  const { session, drawn } = p.s;
  const [told, tell] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const steps = session.reads.filter((r) => r.amps !== null || r.volts !== null);
  const keep = async () => {
    const cause = weighCauses(drawn, steps, session.voltsAt)?.causes[0]?.cause ?? null;
    const event = heatSchema.parse({
      kind: 'heat',
      at: new Date().toISOString(),
      voltsAt: session.voltsAt,
      by: session.bench === null ? 'typed' : 'practice',
      steps,
      cause,
      corrected: p.corrected,
    });
    setBusy(true);
    const fault = (await p.note(event)) ?? (session.bench === null ? await p.off() : null);
    setBusy(false);
    tell(fault ? `Not logged: ${fault}` : 'Logged. Power off, and set the tension again while you are at it.');
  };
  return (
    <section aria-label="Power off" className={css.card}>
      <h2>Power off</h2>
      <p>
        Dial down, power off, plug out; wait until the wire is cold before a hand goes near. Then tighten it
        again: the first heat lets every joint settle.
      </p>
      <div className={css.acts}>
        <Button variant="contained" disabled={steps.length === 0 || busy} onClick={() => void keep()}>
          It is off: log this heat
        </Button>
        <Button onClick={() => p.s.again()}>Begin anew</Button>
      </div>
      <p role="status">{told}</p>
    </section>
  );
}

function Earlier({ events }: { events: readonly EventRecord[] }) {
  const { say } = useUnits();
  const doc = useRig((r) => r.doc);
  const when = useWhen();
  const heats = events.flatMap((e) => (e.event.kind === 'heat' ? [{ id: e.id, ...e.event }] : [])).reverse();
  if (heats.length === 0) return null;
  return (
    <section aria-label="Earlier heats" className={css.card}>
      <h2>Earlier heats</h2>
      <ul className={css.earlier}>
        {heats.slice(0, 5).map((h) => (
          <li key={h.id}>
            <b>{when.day(h.at)}</b> {h.by === 'practice' && <span className="dim">practice </span>}
            {h.cause
              ? heatCauseWords(
                  { cause: h.cause, share: 1, size: null, alloy: null, patch: null },
                  doc,
                  say,
                ).name.replace(/:.*$/, '')
              : 'not weighed'}
            , {h.steps.length} reading{h.steps.length === 1 ? '' : 's'}
          </li>
        ))}
      </ul>
    </section>
  );
}
