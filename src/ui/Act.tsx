import type { ReactNode } from 'react';
import css from './act.module.css';

/** A small plain button for places that are painted anew at every step of a dial. */
export function Act(p: {
  strong?: boolean;
  disabled?: boolean;
  onClick: () => void;
  title?: string;
  /** Whether what it turns on is on; where it is such a button. */
  pressed?: boolean;
  children: ReactNode;
}) {
  return (
    <button
      type="button"
      className={css.act}
      data-strong={p.strong ?? false}
      disabled={p.disabled ?? false}
      onClick={p.onClick}
      title={p.title}
      aria-pressed={p.pressed}
    >
      {p.children}
    </button>
  );
}
