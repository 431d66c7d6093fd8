'use client';
import Button from '@mui/material/Button';
import { useCallback, useEffect, useRef, useState } from 'react';
import type { LogQuery } from '@/core/documents/logbook';
import type { LogEntry, LogPage, LogView } from '@/state/types';
import { Entries } from './Entries';
import { Filters } from './Filters';
import css from './logbook.module.css';
import { addressOf, askedAs, asksForSome } from './query';
import { Views } from './Views';
import type { RigName } from './rigName';
import { rewrite } from '@/state/address';
import { downloads, places } from '@/state/places';
import { useLog } from '@/state/useLog';
import { useLatest } from '@/ui/useLatest';
import { useZone } from '@/ui/When';
import { later } from '@/ui/later';

const OverTime = later(() => import('./OverTime').then((m) => m.OverTime));
const BringIn = later(() => import('./BringIn').then((m) => m.BringIn));
const CutDialog = later(() => import('./CutDialog').then((m) => m.CutDialog));
const TwoCuts = later(() => import('./TwoCuts').then((m) => m.TwoCuts));
const WireOn = later(() => import('./WireOn').then((m) => m.WireOn));
/** Typing in the search field is waited for this long. */
const TYPING_MS = 150;
/** An answer that takes longer than this is said to be looked for. */
const SLOW_MS = 200;
const ODD = 'The address asked for something that the logbook does not know; here is all of it.';

/** Everything that was cut, heated, tightened and changed, on one time line; filtered, sorted, searched, kept as views. */
export function Logbook(p: {
  first: LogPage;
  query: LogQuery;
  views: readonly LogView[];
  rigs: readonly RigName[];
  odd: boolean;
}) {
  const zone = useZone();
  const [query, setQuery] = useState(p.query);
  /** What the server is asked for: the query, once the typing rests. */
  const [wanted, want] = useState(p.query);
  const [odd, setOdd] = useState(p.odd);
  const [chosen, choose] = useState<readonly LogEntry[]>([]);
  const [shown, show] = useState<LogEntry | null>(null);
  const [panel, setPanel] = useState<'none' | 'time' | 'in'>('none');
  const timer = useRef<ReturnType<typeof setTimeout> | null>(null);
  // The page came with the server's days: where days are asked for, the reader's own may begin some hours off.
  const [first] = useState(() => ({
    of: p.query.from || p.query.to ? '' : askedAs(p.query, zone),
    page: p.first,
  }));
  const log = useLog(askedAs(wanted, zone), first);
  const { entries, total } = log;
  const busy = useSlow(log.busy);
  const fault = log.fault ?? (odd ? ODD : null);
  const ask = (q: LogQuery, wait = 0) => {
    setQuery(q);
    setOdd(false);
    rewrite(places.logAsked(addressOf(q)));
    if (timer.current) clearTimeout(timer.current);
    // What was chosen is asked for at once, before the page is drawn anew; what is typed, once the typing rests.
    if (wait === 0) want(q);
    else timer.current = setTimeout(() => want(q), wait);
  };
  useEffect(() => () => void (timer.current && clearTimeout(timer.current)), []);
  // The table is drawn anew only where its entries, order or choice change: its props stay the same between.
  const latest = useLatest({ query, ask });
  /* eslint-disable react-hooks/preserve-manual-memoization -- the ref never changes, and no compiler is used */
  const onSort = useCallback(
    (sort: LogQuery['sort'], dir: LogQuery['dir']) => {
      const now = latest.current;
      now.ask({ ...now.query, sort, dir });
    },
    [latest],
  );
  /* eslint-enable react-hooks/preserve-manual-memoization */
  const onChoose = useCallback(
    (e: LogEntry) =>
      choose((c) => (c.some((x) => x.id === e.id) ? c.filter((x) => x.id !== e.id) : [...c.slice(-1), e])),
    [],
  );
  const again = log.again;
  const address = askedAs(query, zone);
  const some = asksForSome(wanted);
  return (
    <div className="page">
      <div className={css.top}>
        <h1>Logbook</h1>
        <p role="status" className={css.count}>
          {busy
            ? 'Looking …'
            : `${total.toLocaleString('en')} ${total === 1 ? 'entry' : 'entries'}${some ? ' found' : ''}`}
        </p>
        <div className={css.acts}>
          <Button
            variant={panel === 'time' ? 'contained' : 'outlined'}
            aria-expanded={panel === 'time'}
            onClick={() => setPanel(panel === 'time' ? 'none' : 'time')}
          >
            {' '}
            Over time
          </Button>
          <Button component="a" href={downloads.log('csv', address)} download>
            Cuts as CSV
          </Button>
          <Button component="a" href={downloads.log('json', address)} download>
            as JSON
          </Button>
          <Button onClick={() => setPanel('in')}>Import cuts …</Button>
        </div>
      </div>
      <Views query={query} first={p.views} onView={(q) => ask(q)} />
      <Filters query={query} rigs={p.rigs} onQuery={(q, typing) => ask(q, typing ? TYPING_MS : 0)} />
      {fault && (
        <p role="alert" className={css.fault}>
          {fault}
        </p>
      )}
      {query.rig && <WireOn key={query.rig} rigId={query.rig} onChanged={again} />}
      {panel === 'time' && <OverTime query={query} rigs={p.rigs} />}
      {chosen.length > 0 && <TwoCuts chosen={chosen} onClear={() => choose([])} />}
      <Entries
        entries={entries}
        sort={query.sort}
        dir={query.dir}
        chosen={chosen}
        onSort={onSort}
        onShow={show}
        onChoose={onChoose}
      />
      {entries.length < total && (
        <p className={css.more}>
          <Button variant="outlined" disabled={busy} onClick={log.more}>
            Show more: {(total - entries.length).toLocaleString('en')} left
          </Button>
        </p>
      )}
      {total === 0 && (
        <p className={css.none}>
          {some
            ? 'Nothing meets all of that. Take a filter away.'
            : 'Nothing is logged yet. The first test cut of a rig is the first line here.'}
        </p>
      )}{' '}
      {shown && (
        <CutDialog
          entry={shown}
          onClose={() => show(null)}
          onGone={() => {
            show(null);
            again();
          }}
        />
      )}
      {panel === 'in' && <BringIn rigs={p.rigs} onClose={() => setPanel('none')} onDone={again} />}
    </div>
  );
}

/** Whether something has been under way for longer than a blink. */
function useSlow(under: boolean): boolean {
  const [slow, setSlow] = useState(false);
  useEffect(() => {
    if (!under) return setSlow(false);
    const timer = setTimeout(() => setSlow(true), SLOW_MS);
    return () => clearTimeout(timer);
  }, [under]);
  return slow;
}
