'use client';
import { useDeferredValue, useMemo, useState } from 'react';
import type { FindingFigures } from '@/core/documents/reading';
import { findingWords } from '@/core/words/findings';
import { fixWords } from '@/core/words/fixes';
import { solve } from '@/core/engine/solve';
import { apply } from '@/state/edit';
import { sparesOf } from '@/state/spares';
import type { Stock } from '@/state/types';
import { useDerived, useRig, useRigStore } from '@/state/RigContext';
import { Act } from '@/ui/Act';
import { LevelMark, LEVEL_WORD } from '@/ui/Level';
import { useShortcuts } from '@/ui/useShortcuts';
import { useUnits } from '@/ui/Units';
import { WhyDialog } from '@/ui/LazyWhy';
import { later } from '@/ui/later';
import { acceptable } from './acceptable';
import css from './findings.module.css';
import { useMark } from './useMark';

const Accept = later(() => import('./Accept').then((m) => m.Accept));
const Withdraw = later(() => import('./Accept').then((m) => m.Withdraw));

/** The findings of the rig, the worst first, each with a fix to try and its reason. */
export function Findings({ stock }: { stock: Stock }) {
  const { rig, reading, evaluation } = useDerived();
  const spares = useMemo(() => sparesOf(stock), [stock]);
  // What the drawer offers is looked for when the dial stands still.
  const still = useDeferredValue(rig);
  const offered = useMemo(() => (spares ? solve(still, spares).findings : null), [still, spares]);
  const store = useRigStore();
  const { say } = useUnits();
  const toMark = useMark();
  const [shown, setShown] = useState<FindingFigures['code'] | null>(null);
  const control = useRig((s) => s.doc.control);
  const told = offered && still === rig ? offered : reading.findings;
  const tryIt = (finding: FindingFigures, i: number) => {
    const { doc, edit } = store.getState();
    edit(`try: ${finding.code}`, apply(doc, finding.fixes[i]!.patch));
  };
  useShortcuts({
    t: () => {
      const first = told.find((f) => f.fixes.length > 0);
      if (first) tryIt(first, 0);
    },
  });
  return (
    <div className={css.list} aria-live="polite">
      {told.length === 0 && (
        <p className={css.none}>
          Nothing found against it in what is worked out here. That is not to say that it is safe.
        </p>
      )}
      {told.map((f) => {
        const words = findingWords(f.code, f.values, say);
        return (
          <section
            key={f.code + String(f.values['part'] ?? '')}
            className={css.card}
            data-level={f.level}
            aria-label={`${LEVEL_WORD[f.level]}: ${words.head}`}
          >
            <h3 className={css.head}>
              <LevelMark level={f.level} />
              <span>
                <span className="hidden-visually">{LEVEL_WORD[f.level]}: </span>
                {words.head}
              </span>
            </h3>
            <p className={css.text}>{words.text}</p>
            <div className={css.acts}>
              {f.fixes.map((fix, i) => (
                <Act key={i} strong={i === 0} onClick={() => tryIt(f, i)} title="Try it: can be undone">
                  {fixWords(fix, { control }, say, toMark)}
                </Act>
              ))}
              {acceptable(f.code) && f.level !== 'note' && <Accept code={f.code} head={words.head} />}
              {typeof f.values['accepted'] === 'string' && acceptable(f.code) && <Withdraw code={f.code} />}
              <button
                type="button"
                className="quiet"
                onClick={() => setShown(f.code)}
                aria-label={`Why: ${words.head}`}
              >
                why
              </button>
            </div>
          </section>
        );
      })}
      {shown && <WhyDialog about={shown} e={evaluation} onClose={() => setShown(null)} />}
    </div>
  );
}
