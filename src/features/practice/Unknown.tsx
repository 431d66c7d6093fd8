'use client';
import Button from '@mui/material/Button';
import { useMemo, useState } from 'react';
import type { BenchTrace, HiddenFault, PracticeScore } from '@/core/documents/practice';
import type { Rig } from '@/core/documents/rig';
import { heatPlan } from '@/core/engine/firstHeat/plan';
import { evaluate } from '@/core/engine/evaluate';
import { faultsFor, hiddenBench } from '@/core/practice/hidden';
import { benchScore, demonstrateBench, testCut, type TestCut } from '@/core/practice/unknown';
import { controlSettingText } from '@/core/words/control';
import { GRADE_WORDS, SEEN_WORDS } from '@/core/words/cuts';
import { drillGoal, FAULT_NAMES } from '@/core/words/practice';
import { hiddenMeter } from '@/devices/meter/standIn';
import type { MeterReading } from '@/devices/meter/port';
import { Choice } from '@/ui/Choice';
import { QuantityField } from '@/ui/QuantityField';
import { useUnits } from '@/ui/Units';
import { Heads } from '@/ui/Heads';
import { Body, Cell, Row, Table } from '@/ui/table';
import css from './practice.module.css';
import { Result } from './Result';
import type { LedBy } from './useLead';
import { NO_GOAL } from './words';

/** The stand-in's wire is given so many warm-ups before it is read, and at least so long, s. */
const WARM_UPS = 3;
const LEAST_S = 30;

/** A bench that hides its fault and its foam's heat: readings, test cuts, an answer. */
export function Unknown(p: { rig: Rig; first: number; onKeep: (trace: BenchTrace) => Promise<string> }) {
  const [n, setN] = useState(p.first);
  return <OneBench key={n} rig={p.rig} n={n} onKeep={p.onKeep} onNext={() => setN(n + 1)} />;
}

/** The stand-in's meter with a clock that is put on, so that nobody waits for its wire. */
function meterWithClock(rig: Rig, n: number) {
  let now = 0;
  return { meter: hiddenMeter(rig, n, () => now), wait: (seconds: number) => void (now += seconds) };
}

function OneBench(p: {
  rig: Rig;
  n: number;
  onKeep: (trace: BenchTrace) => Promise<string>;
  onNext: () => void;
}) {
  const { rig, n } = p;
  const { say } = useUnits();
  const bench = useMemo(() => hiddenBench(rig, n), [rig, n]);
  const plan = useMemo(() => heatPlan(rig), [rig]);
  const drawn = useMemo(() => evaluate({ ...rig, cut: { ...rig.cut, feedMmS: null } }), [rig]);
  const faults = useMemo(() => faultsFor(rig), [rig]);
  const [{ meter, wait }] = useState(() => meterWithClock(rig, n));
  const [reads, setReads] = useState<readonly (MeterReading | null)[]>([]);
  const [cuts, setCuts] = useState<readonly TestCut[]>([]);
  const [feed, setFeed] = useState<number | null>(
    drawn.feed === null ? null : Number((drawn.feed * 1000).toPrecision(2)),
  );
  const [fault, setFault] = useState<HiddenFault>('nothing');
  const [max, setMax] = useState<number | null>(null);
  const [result, setResult] = useState<{ score: PracticeScore; by: LedBy } | null>(null);
  const [note, setNote] = useState<string | null>(null);
  const read = async (i: number) => {
    meter.set(plan[i]!.setting);
    wait(Math.max(LEAST_S, WARM_UPS * (plan[i]!.warmUpS ?? 0)));
    const reading = await meter.read();
    setReads((was) => plan.map((_, k) => (k === i ? reading : (was[k] ?? null))));
  };
  const answer = () => {
    const trace: BenchTrace = {
      format: 'upwind-rod/trace',
      version: 1,
      kind: 'bench',
      drill: 'unknown',
      rig,
      bench: n,
      cuts: cuts.map((c) => c.feedMmS),
      answer: { fault, maxMmS: max! },
    };
    setResult({ score: benchScore(trace), by: 'hand' });
    void p.onKeep(trace).then(setNote);
  };
  const show = () => {
    const trace = demonstrateBench(rig, n);
    setCuts(trace.cuts.map((f, i) => testCut(bench, f, i)));
    plan.forEach((_, i) => void read(i));
    setFault(trace.answer.fault);
    setMax(trace.answer.maxMmS);
    setResult({ score: benchScore(trace), by: 'program' });
  };
  const limit = drawn.window.fastest ? drawn.window.fastest.feed * 1000 : null;
  return (
    <div className={css.bench}>
      <div className={css.middle}>
        <p className={css.goal}>
          Bench {n}. {drillGoal('unknown', NO_GOAL, say)}
        </p>
        <section className={css.card} aria-label="The meter">
          <h2>1. Read the meter</h2>
          <Table className={css.table}>
            <Heads of={['Setting', 'As drawn', 'It reads', '']} />
            <Body>
              {plan.map((step, i) => (
                <Row key={i}>
                  <Cell className="num">
                    {rig.control.kind === 'none'
                      ? 'On'
                      : controlSettingText(rig.control.kind, step.setting, say)}
                  </Cell>
                  <Cell className="num">
                    {say(step.amps, 'amps')}, {say(step.clipVolts, 'volts')}
                  </Cell>
                  <Cell className="num">
                    {reads[i] ? `${say(reads[i].amps, 'amps')}, ${say(reads[i].volts, 'volts')}` : '–'}
                  </Cell>
                  <Cell>
                    <Button disabled={result !== null} onClick={() => void read(i)}>
                      Set, wait, read
                    </Button>
                  </Cell>
                </Row>
              ))}
            </Body>
          </Table>
          <p className={css.caption}>
            Volts at the clips. The meter is a stand-in; it scatters by half a per cent.
          </p>
        </section>
        <section className={css.card} aria-label="Test cuts">
          <h2>2. Cut</h2>
          <p className={css.caption}>
            At the rig’s own setting.{' '}
            {limit !== null && (
              <>
                As drawn its max feed would be {say(limit, 'feed')}, its wire is{' '}
                {say(drawn.s.diameter * 1000, 'wireDiameter')} thick.
              </>
            )}
          </p>
          <div className={css.acts}>
            <QuantityField
              label="Feed"
              name="practice.feed"
              role="feed"
              value={feed}
              onValue={(v) => (setFeed(v), null)}
            />
            <Button
              variant="outlined"
              disabled={result !== null || !(feed !== null && feed >= 0.01 && feed <= 200)}
              onClick={() => setCuts([...cuts, testCut(bench, feed!, cuts.length)])}
            >
              Test cut
            </Button>
          </div>
          <ol className={css.cuts} aria-live="polite">
            {cuts.map((c, i) => (
              <li key={i}>
                <b className="num">{say(c.feedMmS, 'feed')}</b>: {GRADE_WORDS[c.grade]}
                {c.kerfMm !== null && <>, kerf {say(c.kerfMm, 'slot')}</>};{' '}
                {c.seen.map((s) => SEEN_WORDS[s]).join(', ')}
              </li>
            ))}
          </ol>
        </section>
        <section className={css.card} aria-label="The answer">
          <h2>3. Say what you found</h2>
          <div className={css.acts}>
            <Choice
              label="What is wrong"
              name="practice.fault"
              value={fault}
              options={faults.map((f) => ({ value: f, name: FAULT_NAMES[f] }))}
              onChoose={setFault}
            />
            <QuantityField
              label="Max feed"
              name="practice.max"
              role="feed"
              value={max}
              whenEmpty="at this setting"
              onValue={(v) => (setMax(v), null)}
            />
          </div>
          <div className={css.acts}>
            {result ? (
              <Button variant="contained" size="large" onClick={p.onNext}>
                Another bench
              </Button>
            ) : (
              <>
                <Button
                  variant="contained"
                  size="large"
                  disabled={!(max !== null && max >= 0.01 && max <= 200)}
                  onClick={answer}
                >
                  That is it
                </Button>
                <Button size="large" onClick={show}>
                  Show me
                </Button>
              </>
            )}
          </div>
        </section>
      </div>
      <aside className={css.side}>
        {result && <Result score={result.score} frame={rig.frame.kind} by={result.by} note={note} />}
      </aside>
    </div>
  );
}
