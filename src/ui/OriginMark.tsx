import type { Origin } from '@/core/documents/rig';
import css from './field.module.css';

const WORDS: Record<Origin, { mark: string; title: string }> = {
  measured: { mark: 'measured', title: 'Measured here' },
  label: { mark: 'label', title: 'Read off a label' },
  catalogue: { mark: 'catalogue', title: 'Typical value from the catalogue' },
  assumed: { mark: 'assumed', title: 'Nobody chose this yet: it is a guess until touched' },
};

/** Where a value came from, in a word. */
export function OriginMark({ origin }: { origin: Origin | undefined }) {
  if (!origin) return null;
  return (
    <span className={css.origin} data-origin={origin} title={WORDS[origin].title}>
      {WORDS[origin].mark}
    </span>
  );
}
