'use client';
import { useMemo } from 'react';
import type { LoggedCut } from '@/core/documents/log';
import type { LogQuery } from '@/core/documents/logbook';
import { unitFor } from '@/core/units/profile';
import type { LogEntry } from '@/state/types';
import { Plot, type Line } from '@/ui/chart/Plot';
import { useUnits } from '@/ui/Units';
import { useWhen } from '@/ui/When';
import css from './logbook.module.css';
import { Moved } from './Moved';
import { askedAs } from './query';
import type { RigName } from './rigName';
import { useLogPage } from '@/state/useLog';

/** Most cuts drawn: the newest that meet the filters. */
const MOST = 500;
const DAY = 86_400_000;

/** Feed and kerf of the cuts that meet the filters, by day; and, for one rig, how each cut moved its tuning. */
export function OverTime({ query, rigs }: { query: LogQuery; rigs: readonly RigName[] }) {
  const address = askedAs({ ...query, kinds: ['cut'], sort: 'at', dir: 'down' });
  const { page, fault } = useLogPage(address, MOST);
  const cuts = page?.entries ?? null;
  const total = page?.total ?? 0;
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
