'use client';
import { SAVE_WORDS } from '@/core/words/saving';
import { useUndoKeys } from './useShortcuts';
import css from './saveLine.module.css';

/** How saving stands, with undo and redo, by buttons and keys, of a document that is kept beside its rig. */
export function SaveLine(p: {
  name: string;
  save: keyof typeof SAVE_WORDS;
  problem: string | null;
  undo: () => void;
  redo: () => void;
  past: number;
  future: number;
}) {
  useUndoKeys({ undo: p.undo, redo: p.redo });
  return (
    <p className={css.line}>
      <span className="dim" role="status" aria-label={p.name}>
        {SAVE_WORDS[p.save]}
        {p.problem && `: ${p.problem}`}
      </span>
      <button type="button" className="quiet" disabled={p.past === 0} onClick={p.undo}>
        Undo
      </button>
      <button type="button" className="quiet" disabled={p.future === 0} onClick={p.redo}>
        Redo
      </button>
    </p>
  );
}
