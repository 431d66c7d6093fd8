'use client';
import { useState } from 'react';
import type { LogQuery } from '@/core/documents/logbook';
import { inWords, type Outcome } from '@/state/api';
import type { LogView } from '@/state/types';
import { TextLine } from '@/ui/TextLine';
import css from './logbook.module.css';
import { addressOf, asksForSome, queryOfAddress } from './query';
import { useViews } from '@/state/useLog';

/** Views kept under a name: one press brings one back. */
export function Views(p: { query: LogQuery; first: readonly LogView[]; onView: (q: LogQuery) => void }) {
  const { views, keep, forget } = useViews(p.first);
  const [name, setName] = useState<string | null>(null);
  const [fault, setFault] = useState<string | null>(null);
  const address = addressOf(p.query);
  const ask = async (asked: Promise<Outcome<LogView[]>>) => {
    const answer = await asked;
    if (answer.kind !== 'done') return setFault(inWords(answer));
    setFault(null);
    setName(null);
  };
  const on = views.find((v) => v.query === address);
  if (views.length === 0 && !asksForSome(p.query)) return null;
  return (
    <div className={css.views} role="group" aria-label="Kept views">
      {views.map((v) => (
        <span key={v.id} className={css.view} data-on={v === on}>
          <button type="button" aria-pressed={v === on} onClick={() => p.onView(queryOfAddress(v.query))}>
            {v.name}
          </button>
          <button type="button" aria-label={`Forget the view ${v.name}`} onClick={() => void ask(forget(v.id))}>
            {' '}
            ✕
          </button>
        </span>
      ))}
      {asksForSome(p.query) && !on && name === null && (
        <button type="button" className="quiet" onClick={() => setName('')}>
          keep this view …
        </button>
      )}
      {name !== null && (
        <form
          className={css.naming}
          onSubmit={(e) => {
            e.preventDefault();
            if (name.trim()) void ask(keep({ name: name.trim(), query: address }));
          }}
        >
          <TextLine
            label="Name of the view"
            value={name}
            most={80}
            autoFocus
            placeholder="its name"
            onText={setName}
          />{' '}
          <button type="submit" className="quiet">
            keep
          </button>
        </form>
      )}
      {fault && <span role="alert">{fault}</span>}
    </div>
  );
}
