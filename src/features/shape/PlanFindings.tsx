'use client';
import { planFindingWords } from '@/core/words/plan';
import { usePieces } from '@/state/PlanContext';
import { Act } from '@/ui/Act';
import { FindingCard, FindingList } from '@/ui/FindingCard';
import { useUnits } from '@/ui/Units';
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
    <FindingList count={p.findings.length} shown={shown.length} elsewhere="on the pages below">
      {shown.map((f) => (
        <FindingCard
          key={f.code + String(f.values['end'] ?? '')}
          level={f.level}
          words={planFindingWords(f.code, f.values, say)}
        >
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
        </FindingCard>
      ))}
    </FindingList>
  );
}
