'use client';
import { memo, useState } from 'react';
import { steadyFeed } from '@/core/engine/cutFeed';
import { controlSettingText } from '@/core/words/control';
import { useRig, useRigStore } from '@/state/RigContext';
import { useUnits } from '@/ui/Units';
import { useWhen } from '@/ui/When';
import { Body, Cell, Head, Row, Table } from '@/ui/table';
import css from './cutlist.module.css';
import { markOf, MARKS } from './marks';
import { readAs } from './readAs.view';
import { SEEN_WORDS } from '@/core/words/cuts';

const SHOWN = 5;

/** The logged cuts of this foam and wire, the newest first. */
export const CutList = memo(function CutList() {
  const store = useRigStore();
  const cuts = useRig((s) => s.cuts);
  const aside = useRig((s) => s.tuning.setAside);
  const { say } = useUnits();
  const when = useWhen();
  const [all, setAll] = useState(false);
  const [problem, setProblem] = useState<string | null>(null);
  if (cuts.length === 0)
    return (
      <p className={css.none}>
        No cut is logged for this foam and wire yet. Take an offcut of the full width, 50 mm deep, and time it.
      </p>
    );
  const rows = cuts.map((c, i) => ({ ...c, i })).reverse();
  return (
    <div>
      <Table className={css.table}>
        <caption className="hidden-visually">Logged cuts, newest first</caption>
        <Head>
          <Row>
            <Cell>day</Cell>
            <Cell>set</Cell>
            <Cell>feed</Cell>
            <Cell>how</Cell>
            <Cell>seen</Cell>
            <Cell>
              <span className="hidden-visually">delete</span>
            </Cell>
          </Row>
        </Head>
        <Body>
          {rows.slice(0, all ? undefined : SHOWN).map(({ id, cut, rig, i }) => (
            <Row key={id} data-aside={aside.includes(i)}>
              <Cell>{when.short(cut.at)}</Cell>
              <Cell className="num">
                {controlSettingText(rig.control.kind, cut.setting ?? rig.control.setting, say)}
              </Cell>
              <Cell className="num">{say(steadyFeed({ rig, cut }), 'feed')}</Cell>
              <Cell>{aside.includes(i) ? 'set aside' : MARKS[markOf(cut)].word}</Cell>
              <Cell className={css.seen} title={[readAs(cut, say), cut.note].filter(Boolean).join('. ')}>
                {cut.seen.map((s) => SEEN_WORDS[s]).join(', ')}
              </Cell>
              <Cell>
                <button
                  type="button"
                  className="quiet"
                  aria-label={`Delete the cut of ${when.minute(cut.at)}`}
                  onClick={() => void store.getState().dropCut(id).then(setProblem)}
                >
                  ✕
                </button>
              </Cell>
            </Row>
          ))}
        </Body>
      </Table>
      {problem && <p role="alert">{problem}</p>}
      {cuts.length > SHOWN && (
        <button type="button" className="quiet" onClick={() => setAll(!all)}>
          {all ? 'only the newest' : `all ${cuts.length} cuts`}
        </button>
      )}
    </div>
  );
});
