'use client';
import { lengthWantWords } from '@/core/words/match';
import Button from '@mui/material/Button';
import { useRouter } from 'next/navigation';
import { useEffect, useMemo, useState } from 'react';
import { PLAIN_WEIGHTS, type Weights } from '@/core/documents/drawer';
import type { Stock } from '@/state/types';
import { inWords } from '@/state/api';
import { FIRST_PAIRS, useMatch } from '@/state/useMatch';
import type { RankedPair } from '@/workers/protocol';
import { SideBySide } from '@/ui/SideBySide';
import { saveFile } from '@/ui/saveFile';
import { useUnits } from '@/ui/Units';
import { later } from '@/ui/later';
import { drawerOf, type Job } from './drawerOf';
import { JobForm } from './JobForm';
import css from './match.module.css';
import { Refused } from './Refused';
import { keyOf, Results, WeightSliders } from './Results';
import { places } from '@/state/places';
import { useRigs } from '@/state/useRigs';

const Ideal = later(() => import('./Ideal').then((m) => m.Ideal));

/** Here is my drawer: what works? Every wire with every supply for one cut, and what would be ideal. */
export function Match({ stock, first }: { stock: Stock; first: Job }) {
  const router = useRouter();
  const { add } = useRigs();
  const { profile, say } = useUnits();
  const [job, setJob] = useState(first);
  const [weights, setWeights] = useState<Weights>(PLAIN_WEIGHTS);
  const [count, setCount] = useState(FIRST_PAIRS);
  const [chosen, setChosen] = useState<ReadonlySet<string>>(new Set());
  const [problem, setProblem] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const { state, pairs, groups, rows, run, cancel, rank, look } = useMatch();
  const read = useMemo(() => drawerOf(stock, job, weights), [stock, job, weights]);
  const [asked, setAsked] = useState<Job | null>(null);

  const start = () => {
    if (!read.ok) return;
    setChosen(new Set());
    setCount(FIRST_PAIRS);
    setAsked(job);
    run(read.drawer, weights, profile);
  };
  // The page opens with an answer, not with an empty sheet.
  useEffect(start, []); // eslint-disable-line react-hooks/exhaustive-deps
  const reweigh = (w: Weights) => {
    setWeights(w);
    rank(w, count);
  };
  const more = () => {
    setCount(count + 30);
    rank(weights, count + 30);
  };
  const make = async (pair: RankedPair) => {
    setBusy(true);
    const answer = await add({
      doc: pair.rig,
      foamStockId: (asked ?? job).foamStockId,
      spoolId: stock.spools[pair.places.wire]?.id ?? null,
      supplyId: stock.supplies[pair.places.supply]?.id ?? null,
    });
    if (answer.kind === 'done') return router.push(places.rig(answer.data.record.id, 'power'));
    setBusy(false);
    setProblem(inWords(answer));
  };
  /** The drawer as a file, for the command line and for a friend. */
  const save = () => {
    if (!read.ok) return;
    saveFile(new File([JSON.stringify(read.drawer, null, 2)], 'drawer.json', { type: 'application/json' }));
  };
  const choose = (key: string) => {
    const next = new Set(chosen);
    if (!next.delete(key)) next.add(key);
    setChosen(next);
  };
  const laid = pairs.filter((p) => chosen.has(keyOf(p)) && p.reading);
  const running = state.is === 'running';
  const empty = stock.spools.length === 0 || stock.supplies.length === 0;
  const stale = asked !== null && asked !== job && !running;
  return (
    <div className={css.page}>
      <aside className={css.job} aria-label="The cut">
        <h1>What works?</h1>
        <p className="dim">Every wire of the drawer, at every length, on every supply with every control.</p>
        <JobForm job={job} stock={stock} onJob={(part) => setJob((j) => ({ ...j, ...part }))} />
        {!read.ok && (
          <p role="alert" className={css.fault}>
            {read.faults.map((f) => `${f.path} ${f.message}`).join('; ')}
          </p>
        )}
        <div className={css.run}>
          {running ? (
            <Button variant="outlined" onClick={cancel}>
              Stop looking
            </Button>
          ) : (
            <Button variant="contained" onClick={start} disabled={!read.ok}>
              Find what works
            </Button>
          )}
          <button type="button" className="quiet" disabled={!read.ok} onClick={save}>
            Export the drawer
          </button>
        </div>
        <WeightSliders weights={weights} onWeights={reweigh} />
      </aside>
      <div className={css.out}>
        <Progress state={state} stale={stale} empty={empty} />
        {problem && (
          <p role="alert" className={css.fault}>
            {problem}
          </p>
        )}
        {state.is === 'done' && state.wants.length > 0 && <p>{lengthWantWords(state.wants, say)}</p>}
        {laid.length >= 2 && (
          <section aria-label="Compared" className={css.laid}>
            <h2>Compare</h2>
            <SideBySide
              laid={laid.map((pair) => ({
                key: keyOf(pair),
                name: pair.rig.name,
                rig: pair.rig,
                reading: pair.reading!,
                foot: (
                  <Button size="small" onClick={() => void make(pair)} disabled={busy}>
                    Make a rig of this
                  </Button>
                ),
              }))}
            />
          </section>
        )}
        {pairs.length > 0 && state.is === 'done' && (
          <section aria-label="What works" data-stale={stale} className={css.works}>
            <Results
              pairs={pairs}
              groups={groups}
              chosen={chosen}
              onChoose={choose}
              onMake={(pair) => void make(pair)}
              onMore={more}
              busy={busy}
            />
            <p className="dim">
              A line is the best length of a wire on a supply with a control. Tick two to four to compare them.
              The five bars: room in the window, load, dial, strength left, leads.
            </p>
          </section>
        )}
        {state.is === 'done' && <Refused counts={state.refused} rows={rows} onLook={look} />}
        <Ideal job={job} stock={stock} />
      </div>
    </div>
  );
}

function Progress({
  state,
  stale,
  empty,
}: {
  state: ReturnType<typeof useMatch>['state'];
  stale: boolean;
  empty: boolean;
}) {
  if (empty)
    return (
      <p className={css.says}>
        The drawer lacks wire or power. <a href={places.drawer()}>Put in what you have</a>, and come back.
      </p>
    );
  if (state.is === 'running')
    return (
      <div className={css.progress}>
        <progress value={state.done} max={state.total || 1} aria-label="Pairings looked at" />
        <span className="num" role="status">
          {state.total ? `${state.done} of ${state.total} pairings` : 'beginning'}
        </span>
      </div>
    );
  const words =
    state.is === 'done'
      ? state.working > 0
        ? `${state.working} of ${state.total} pairings work${stale ? ': for the cut as it was, look again' : ''}`
        : `None of ${state.total} pairings works. The reasons are below`
      : state.is === 'cancelled'
        ? `Stopped after ${state.done} pairings; nothing was kept`
        : state.is === 'failed'
          ? `It broke off: ${state.fault}`
          : '';
  return (
    <div role="status">
      <h2 className={css.verdict}>{words}</h2>
    </div>
  );
}
