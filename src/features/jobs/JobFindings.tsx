'use client';
import type { WorksheetFigures } from '@/core/documents/worksheet';
import { fixWords } from '@/core/words/fixes';
import { jobFindingWords } from '@/core/words/jobs';
import { apply } from '@/state/edit';
import { useRig, useRigStore } from '@/state/RigContext';
import { Act } from '@/ui/Act';
import { FindingCard, FindingList } from '@/ui/FindingCard';
import { useUnits } from '@/ui/Units';

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
    <FindingList count={findings.length} shown={shown.length} elsewhere="on the stages before">
      {shown.map((f) => (
        <FindingCard
          key={f.code + String(f.values['part'] ?? '')}
          level={f.level}
          words={jobFindingWords(f, say)}
        >
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
        </FindingCard>
      ))}
    </FindingList>
  );
}
