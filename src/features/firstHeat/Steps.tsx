'use client';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { heatStepSchema } from '@/core/documents/event';
import { limitsOf } from '@/core/documents/fieldPath';
import type { HeatExpected } from '@/core/engine/firstHeat/plan';
import { standingOf, stepStanding } from '@/core/engine/firstHeat/standing';
import { controlSettingText } from '@/core/words/control';
import { wireDoes } from '@/core/words/firstHeat';
import { outside } from '@/core/words/limits';
import { QuantityField } from '@/ui/QuantityField';
import { useUnits } from '@/ui/Units';
import { BandBar } from './BandBar';
import css from './firstHeat.module.css';
import { useSeconds, type useSession } from './useSession';

type S = ReturnType<typeof useSession>;
/** No warm-up is counted down for longer. */
const LONGEST_S = 240;

/** The settings one after the other: set, wait, read; each with the band in which a reading is fine. */
export function Steps({ s, ready, onPower }: { s: S; ready: boolean; onPower: () => void }) {
  const { session, plan, drawn } = s;
  const { say } = useUnits();
  const at = session.at;
  const text = (p: HeatExpected) => controlSettingText(drawn.control.kind, p.setting, say);
  const begin = (i: number) => {
    if (at === null) onPower();
    s.setTo(i);
  };
  return (
    <section aria-label="Step by step" className={css.card}>
      <h2>Step by step</h2>
      <ol className={css.steps}>
        {plan.map((p, i) => {
          const read = session.reads[i] ?? null;
          const standing = read && stepStanding(p, read, session.voltsAt);
          const now = at === i;
          return (
            <li
              key={i}
              data-now={now}
              data-standing={standing ?? 'none'}
              aria-current={now ? 'step' : undefined}
            >
              <div className={css.stepHead}>
                <b className="num">{drawn.control.kind === 'none' ? 'On' : text(p)}</b>
                <span>
                  {read?.amps != null || read?.volts != null
                    ? [
                        read.amps !== null && say(read.amps, 'amps'),
                        read.volts !== null && say(read.volts, 'volts'),
                      ]
                        .filter(Boolean)
                        .join(', ')
                    : `should draw ${say(p.amps, 'amps')}`}
                </span>
                <span className={css.standing}>{standing && STANDS[standing]}</span>
                {!now && (
                  <Button
                    size="small"
                    variant={(at === null && i === 0) || at === i - 1 ? 'contained' : 'text'}
                    disabled={!ready || p.off || (at === null ? i > 0 : i > at + 1)}
                    onClick={() => begin(i)}
                  >
                    {drawn.control.kind === 'none'
                      ? 'It is on'
                      : at !== null && i < at
                        ? 'Back to it'
                        : 'It is set'}
                  </Button>
                )}
              </div>
              {now && <Now s={s} p={p} i={i} />}
              {standing === 'high' && now && (
                <p className={css.off}>Over the band: turn back down first, then look for the cause.</p>
              )}
              {p.off && <p className={css.off}>{wireDoes(p, say)}</p>}
            </li>
          );
        })}
      </ol>
      {!ready && <p className="dim">Tick what stands under “Before power” first.</p>}
    </section>
  );
}

const STANDS = { low: 'under the band', fine: 'fine', high: 'over the band' };

function Now({ s, p, i }: { s: S; p: HeatExpected; i: number }) {
  const { session } = s;
  const { say } = useUnits();
  const [busy, setBusy] = useState(false);
  const wait = Math.min(LONGEST_S, Math.max(3, p.warmUpS ?? 3));
  const seconds = useSeconds(session.since, wait);
  const left = Math.max(0, wait - seconds);
  const read = session.reads[i] ?? { amps: null, volts: null };
  const factor = session.voltsAt === 'display' ? p.displayVolts / p.clipVolts : 1;
  const volts: readonly [number, number] = [p.voltsBand[0] * factor, p.voltsBand[1] * factor];
  const take = async (n: number) => {
    setBusy(true);
    const r = await s.bench(n).read();
    const at = session.voltsAt === 'clips' ? r.volts : r.volts * (p.displayVolts / p.clipVolts);
    s.read(i, { amps: r.amps, volts: Number(at.toPrecision(3)) });
    setBusy(false);
  };
  const number = (key: 'amps' | 'volts') => (v: number | null) => {
    const rule = v === null ? null : outside(v, limitsOf(heatStepSchema, key)!, key, say);
    if (rule === null) s.read(i, { [key]: v });
    return rule;
  };
  return (
    <div className={css.now}>
      <div className={css.wait}>
        <progress max={wait} value={Math.min(wait, seconds)} aria-label="Warming" />
        <b className="num" role="timer">
          {left > 0 ? `${Math.ceil(left)} s` : 'read now'}
        </b>
      </div>
      <p>{wireDoes(p, say)}</p>
      <BandBar
        what="Current"
        band={p.ampsBand}
        read={read.amps}
        standing={read.amps === null ? null : standingOf(read.amps, p.ampsBand)}
        role="amps"
      />{' '}
      <BandBar
        what="Voltage"
        band={volts}
        read={read.volts}
        standing={read.volts === null ? null : standingOf(read.volts, volts)}
        role="volts"
      />{' '}
      {p.averagedAmps !== null && (
        <p className="dim">A meter that averages pulses shows about {say(p.averagedAmps, 'amps')} instead.</p>
      )}
      {session.bench === null ? (
        <div className={css.pair}>
          <QuantityField
            label="Meter, current"
            name="amps"
            value={read.amps}
            role="amps"
            whenEmpty="read it off"
            onValue={number('amps')}
          />{' '}
          <QuantityField
            label="Meter, voltage"
            name="volts"
            value={read.volts}
            role="volts"
            whenEmpty="read it off"
            onValue={number('volts')}
          />{' '}
        </div>
      ) : (
        <Button variant="contained" disabled={busy} onClick={() => void take(session.bench!)}>
          Read the practice meter
        </Button>
      )}
    </div>
  );
}
