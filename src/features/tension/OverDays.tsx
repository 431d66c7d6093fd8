'use client';
import { creepOf, type Creep } from '@/core/engine/creep';
import { pullBand } from '@/core/engine/tensionBand';
import { holdingRate } from '@/core/engine/tensionRead';
import { useDerived } from '@/state/RigContext';
import type { PullRecord } from '@/state/types';
import { useUnits } from '@/ui/Units';
import { useWhen } from '@/ui/When';
import { Heads } from '@/ui/Heads';
import { Body, Cell, Row, Table } from '@/ui/table';
import css from './tension.module.css';
import { WAY_SHORT } from './words';

/** Readings of the pull over days, and when to set it again. */
export function OverDays({
  pulls,
  drop,
}: {
  pulls: readonly PullRecord[];
  drop: (id: string) => Promise<string | null>;
}) {
  const { evaluation: e } = useDerived();
  const { say } = useUnits();
  const when = useWhen();
  const rate = holdingRate(e);
  const readings = pulls.map(({ pull }) => ({
    at: Date.parse(pull.at),
    newtons: pull.newtons,
    when: pull.when,
  }));
  const creep = creepOf(readings, rate, pullBand(e)?.lowN ?? 0);
  return (
    <section id="days" aria-label="Over days">
      <h2>Over days</h2>
      {creep ? (
        <Says creep={creep} least={say(creep.leastN, 'force')} say={say} />
      ) : (
        <p className="dim">Two readings, both cold or both hot and some hours apart, say how it creeps.</p>
      )}
      {pulls.length > 0 && (
        <div className={css.scroll}>
          <Table className={css.table}>
            <Heads of={['When', 'Tension', 'By', 'Note', '']} />
            <Body>
              {[...pulls].reverse().map(({ id, pull }) => (
                <Row key={id}>
                  <Cell>{when.minute(pull.at)}</Cell>
                  <Cell className="num">
                    {say(pull.newtons, 'force')} {pull.when}
                  </Cell>
                  <Cell>
                    {WAY_SHORT[pull.way]}
                    {pull.hertz !== null && ` ${say(pull.hertz, 'pitch')}`}
                  </Cell>
                  <Cell>{pull.note}</Cell>
                  <Cell>
                    <button
                      type="button"
                      className="quiet"
                      aria-label={`Delete the reading of ${when.minute(pull.at)}`}
                      onClick={() => void drop(id)}
                    >
                      delete
                    </button>
                  </Cell>
                </Row>
              ))}
            </Body>
          </Table>
        </div>
      )}
    </section>
  );
}

function Says({
  creep: c,
  least,
  say,
}: {
  creep: Creep;
  least: string;
  say: ReturnType<typeof useUnits>['say'];
}) {
  const days = (d: number) => (d < 1.5 ? `${Math.max(1, Math.round(24 * d))} hours` : `${Math.round(d)} days`);
  return (
    <p>
      {c.lostN > 0 ? (
        <>
          Since it was set it lost <b className="num">{say(c.lostN, 'force')}</b> in {days(c.days)}
          {c.stretch > 0 && (
            <>
              , <b className="num">{say(c.stretch * 1000, 'slot')}</b> of stretch for good
            </>
          )}
          .{' '}
          {c.now
            ? `It is under ${least}: set it again now.`
            : c.setAgainDays === null
              ? `Creep slows: it stays over ${least} for months, as far as can be told.`
              : `Set it again in about ${days(c.setAgainDays)}, when it comes to ${least}. Told from ${c.used} readings: a guess.`}
        </>
      ) : (
        `It has lost nothing in ${days(c.days)}.`
      )}
    </p>
  );
}
