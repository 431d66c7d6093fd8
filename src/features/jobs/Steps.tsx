'use client';
import type { WorksheetFigures } from '@/core/documents/worksheet';
import { shouldReadText, stepText } from '@/core/words/jobSteps';
import { useUnits } from '@/ui/Units';
import css from './jobs.module.css';

/** What is done, in order, each step with what should be read when it is done. */
export function Steps({ sheet }: { sheet: WorksheetFigures }) {
  const { say } = useUnits();
  if (sheet.steps.length === 0)
    return <p>No steps while something stops the job: what it is stands under “What to do”.</p>;
  return (
    <div className={css.work} role="region" aria-label="Steps" tabIndex={0}>
      <ol className={css.steps}>
        {sheet.steps.map((s, i) => (
          <li key={`${s.code}${i}`}>
            <span>{stepText(s, say)}</span>
            {s.shouldRead && <span className={css.reads}>Reads {shouldReadText(s.shouldRead, say)}</span>}
          </li>
        ))}
      </ol>
    </div>
  );
}
