'use client';
import { useDerived, useRig } from '@/state/RigContext';
import { useUnits } from '@/ui/Units';
import { STAGE_NAMES, stageAnswer, stagesOf, type OwnStage, type StageId } from './stageList';
import css from './nav.module.css';
import type { LateAnswers } from './late';

/** The stages in working order, each with its present answer. */
export function StageNav({
  stage,
  answers,
  onGo,
}: {
  stage: StageId;
  answers: LateAnswers;
  onGo: (s: StageId) => void;
}) {
  const { rig, reading } = useDerived();
  const cuts = useRig((s) => s.cuts.length);
  const { say, typed } = useUnits();
  return (
    <nav className={css.nav} aria-label="Stages">
      {stagesOf(rig.frame).map((s, i) => (
        <button key={s} type="button" aria-current={s === stage ? 'step' : undefined} onClick={() => onGo(s)}>
          <span className={css.n}>{i + 1}</span>
          <span className={css.name}>{STAGE_NAMES[s]}</span>
          <span className={css.answer}>
            {answers[s] ?? stageAnswer(s as OwnStage, rig, reading, cuts, say, typed)}
          </span>
        </button>
      ))}
    </nav>
  );
}
