'use client';
import type { WorksheetFigures } from '@/core/documents/worksheet';
import { shouldReadText, stepText } from '@/core/words/jobSteps';
import { useUnits } from '@/ui/Units';
import css from './jobs.module.css';
import { Tone } from './Tone';

/** What is done, in order, each step with what should be read when it is done. */
export function Steps({ sheet, whole = false }: { sheet: WorksheetFigures; whole?: boolean }) {
  const { say } = useUnits();
  if (sheet.steps.length === 0)
    return <p>No steps while something stops the job: what it is stands under “What to do”.</p>;
  return (
    <div className={whole ? undefined : css.work} role="region" aria-label="Steps" tabIndex={0}>
      <ol className={css.steps}>
        {sheet.steps.map((s, i) => (
          <li key={`${s.code}${i}`}>
            <span>{stepText(s, say)}</span>
            {typeof s.values['secondsPerTone'] === 'number' && (
              <span className={css.reads}>
                <Tone seconds={s.values['secondsPerTone']} />
              </span>
            )}
            {s.shouldRead && <span className={css.reads}>Reads {shouldReadText(s.shouldRead, say)}</span>}
          </li>
        ))}
      </ol>
    </div>
  );
}
