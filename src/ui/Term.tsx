'use client';
import { later } from './later';
import { useId, useState, type ReactNode } from 'react';
import type { Term as Key } from '@/core/words/glossary';
import css from './term.module.css';

const TermNote = later(() => import('./TermNote').then((m) => m.TermNote));

/** A word of the trade: dotted underline; a press or the keyboard opens its one sentence in place. */
export function Term({ k, children }: { k: Key; children: ReactNode }) {
  const id = useId();
  const [open, setOpen] = useState(false);
  return (
    <span className={css.wrap}>
      <button
        type="button"
        className={css.term}
        aria-expanded={open}
        aria-controls={open ? id : undefined}
        onClick={(e) => {
          e.preventDefault();
          setOpen(!open);
        }}
        onBlur={() => setOpen(false)}
        onKeyDown={(e) => e.key === 'Escape' && setOpen(false)}
      >
        {children}
      </button>
      {open && <TermNote id={id} k={k} />}
    </span>
  );
}
