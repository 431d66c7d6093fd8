'use client';
import type { ReactNode } from 'react';
import type { Level } from '@/core/documents/reading';
import { Act } from './Act';
import css from './findingCard.module.css';
import { LevelMark, LEVEL_WORD } from './Level';

/** Findings of a piece or a job, the worst first: those that are shown, and how many more stand elsewhere. */
export function FindingList(p: { count: number; shown: number; elsewhere: string; children: ReactNode }) {
  return (
    <div className={css.list} aria-live="polite">
      {p.count === 0 && (
        <p className="dim">
          Nothing found against it in what is worked out here. That is not to say that it is safe.
        </p>
      )}
      {p.children}
      {p.shown < p.count && (
        <p className="dim">
          and {p.count - p.shown} more, {p.elsewhere}
        </p>
      )}
    </div>
  );
}

/** One finding: its level, a head, its text, and what may be done about it. */
export function FindingCard(p: {
  level: Level;
  words: { readonly head: string; readonly text: string };
  children?: ReactNode;
}) {
  return (
    <section className={css.card} data-level={p.level} aria-label={`${LEVEL_WORD[p.level]}: ${p.words.head}`}>
      <h3>
        <LevelMark level={p.level} />
        <span>
          <span className="hidden-visually">{LEVEL_WORD[p.level]}: </span>
          {p.words.head}
        </span>
      </h3>
      <p>{p.words.text}</p>
      <div className={css.acts}>{p.children}</div>
    </section>
  );
}

/** What another window saved first: the person chooses, and nothing is thrown away before. */
export function TwoWindows(p: {
  what: string;
  settle: (keep: 'mine' | 'theirs') => void;
  children?: ReactNode;
}) {
  return (
    <div className={css.card} data-level="fix" role="alert">
      <h3>This {p.what} was changed in another window</h3>
      <p>{p.children} Nothing is thrown away until you choose.</p>
      <div className={css.acts}>
        <Act strong onClick={() => p.settle('mine')}>
          Keep mine
        </Act>
        <Act onClick={() => p.settle('theirs')}>Take theirs</Act>
      </div>
    </div>
  );
}
