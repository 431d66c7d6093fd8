'use client';
import type { ReactNode } from 'react';
import css from './fact.module.css';

/** One thing that follows: a name, a number with its unit, its range in a lighter weight, and "why". */
export function Fact(p: {
  name: ReactNode;
  value: string;
  range?: string | null;
  onWhy?: () => void;
  whyName?: string;
}) {
  return (
    <div className={css.fact}>
      <span className={css.name}>{p.name}</span>
      <span className={css.value}>
        <b className="num">{p.value}</b>
        {p.range && <span className={css.range}>{p.range}</span>}
      </span>
      {p.onWhy && (
        <button
          type="button"
          className="quiet"
          onClick={p.onWhy}
          aria-label={`Why: ${p.whyName ?? 'this number'}`}
        >
          why
        </button>
      )}
    </div>
  );
}
