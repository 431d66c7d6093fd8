'use client';
import { planFindingWords } from '@/core/words/plan';
import { usePieces } from '@/state/PlanContext';
import { Act } from '@/ui/Act';
import { LevelMark, LEVEL_WORD } from '@/ui/Level';
import { useUnits } from '@/ui/Units';
import css from './shape.module.css';
import type { PlanDraft } from '@/core/engine/template/planDraft';

/** The findings of a plan, the worst first, each with what would help where that is known. */
export function PlanFindings(p: {
  findings: readonly PlanDraft[];
  most?: number;
  onWidth?: (mm: number) => void;
}) {
  const { say } = useUnits();
  const { open } = usePieces();
  const shown = p.findings.slice(0, p.most ?? 20);
  const tryIt = (f: PlanDraft) => open?.store.getState().edit(`try: ${f.code}`, f.patch!);
  const { onWidth } = p;
  return (
    <div className={css.list} aria-live="polite">
      {p.findings.length === 0 && (
        <p className="dim">
          Nothing found against it in what is worked out here. That is not to say that it is safe.
        </p>
      )}
      {shown.map((f) => {
        const words = planFindingWords(f.code, f.values, say);
        return (
          <section
            key={f.code + String(f.values['end'] ?? '')}
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
            {f.patch && (
              <Act strong onClick={() => tryIt(f)} title="Try it: can be undone">
                Do that
              </Act>
            )}
            {f.code === 'width-differs' && onWidth && (
              <Act strong onClick={() => onWidth(f.values['piece'] as number)} title="Try it: can be undone">
                Set the rig to {say(f.values['piece'], 'foamSize')}
              </Act>
            )}
          </section>
        );
      })}
      {shown.length < p.findings.length && (
        <p className="dim">and {p.findings.length - shown.length} more, on the pages below</p>
      )}
    </div>
  );
}
