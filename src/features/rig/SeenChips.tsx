'use client';
import { useState } from 'react';
import { SEEN, type Seen } from '@/core/documents/log';
import { SEEN_WORDS } from '@/core/words/cuts';
import css from './try.module.css';
import { Several } from '@/ui/Several';
import { later } from '@/ui/later';

const TestCutHow = later(() => import('./TestCutHow').then((m) => m.TestCutHow));
const SeenDialog = later(() => import('./SeenDialog').then((m) => m.SeenDialog));

/** What was seen on a cut: chosen by its word, or by a drawing of it; and how to make a cut that tells the truth. */
export function SeenChips({ seen, onSeen }: { seen: readonly Seen[]; onSeen: (seen: Seen[]) => void }) {
  const [open, setOpen] = useState<'none' | 'drawings' | 'how'>('none');
  const close = () => setOpen('none');
  return (
    <fieldset className={css.chips}>
      <legend>What was seen</legend>
      <Several options={SEEN.map((s) => [s, SEEN_WORDS[s]] as const)} chosen={seen} onChosen={onSeen} />
      <button type="button" className="quiet" onClick={() => setOpen('drawings')}>
        by drawings
      </button>
      <button type="button" className="quiet" onClick={() => setOpen('how')}>
        how to make one
      </button>
      {open === 'drawings' && <SeenDialog seen={seen} onSeen={onSeen} onClose={close} />}
      {open === 'how' && <TestCutHow onClose={close} />}
    </fieldset>
  );
}
