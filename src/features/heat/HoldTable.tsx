'use client';
import { ALLOYS, type AlloyId } from '@/core/catalog/alloys';
import type { Advised } from '@/core/engine/steady';
import { CHANGES, holdWords, WAY_NAMES } from '@/core/words/hold';
import { useUnits } from '@/ui/Units';
import { Body, Cell, Head, Row, Table } from '@/ui/table';
import css from './heat.module.css';

/** How far the max feed moves under each way of holding when one thing changes, and what to hold on this rig. */
export function HoldTable({ advised, alloy }: { advised: Advised; alloy: AlloyId }) {
  const { say } = useUnits();
  const words = holdWords(advised, ALLOYS[alloy].name, say);
  const moved = (x: number) =>
    Math.abs(x) < 0.005 ? 'stays' : x <= -0.999 ? 'stops' : `${x > 0 ? '+' : '−'}${say(Math.abs(x), 'share')}`;
  return (
    <>
      <p className={css.verdict}>{words.head}</p>
      <ul className={css.reasons}>
        {words.reasons.map((r) => (
          <li key={r}>{r}</li>
        ))}
      </ul>
      <div className={css.scroll} tabIndex={0} role="group" aria-label="What moves the max feed">
        <Table className={css.holds}>
          <caption>How far the max feed moves with</caption>
          <Head>
            <Row>
              <Cell component="td" />
              {CHANGES.map(([key, text]) => (
                <Cell key={key}>{text}</Cell>
              ))}
            </Row>
          </Head>
          <Body>
            {advised.ways.map((w) => (
              <Row key={w.way} data-best={w.way === advised.best}>
                <Cell component="th" scope="row">
                  {WAY_NAMES[w.way]}
                </Cell>
                {CHANGES.map(([key]) => (
                  <Cell key={key} className="num">
                    {w.way === 'ohms' && advised.kelvinAPercent === null ? '–' : moved(w.drift[key])}
                  </Cell>
                ))}
              </Row>
            ))}
          </Body>
        </Table>
      </div>
    </>
  );
}
