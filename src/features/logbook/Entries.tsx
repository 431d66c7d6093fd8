'use client';
import Checkbox from '@mui/material/Checkbox';
import { memo } from 'react';
import type { RigEvent } from '@/core/documents/event';
import type { LoggedCut } from '@/core/documents/log';
import type { LogQuery } from '@/core/documents/logbook';
import type { LoggedPull } from '@/core/documents/pull';
import type { Say } from '@/core/words/say';
import { controlSettingText } from '@/core/words/control';
import { GRADE_WORDS, SEEN_WORDS } from '@/core/words/cuts';
import { alloyName, ENTRY_WORDS, eventWords, pullWords } from '@/core/words/logbook';
import type { LogEntry } from '@/state/types';
import { SortHead } from '@/ui/SortHead';
import { useUnits } from '@/ui/Units';
import { useWhen } from '@/ui/When';
import { Body, Cell, Head, Row, Table } from '@/ui/table';
import css from './logbook.module.css';

type Sort = LogQuery['sort'];
const HEADS: readonly (readonly [string, Sort | null, boolean])[] = [
  ['when', 'at', false],
  ['rig', 'rig', false],
  ['set', 'setting', true],
  ['width', 'width', true],
  ['feed', 'feed', true],
  ['kerf', 'kerf', true],
  ['current', 'amps', true],
  ['it cut', null, false],
  ['seen, note', null, false],
];

/** The entries as a table; a cut's line opens, and two of them can be laid side by side. */
export const Entries = memo(function Entries(p: {
  entries: readonly LogEntry[];
  sort: Sort;
  dir: LogQuery['dir'];
  chosen: readonly LogEntry[];
  onSort: (sort: Sort, dir: 'up' | 'down') => void;
  onShow: (e: LogEntry) => void;
  onChoose: (e: LogEntry) => void;
}) {
  const { say } = useUnits();
  const when = useWhen();
  const { sort, dir } = p;
  if (p.entries.length === 0) return null;
  return (
    <div className={css.scroll} tabIndex={0} role="group" aria-label="Entries, table">
      <Table className={css.table}>
        <Head>
          <Row>
            <Cell>
              <span className="hidden-visually">compare</span>
            </Cell>
            {HEADS.map(([name, by, figures]) =>
              by ? (
                <SortHead
                  key={name}
                  text={name}
                  figures={figures}
                  sorted={by === sort ? dir : null}
                  onSort={() => p.onSort(by, by === sort && dir === 'down' ? 'up' : 'down')}
                />
              ) : (
                <Cell key={name} data-figures={figures}>
                  {name}
                </Cell>
              ),
            )}
          </Row>
        </Head>
        <Body>
          {p.entries.map((e) => (
            <Line
              key={e.id}
              e={e}
              say={say}
              at={when.minute(e.at)}
              on={p.chosen.some((c) => c.id === e.id)}
              onShow={p.onShow}
              onChoose={p.onChoose}
            />
          ))}
        </Body>
      </Table>
    </div>
  );
});

const Line = memo(function Line(p: {
  e: LogEntry;
  say: Say;
  at: string;
  on: boolean;
  onShow: (e: LogEntry) => void;
  onChoose: (e: LogEntry) => void;
}) {
  const { e, say, at: when } = p;
  const rig = e.rig || 'a rig without a name';
  if (e.kind !== 'cut' || !e.made) {
    const words = e.kind === 'pull' ? pullWords(e.doc as LoggedPull, say) : eventWords(e.doc as RigEvent, say);
    const note = e.doc.note;
    return (
      <Row data-kind={e.kind}>
        <Cell />
        <Cell className="num">{when}</Cell>
        <Cell>{rig}</Cell>
        <Cell colSpan={7}>
          <b>{ENTRY_WORDS[e.kind]}</b> {words}
          {note && <span className="dim"> {note}</span>}
        </Cell>
      </Row>
    );
  }
  const cut = e.doc as LoggedCut;
  const number = (v: number | null, role: Parameters<Say>[1]) => (v === null ? '' : say(v, role));
  return (
    <Row data-kind="cut" data-on={p.on}>
      <Cell>
        <Checkbox
          slotProps={{ input: { 'aria-label': `Compare the cut of ${when}` } }}
          checked={p.on}
          onChange={() => p.onChoose(e)}
        />
      </Cell>
      <Cell className="num">
        <button type="button" className={css.open} onClick={() => p.onShow(e)}>
          {when}
        </button>
      </Cell>
      <Cell>
        {rig}{' '}
        <span className="dim">
          {e.made.foam.toUpperCase()}, {alloyName(e.made.alloy)}
        </span>
      </Cell>
      <Cell className="num" data-figures>
        {controlSettingText(e.made.control, cut.setting, say)}
      </Cell>
      <Cell className="num" data-figures>
        {say(cut.widthMm, 'foamSize')}
      </Cell>
      <Cell className="num" data-figures>
        {number(e.made.feedMmS, 'feed')}
      </Cell>
      <Cell className="num" data-figures>
        {number(cut.kerfMm, 'slot')}
      </Cell>
      <Cell className="num" data-figures>
        {number(cut.amps, 'amps')}
      </Cell>
      <Cell data-grade={cut.limit ? 'limit' : (cut.grade ?? 'none')}>
        {cut.limit ? 'limit' : cut.grade ? GRADE_WORDS[cut.grade].toLowerCase() : 'not judged'}
      </Cell>
      <Cell className={css.seen}>
        {cut.seen.map((s) => SEEN_WORDS[s]).join(', ')}
        {cut.note && <span className="dim"> {cut.note}</span>}
        {e.pictures > 0 && (
          <span className={css.pictures}>
            {' '}
            {e.pictures} picture{e.pictures === 1 ? '' : 's'}
          </span>
        )}
      </Cell>
    </Row>
  );
});
