'use client';
import type { WorksheetFigures } from '@/core/documents/worksheet';
import { fixWords } from '@/core/words/fixes';
import { jobFindingWords } from '@/core/words/jobs';
import { apply } from '@/state/edit';
import { useRig, useRigStore } from '@/state/RigContext';
import { Act } from '@/ui/Act';
import { LevelMark, LEVEL_WORD } from '@/ui/Level';
import { useUnits } from '@/ui/Units';
import css from './jobs.module.css';

/** The findings of a job and of its rig as it is used, the worst first. */
export function JobFindings({ findings, most = 5 }: { findings: WorksheetFigures['findings']; most?: number }) {
  const { say } = useUnits();
  const store = useRigStore();
  const rig = useRig((s) => s.doc);
  const tryIt = (code: string, patch: Readonly<Record<string, unknown>>) => {
    const { doc, edit } = store.getState();
    edit(`try: ${code}`, apply(doc, patch));
  };
  const shown = findings.slice(0, most);
  return (
    <div className={css.list} aria-live="polite">
      {findings.length === 0 && (
        <p className="dim">
          Nothing found against it in what is worked out here. That is not to say that it is safe.
        </p>
      )}
      {shown.map((f) => {
        const words = jobFindingWords(f, say);
        return (
          <section
            key={f.code + String(f.values['part'] ?? '')}
            className={css.card}
            data-level={f.level}
            aria-label={`${LEVEL_WORD[f.level]}: ${words.head}`}
          >
            <h3>
              <LevelMark level={f.level} />
              <span>
                <span className="hidden-visually">{LEVEL_WORD[f.level]}: </span>
                {words.head}
              </span>
            </h3>
            <p>{words.text}</p>
            {f.fixes.length > 0 && (
              <p className={css.acts}>
                {f.fixes.map((fix, i) => (
                  <Act
                    key={i}
                    strong={i === 0}
                    onClick={() => tryIt(f.code, fix.patch)}
                    title="Try it: can be undone"
                  >
                    {fixWords(fix, rig, say)}
                  </Act>
                ))}
              </p>
            )}
          </section>
        );
      })}
      {shown.length < findings.length && (
        <p className="dim">and {findings.length - shown.length} more, on the stages before</p>
      )}
    </div>
  );
}
