'use client';
import Button from '@mui/material/Button';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import type { LedDrill, LedTrace, PracticeScore } from '@/core/documents/practice';
import type { Rig } from '@/core/documents/rig';
import type { Aim } from '@/core/practice/moment';
import { feedOf, type Course } from '@/core/practice/course';
import type { LeadSession } from '@/core/practice/session';
import type { PracticeWire } from '@/core/practice/wire';
import { DRILL_NAMES, drillGoal, SENSE_WORDS } from '@/core/words/practice';
import { Check } from '@/ui/Check';
import { useUnits } from '@/ui/Units';
import { Gauge } from './Gauge';
import { coloursOf, sized } from './lay';
import { LAG_TIMES, paintAcross, STRIP_PX } from './paint';
import { Panel, type Painter } from './Panel';
import css from './practice.module.css';
import { Result } from './Result';
import { useLead, type LedBy } from './useLead';
import { useHiss } from './useHiss';
import { useStillness } from './useStillness';
import { account, CORE_ENDS, ENDS, LOOP, PUSHED, KEYS_ONE, KEYS_TWO } from './words';

/** Under this share of the max feed an end is said to stand. */
const STANDS = 0.02;
/** A lag under this is not seen, mm. */
const SEEN_LAG = 0.05;
/** Heights of the panels, px. */
const STRAIGHT_PX = 210;
const CORNERED_PX = 300;
const TWO_PX = 190;

/** A drill that is led: goal, bench, live figures, and what it came to. */
export function Bench(p: {
  wire: PracticeWire;
  course: Course;
  rig: Rig;
  drill: LedDrill;
  replay: LedTrace | null;
  /** Where the hands of a called pass should be, step by step; drawn as a ring, and what the program leads by. */
  called?: readonly Aim[];
  onBegin?: () => void;
  onStop?: () => void;
  onKeep: (trace: LedTrace) => Promise<string>;
}) {
  const { wire, course, rig, drill } = p;
  const { say, typed } = useUnits();
  const pushed = drill === 'push';
  const loop = rig.frame.kind === 'hand-tool';
  const names = pushed ? PUSHED : loop ? LOOP : drill === 'core' ? CORE_ENDS : ENDS;
  const still = useStillness();
  const sound = useHiss();
  const [warm, setWarm] = useState(p.replay?.warm ?? true);
  const [result, setResult] = useState<{ score: PracticeScore; by: LedBy } | null>(null);
  const [note, setNote] = useState<string | null>(null);
  const painters = useRef<Partial<Record<'near' | 'far', Painter>>>({});
  const strip = useRef<HTMLCanvasElement>(null);
  const smoking = useRef(false);
  const box = useRef<HTMLDivElement>(null);
  const painter = useCallback((end: 'near' | 'far', paint: Painter | null) => {
    if (paint) painters.current[end] = paint;
    else delete painters.current[end];
  }, []);
  const smoke = useCallback(() => smoking.current, []);
  const draw = useCallback(
    (session: LeadSession, dt: number, started: number) => {
      for (const paint of Object.values(painters.current)) paint(session, dt === 0);
      const on = strip.current;
      const width = on?.clientWidth ?? 0;
      const c = on && sized(on, width, STRIP_PX);
      if (c)
        paintAcross(c, {
          m: session.now,
          colours: coloursOf(on),
          width,
          height: STRIP_PX,
          share: wire.e.s.width / wire.e.s.length,
        });
      // For a look from outside: what a frame takes, its steps and its painting.
      if (dt > 0) {
        box.current!.dataset['frameMs'] = (performance.now() - started).toFixed(3);
        box.current!.dataset['t'] = session.now.t.toFixed(3);
        box.current!.dataset['aimed'] = session.aimed.near.toFixed(2);
      }
    },
    [wire],
  );
  const onEnd = (trace: LedTrace, score: PracticeScore, by: LedBy) => {
    p.onStop?.();
    sound.quiet();
    setResult({ score, by });
    setNote(null);
    if (by === 'hand') void p.onKeep(trace).then(setNote);
  };
  const lead = useLead({ wire, course, rig, drill, warm, called: p.called ?? null }, draw, onEnd);
  const { phase, told } = lead;
  const running = phase === 'leading' || phase === 'shown';
  useEffect(() => {
    smoking.current = told?.sense === 'smokes';
    if (told && running) sound.hear(told.sense, told.m.spots.near.ratio);
  }, [told, running, sound]);
  const goal = useMemo(
    () => ({
      feedMmS: course.feed,
      minMmS: wire.at.slowest,
      maxMmS: wire.at.fastest,
      waitS: Math.max(0, ...course.marks.map((m) => m.waitS)),
      shortMmS: feedOf(course, 'far', (course.marks[4] ?? course.marks[0])?.far ?? 1),
    }),
    [course, wire],
  );
  const key = (e: React.KeyboardEvent) => {
    if (phase !== 'leading') return;
    const act: Record<string, () => void> = {
      ' ': lead.press,
      ArrowUp: () => lead.faster('near', 1),
      ArrowDown: () => lead.faster('near', -1),
      ...(course.together ? {} : { w: () => lead.faster('far', 1), s: () => lead.faster('far', -1) }),
    };
    const go = act[e.key.length === 1 ? e.key.toLowerCase() : e.key];
    if (!go || (e.target as HTMLElement).tagName === 'BUTTON') return;
    e.preventDefault();
    if (e.key !== ' ' || !e.repeat) go();
  };
  const begin = (what: 'lead' | 'show') => {
    setResult(null);
    p.onBegin?.();
    if (what === 'lead') lead.lead();
    else lead.show();
    box.current?.focus();
  };
  const { replay } = p;
  const again = lead.replay;
  useEffect(() => {
    if (replay) again(replay);
    // A new trace is played once.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [replay]);
  const led = (feed: number) => (feed < STANDS * wire.at.fastest ? 'stands' : say(feed, 'feed'));
  const spot = told?.m.spots;
  const sense = told ? SENSE_WORDS[told.sense] : null;
  return (
    <div className={css.bench}>
      <div className={css.middle}>
        <p className={css.goal}>{drillGoal(drill, goal, say, rig.frame.kind)}</p>
        <div
          ref={box}
          tabIndex={0}
          role="group"
          aria-label={`${DRILL_NAMES[drill]}: the bench`}
          aria-describedby="bench-keys"
          className={css.stage}
          data-phase={phase}
          onKeyDown={key}
        >
          {(course.together ? (['near'] as const) : (['near', 'far'] as const)).map((end) => (
            <Panel
              key={end}
              course={course}
              end={end}
              name={course.together ? names.one : names[end]}
              pushed={pushed}
              height={!course.together ? TWO_PX : drill === 'corner' ? CORNERED_PX : STRAIGHT_PX}
              diameterMm={wire.at.diameter}
              session={lead.session}
              ring={lead.ring}
              onAim={lead.aimAt}
              painter={painter}
              smoke={smoke}
              still={still}
            />
          ))}
          {!loop && (
            <>
              <canvas
                ref={strip}
                className={css.strip}
                style={{ height: STRIP_PX }}
                role="img"
                aria-label="The wire across the foam from above"
              />
              <p className={css.caption}>
                The wire across the foam from above; its bend is drawn {LAG_TIMES} times as deep.
              </p>
            </>
          )}
        </div>
        <Gauge wire={wire} goal={course.feed} m={told?.m ?? null} ends={course.together ? 'one' : 'both'} />
        <div className={css.acts}>
          {running ? (
            <Button variant="contained" size="large" onClick={lead.stop}>
              {phase === 'shown' ? 'Stop' : 'Let go'}
            </Button>
          ) : (
            <>
              <Button variant="contained" size="large" onClick={() => begin('lead')}>
                Lead it
              </Button>
              <Button size="large" onClick={() => begin('show')}>
                Show me
              </Button>
            </>
          )}
          {phase === 'leading' && (
            <>
              <Button onClick={lead.press}>Go or stand</Button>
              {(course.together ? (['near'] as const) : (['near', 'far'] as const)).map((end) => (
                <span key={end} className={css.keyFeed}>
                  <Button aria-label={`${names[end]} slower`} onClick={() => lead.faster(end, -1)}>
                    −
                  </Button>
                  <b className="num">{say(lead.keyFeeds[end], 'feed')}</b>
                  <Button aria-label={`${names[end]} faster`} onClick={() => lead.faster(end, 1)}>
                    +
                  </Button>
                </span>
              ))}
            </>
          )}
          {phase === 'leading' && course.together && !still && (
            <Button onClick={() => lock(box.current)} title="Esc lets the pointer go">
              Lock the pointer
            </Button>
          )}
          <Check label="Sound" checked={sound.on} onChange={sound.turn} />
          {!running && <Check label="Begin with a warm wire" checked={warm} onChange={setWarm} />}
        </div>
        <p id="bench-keys" className={css.caption}>
          {course.together ? KEYS_ONE : KEYS_TWO}
        </p>
      </div>
      <aside className={css.side}>
        <p className={css.account} aria-live="polite">
          {told && account(told, course, say)}
        </p>
        <section className={css.live} aria-label="Live">
          <h2>{sense?.name ?? 'Ready'}</h2>
          <p>{sense?.what ?? 'Press Lead it; then press on the wire and draw it along.'}</p>
          <dl className={css.figures}>
            <Live name="Feed" value={told && led(told.m.near.feed)} />
            {!course.together && (
              <Live name={`Feed, ${names.far.toLowerCase()}`} value={told && led(told.m.far.feed)} />
            )}
            <Live name="Kerf" value={spot && spot.near.inFoam ? say(spot.near.kerf, 'slot') : null} />
            <Live
              name={loop ? 'Foot bends back' : 'Middle lags'}
              value={
                told && (told.m.lag < SEEN_LAG ? `under ${typed(SEEN_LAG, 'slot')}` : say(told.m.lag, 'slot'))
              }
            />
            <Live
              name="Wire in the foam"
              value={spot && spot.middle.inFoam ? say(spot.middle.wireC, 'temperature') : null}
            />
            <Live name="Wire in air" value={told && say(told.m.airC, 'temperature')} />
            {told && told.m.pull > 0 && <Live name="Tension" value={say(told.m.pull, 'force')} />}
          </dl>
        </section>
        {result && <Result score={result.score} frame={rig.frame.kind} by={result.by} note={note} />}
      </aside>
    </div>
  );
}

/** Keeps the pointer on the wire: what it moves by draws the wire along, until Esc lets it go. Optional; some browsers refuse. */
function lock(stage: HTMLElement | null): void {
  const canvas = stage?.querySelector<HTMLCanvasElement>('canvas[data-end="near"]');
  void Promise.resolve(canvas?.requestPointerLock()).catch(() => {});
}

function Live(p: { name: string; value: string | null | undefined }) {
  return (
    <div>
      <dt>{p.name}</dt>
      <dd className="num">{p.value ?? '–'}</dd>
    </div>
  );
}
