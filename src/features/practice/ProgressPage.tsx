'use client';
import { useState } from 'react';
import type { PracticeRunRecord } from '@/core/documents/practice';
import { progressOf, type DrillProgress } from '@/core/practice/progress';
import { DRILL_NAMES, lossWords } from '@/core/words/practice';
import { downloads, places } from '@/state/places';
import { usePractice } from '@/state/usePractice';
import { Act } from '@/ui/Act';
import { Link } from '@/ui/Link';
import { useUnits } from '@/ui/Units';
import { useWhen } from '@/ui/When';
import { Heads } from '@/ui/Heads';
import { Body, Cell, Row, Table } from '@/ui/table';
import css from './practice.module.css';

/** What was practised, on which rig, and how it went on. */
export function ProgressPage(p: {
  runs: readonly PracticeRunRecord[];
  rigs: readonly { readonly id: string; readonly name: string }[];
}) {
  const { runs, drop } = usePractice(p.runs);
  const { say } = useUnits();
  const when = useWhen();
  const [fault, setFault] = useState<string | null>(null);
  const there = new Set(p.rigs.map((r) => r.id));
  const progress = progressOf(runs);
  return (
    <div className={css.page}>
      <header className={css.head}>
        <h1>Practice</h1>
        <p className={css.dim}>
          Led on the simulated wire, and kept apart from the log of real cuts: nothing here tunes a rig.
        </p>
      </header>
      {p.rigs.length > 0 && (
        <p className={css.pick}>
          Practise on{' '}
          {p.rigs.map((r) => (
            <Link key={r.id} href={places.rigPage(r.id, 'practice')}>
              {r.name || 'a rig without a name'}
            </Link>
          ))}
        </p>
      )}
      {runs.length === 0 ? (
        <p>Nothing led yet. Choose a rig above: its first drill takes half a minute.</p>
      ) : (
        <>
          <section aria-label="By drill" className={css.progress}>
            {progress.map((d) => (
              <DrillCard key={d.drill} d={d} />
            ))}
          </section>
          <section aria-label="Runs" className={css.card}>
            <h2>Runs, the newest first</h2>
            {fault && <p role="alert">{fault}</p>}
            <Table className={css.runs}>
              <Heads of={['When', 'Rig', 'Drill', 'Points', 'Largest loss', '']} />
              <Body>
                {runs.map((r) => {
                  const loss = r.score.losses[0];
                  return (
                    <Row key={r.id}>
                      <Cell>{when.minute(r.at)}</Cell>
                      <Cell>{r.rigName || 'without a name'}</Cell>
                      <Cell>{DRILL_NAMES[r.drill]}</Cell>
                      <Cell className="num">{r.score.points}</Cell>
                      <Cell>{loss ? lossWords(loss, r.frame, say).reason : 'nothing'}</Cell>
                      <Cell>
                        <div className={css.rowActs}>
                          {r.traced && r.drill !== 'unknown' && r.rigId !== null && there.has(r.rigId) && (
                            <Link href={places.drill(r.rigId, r.drill, r.id)}>Play it</Link>
                          )}
                          {r.traced && (
                            <a href={downloads.trace(r.id)} download>
                              Trace
                            </a>
                          )}
                          <Act
                            title={`Delete the run of ${DRILL_NAMES[r.drill]}`}
                            onClick={() =>
                              void drop(r.id).then((o) =>
                                setFault(o.kind === 'done' ? null : 'It could not be deleted.'),
                              )
                            }
                          >
                            Delete
                          </Act>
                        </div>
                      </Cell>
                    </Row>
                  );
                })}
              </Body>
            </Table>
          </section>
        </>
      )}
    </div>
  );
}

const [WIDE, HIGH] = [180, 44];

/** A drill's points over its runs, and what still costs the most. */
function DrillCard({ d }: { d: DrillProgress }) {
  const x = (i: number) => (d.points.length === 1 ? WIDE / 2 : 4 + (i / (d.points.length - 1)) * (WIDE - 8));
  const y = (points: number) => HIGH - 4 - (points / 100) * (HIGH - 8);
  return (
    <article className={css.card}>
      <h2>{DRILL_NAMES[d.drill]}</h2>
      <p>
        <b className="num">{d.best}</b> best of 100,{' '}
        {d.points.length === 1 ? 'led once' : `led ${d.points.length} times`}
      </p>
      <svg
        viewBox={`0 0 ${WIDE} ${HIGH}`}
        width={WIDE}
        height={HIGH}
        role="img"
        aria-label={`Points of the last runs: ${d.points.join(', ')}`}
      >
        <line x1={0} x2={WIDE} y1={y(100)} y2={y(100)} stroke="var(--line)" />
        <line x1={0} x2={WIDE} y1={y(0)} y2={y(0)} stroke="var(--line)" />
        <polyline
          fill="none"
          stroke="var(--act)"
          strokeWidth={2}
          points={d.points.map((p, i) => `${x(i)},${y(p)}`).join(' ')}
        />
        {d.points.map((p, i) => (
          <circle key={i} cx={x(i)} cy={y(p)} r={3} fill="var(--act)" />
        ))}
      </svg>
    </article>
  );
}
