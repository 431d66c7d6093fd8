'use client';
import Button from '@mui/material/Button';
import dynamic from 'next/dynamic';
import { useCallback, useEffect, useRef, useState } from 'react';
import type { LogQuery } from '@/core/documents/logbook';
import { inWords } from '@/state/api';
import type { LogEntry, LogPage, LogView } from '@/state/types';
import { Entries } from './Entries';
import { Filters } from './Filters';
import css from './logbook.module.css';
import { addressOf, askedAs, asksForSome } from './query';
import { Views } from './Views';
import type { RigName } from './rigName';
import { downloads, places } from '@/state/places';
import { server } from '@/state/server';
import { useLatest } from '@/ui/useLatest';
import { useZone } from '@/ui/When';

const OverTime = dynamic(() => import('./OverTime').then((m) => m.OverTime), { ssr: false });
const BringIn = dynamic(() => import('./BringIn').then((m) => m.BringIn), { ssr: false });
const CutDialog = dynamic(() => import('./CutDialog').then((m) => m.CutDialog), { ssr: false });
const TwoCuts = dynamic(() => import('./TwoCuts').then((m) => m.TwoCuts), { ssr: false });
const WireOn = dynamic(() => import('./WireOn').then((m) => m.WireOn), { ssr: false });
/** Typing in the search field is waited for this long. */
const TYPING_MS = 150;
/** An answer that takes longer than this is said to be looked for. */
const SLOW_MS = 200;
/** Entries that are added at a time; the first answer is short, so that it is there at once. */
const MORE = 100;

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
  /** The query that the entries shown are the answer to. */
  const [answered, setAnswered] = useState(p.query);
  const [entries, setEntries] = useState(p.first.entries);
  const [total, setTotal] = useState(p.first.total);
  const [fault, setFault] = useState<string | null>(
    p.odd ? 'The address asked for something that the logbook does not know; here is all of it.' : null,
  );
  const [busy, setBusy] = useState(false);
  const [chosen, choose] = useState<readonly LogEntry[]>([]);
  const [shown, show] = useState<LogEntry | null>(null);
  const [panel, setPanel] = useState<'none' | 'time' | 'in'>('none');
  const asked = useRef(0);
  const timer = useRef<ReturnType<typeof setTimeout> | null>(null);

  const fetchPage = async (q: LogQuery, from: number) => {
    const mine = ++asked.current;
    const slow = setTimeout(() => setBusy(true), SLOW_MS);
    const answer = await server.log(askedAs(q), from ? { offset: from, limit: MORE } : {});
    clearTimeout(slow);
    if (mine !== asked.current) return;
    setBusy(false);
    if (answer.kind !== 'done') return setFault(inWords(answer));
    setFault(null);
    setAnswered(q);
    setTotal(answer.data.total);
    setEntries((old) => (from ? [...old, ...answer.data.entries] : answer.data.entries));
  };
  const ask = (q: LogQuery, wait = 0) => {
    setQuery(q);
    const address = addressOf(q);
    window.history.replaceState(null, '', places.logAsked(address));
    if (timer.current) clearTimeout(timer.current);
    // What was chosen is asked for at once, before the page is drawn anew; what is typed, once the typing rests.
    if (wait === 0) void fetchPage(q, 0);
    else timer.current = setTimeout(() => void fetchPage(q, 0), wait);
  };
  useEffect(() => () => void (timer.current && clearTimeout(timer.current)), []);
  useEffect(() => {
    // The page came with the server's days: the reader's own may begin some hours off.
    if (p.query.from || p.query.to) void fetchPage(p.query, 0);
    // eslint-disable-next-line react-hooks/exhaustive-deps -- once, for what the page came with
  }, []);
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
  const again = () => void fetchPage(query, 0);
  const address = askedAs(query, zone);
  const some = asksForSome(answered);
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
          <Button variant="outlined" disabled={busy} onClick={() => void fetchPage(query, entries.length)}>
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
