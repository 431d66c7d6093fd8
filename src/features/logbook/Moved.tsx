'use client';
import { useMemo } from 'react';
import type { Estimate } from '@/core/engine/estimates';
import { useEstimates } from '@/state/useEstimates';
import { Plot, PlotKey, type Line } from '@/ui/chart/Plot';
import { useUnits } from '@/ui/Units';
import { useWhen } from '@/ui/When';
import { Heads } from '@/ui/Heads';
import { Body, Cell, Row, Table } from '@/ui/table';
import css from './logbook.module.css';

/** How each cut moved the tuning of a rig's foam and wire: middle and one shown sd each way, after each. */
export function Moved({ rigId, name }: { rigId: string; name: string }) {
  const { open, way, done, fault } = useEstimates(rigId);
  if (fault) return <p role="alert">How each cut moved it: {fault}</p>;
  if (!way || !open)
    return (
      <p>
        Going through the log <progress max={1} value={done} aria-label="Going through the log" />
      </p>
    );
  if (way.length === 0) return <p className="dim">No cut tunes {name} yet.</p>;
  return (
    <Way way={way} name={name} shared={open.record.foamStockId !== null && open.record.spoolId !== null} />
  );
}

function Way({ way, name, shared }: { way: readonly Estimate[]; name: string; shared: boolean }) {
  const { say } = useUnits();
  const when = useWhen();
  const chart = useMemo(() => {
    const line = (k: 0 | 1 | 2, label: string, more: Partial<Line>): Line => ({
      name: label,
      colour: 'act',
      points: way.map((e, i) => ({ x: i + 1, y: e.factor[k] })),
      ...more,
    });
    const low = Math.min(...way.map((e) => e.factor[0]));
    const high = Math.max(...way.map((e) => e.factor[2]));
    return {
      lines: [
        line(1, 'foam’s heat against the model', { width: 2.6, marks: 3 }),
        line(0, 'two times in three it lies between', { width: 1.4, dash: [5, 4] }),
        line(2, ' ', { width: 1.4, dash: [5, 4] }),
      ],
      x: {
        title: 'cut after cut',
        min: 0.5,
        max: way.length + 0.5,
        tick: (v: number) => (Number.isInteger(v) ? `${v}` : ''),
      },
      y: { title: 'times the model’s heat', min: 0.92 * low, max: 1.06 * high },
    };
  }, [way]);
  const best = [...way].filter((e) => e.counts && !e.aside).sort((a, b) => b.shrank - a.shrank)[0];
  const last = way.at(-1)!;
  const aside = way.filter((e) => e.aside).length;
  return (
    <div className={css.way}>
      <div>
        <h2>How each cut moved the numbers of {name}</h2>
        <Plot
          lines={chart.lines}
          x={chart.x}
          y={chart.y}
          height={210}
          label={`After ${way.length} cuts the foam wants ${last.factor[1].toFixed(2)} times the model’s heat, give or take ${say(last.sd, 'share')}`}
        />
        <PlotKey lines={chart.lines.slice(0, 2)} />
      </div>
      <div>
        <p>
          After {way.length} cut{way.length === 1 ? '' : 's'}{' '}
          {shared && 'on this foam with this wire, on whatever rig, '}
          it wants <b className="num">{last.factor[1].toFixed(2)}</b> times the model’s heat, give or take{' '}
          <b className="num">{say(last.sd, 'share')}</b>.
          {last.sd <= 0.1
            ? ' Good enough: more test cuts bring little.'
            : ' Under ±10 % it is good enough to stop testing.'}
        </p>
        {best && (
          <p>
            The cut of {when.day(best.at)} was the most informative: it narrowed the range by{' '}
            {say(best.shrank, 'share')}.
            {aside > 0 &&
              ` ${aside} ${aside === 1 ? 'lies' : 'lie'} so far off that it is set aside; look at ${aside === 1 ? 'it' : 'them'} again.`}
          </p>
        )}
        <Table>
          <Heads of={['cut', 'moved it', '±']} />
          <Body>
            {[...way]
              .reverse()
              .slice(0, 6)
              .map((e) => (
                <Row key={e.cut}>
                  <Cell className="num">{when.day(e.at)}</Cell>
                  <Cell className="num">
                    {e.aside
                      ? 'set aside'
                      : e.counts
                        ? `${e.moved >= 0 ? '+' : '−'}${say(Math.abs(e.moved), 'share')}`
                        : 'counts for nothing'}
                  </Cell>
                  <Cell className="num">±{say(e.sd, 'share')}</Cell>
                </Row>
              ))}
          </Body>
        </Table>
      </div>
    </div>
  );
}
