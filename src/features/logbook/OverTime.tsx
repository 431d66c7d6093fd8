'use client';
import { useEffect, useMemo, useState } from 'react';
import type { LoggedCut } from '@/core/documents/log';
import type { LogQuery } from '@/core/documents/logbook';
import type { Estimate } from '@/core/engine/estimates';
import { unitFor } from '@/core/units/profile';
import { inWords } from '@/state/api';
import type { LogEntry } from '@/state/types';
import { useEstimates } from '@/state/useEstimates';
import { Plot, PlotKey, type Line } from '@/ui/chart/Plot';
import { useUnits } from '@/ui/Units';
import { useWhen } from '@/ui/When';
import css from './logbook.module.css';
import { askedAs } from './query';
import type { RigName } from './rigName';
import { server } from '@/state/server';

/** Most cuts drawn: the newest that meet the filters. */
const MOST = 500;
const DAY = 86_400_000;

/** Feed and kerf of the cuts that meet the filters, by day; and, for one rig, how each cut moved its tuning. */
export function OverTime({ query, rigs }: { query: LogQuery; rigs: readonly RigName[] }) {
  const [cuts, setCuts] = useState<readonly LogEntry[] | null>(null);
  const [total, setTotal] = useState(0);
  const [fault, setFault] = useState<string | null>(null);
  const address = askedAs({ ...query, kinds: ['cut'], sort: 'at', dir: 'down' });
  useEffect(() => {
    let left = false;
    void server.log(address, { limit: MOST }).then((a) => {
      if (left) return;
      if (a.kind !== 'done') return setFault(inWords(a));
      setCuts(a.data.entries);
      setTotal(a.data.total);
    });
    return () => {
      left = true;
    };
  }, [address]);
  const name = rigs.find((r) => r.id === query.rig)?.name;
  return (
    <section className={css.time} aria-label="Over time">
      {fault && <p role="alert">{fault}</p>}
      {cuts && cuts.length < 2 && <p className="dim">Two cuts are wanted to draw a line of time.</p>}
      {cuts && cuts.length >= 2 && (
        <div className={css.charts}>
          <ByDay cuts={cuts} what="feed" />
          <ByDay cuts={cuts} what="slot" />
        </div>
      )}
      {cuts && total > MOST && (
        <p className="dim">
          The newest {MOST} of {total.toLocaleString('en')} cuts are drawn.
        </p>
      )}
      {query.rig ? (
        <Moved key={query.rig} rigId={query.rig} name={name || 'this rig'} />
      ) : (
        <p className="dim">Choose one rig to see how each cut moved its numbers.</p>
      )}
    </section>
  );
}

const GROUPS = [
  ['good', 'good', 'act'],
  ['too-cold', 'too cold', 'note'],
  ['too-hot', 'too hot', 'fix'],
  ['limit', 'limit', 'ink'],
  ['none', 'not judged', 'dim'],
] as const;

function ByDay({ cuts, what }: { cuts: readonly LogEntry[]; what: 'feed' | 'slot' }) {
  const { profile, say } = useUnits();
  const when = useWhen();
  const chart = useMemo(() => {
    const unit = unitFor(what, profile);
    const points = cuts.flatMap((e) => {
      const cut = e.doc as LoggedCut;
      const value = what === 'feed' ? e.made!.feedMmS : cut.kerfMm;
      const group = cut.limit ? 'limit' : (cut.grade ?? 'none');
      return value === null ? [] : [{ x: Date.parse(e.at) / DAY, y: unit.fromBase(value), group }];
    });
    const lines = GROUPS.map(([group, name, colour]): Line => ({
      name,
      colour,
      width: 0,
      marks: 4,
      points: points.filter((p) => p.group === group),
    })).filter((l) => l.points.length > 0);
    const xs = points.map((p) => p.x);
    const margin = Math.max(0.5, (Math.max(...xs) - Math.min(...xs)) / 30);
    return {
      lines,
      n: points.length,
      x: {
        title: '',
        min: Math.min(...xs) - margin,
        max: Math.max(...xs) + margin,
        tick: (v: number) => when.day(v * DAY),
      },
      y: { title: `${what}, ${unit.symbol}`, min: 0, max: 1.12 * Math.max(...points.map((p) => p.y)) },
    };
  }, [cuts, what, profile, when]);
  if (chart.n === 0)
    return (
      <p className="dim">
        {what === 'slot' ? 'No kerf was measured in these cuts.' : 'No cut here has a feed.'}
      </p>
    );
  return (
    <div>
      <Plot
        lines={chart.lines}
        x={chart.x}
        y={chart.y}
        height={210}
        label={`${what} of ${chart.n} cuts by day, up to ${say(unitFor(what, profile).toBase(chart.y.max / 1.12), what)}`}
      />{' '}
      <ul className={css.marks}>
        {chart.lines.map((l) => (
          <li key={l.name}>
            <span style={{ background: `var(--${l.colour})` }} /> {l.name}
          </li>
        ))}
      </ul>
    </div>
  );
}

/** How each cut moved the tuning of a rig's foam and wire: middle and one shown sd each way, after each. */
function Moved({ rigId, name }: { rigId: string; name: string }) {
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
        <table className={css.steps}>
          <thead>
            <tr>
              <th>cut</th>
              <th>moved it</th>
              <th>±</th>
            </tr>
          </thead>
          <tbody>
            {[...way]
              .reverse()
              .slice(0, 6)
              .map((e) => (
                <tr key={e.cut}>
                  <td className="num">{when.day(e.at)}</td>
                  <td className="num">
                    {e.aside
                      ? 'set aside'
                      : e.counts
                        ? `${e.moved >= 0 ? '+' : '−'}${say(Math.abs(e.moved), 'share')}`
                        : 'counts for nothing'}
                  </td>
                  <td className="num">±{say(e.sd, 'share')}</td>
                </tr>
              ))}
          </tbody>
        </table>
      </div>
    </div>
  );
}
