'use client';
import type { PracticeRunRecord } from '@/core/documents/practice';
import { usePractice } from '@/state/usePractice';
import css from './practice.module.css';

/** What was practised, on which rig, and how it went on. */
export function ProgressPage(p: { runs: readonly PracticeRunRecord[] }) {
  const { runs } = usePractice(p.runs);
  return (
    <div className={css.page}>
      <h1>Practice</h1>
      <p>{runs.length} runs.</p>
    </div>
  );
}
