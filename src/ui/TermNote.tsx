'use client';
import { GLOSSARY, type Term } from '@/core/words/glossary';
import css from './term.module.css';

/** The one sentence of a term; fetched when one is first opened. */
export function TermNote({ id, k }: { id: string; k: Term }) {
  const [name, sentence] = GLOSSARY[k];
  return (
    <span id={id} role="note" className={css.note}>
      <b>{name}.</b> {sentence}
    </span>
  );
}
