'use client';
import { ALLOY_IDS, ALLOYS } from '@/core/catalog/alloys';
import { FOAM_IDS, FOAMS } from '@/core/catalog/foams';
import { SEEN } from '@/core/documents/log';
import {
  ENTRY_KINDS,
  LOG_GRADES,
  logQuerySchema,
  type EntryKind,
  type LogQuery,
} from '@/core/documents/logbook';
import { GRADE_WORDS, SEEN_WORDS } from '@/core/words/cuts';
import { ENTRY_WORDS } from '@/core/words/logbook';
import { TextLine } from '@/ui/TextLine';
import css from './logbook.module.css';
import { asksForSome } from './query';
import type { RigName } from './rigName';
import { Select } from '@/ui/Select';
import { Several } from '@/ui/Several';

const NONE = '';
const CUT_FOAMS = FOAM_IDS.filter((f) => FOAMS[f].verdict !== 'refuse');

/** What of the logbook is wanted. Each change asks at once. */
export function Filters(p: {
  query: LogQuery;
  rigs: readonly RigName[];
  onQuery: (q: LogQuery, typing?: boolean) => void;
}) {
  const { query } = p;
  const put = <K extends keyof LogQuery>(key: K, value: LogQuery[K] | '', typing = false) => {
    p.onQuery({ ...query, [key]: value === '' ? undefined : value }, typing);
  };
  const kinds = query.kinds ?? ENTRY_KINDS;
  const take = (next: readonly EntryKind[]) => {
    const all = next.length === 0 || next.length === ENTRY_KINDS.length;
    put('kinds', all ? '' : ENTRY_KINDS.filter((k) => next.includes(k)));
  };
  const pick = <K extends keyof LogQuery>(
    key: K,
    label: string,
    options: readonly (readonly [string, string])[],
  ) => (
    <label className={css.pick}>
      <span>{label}</span>
      <Select
        name={key}
        value={(query[key] as string) ?? NONE}
        options={[[NONE, 'any'], ...options]}
        onChoose={(value) => put(key, value as LogQuery[K])}
      />
    </label>
  );
  return (
    <form
      className={css.filters}
      role="search"
      aria-label="Filter the logbook"
      onSubmit={(e) => e.preventDefault()}
    >
      <label className={css.search}>
        <span>Search</span>
        <TextLine
          kind="search"
          name="q"
          value={query.q ?? ''}
          most={200}
          placeholder="notes and rigs"
          onText={(text) => put('q', text, true)}
        />
      </label>
      {pick(
        'rig',
        'Rig',
        p.rigs.map((r) => [r.id, r.name || 'a rig without a name']),
      )}
      {pick(
        'foam',
        'Foam',
        CUT_FOAMS.map((f) => [f, FOAMS[f].name]),
      )}
      {pick(
        'alloy',
        'Wire',
        ALLOY_IDS.map((a) => [a, ALLOYS[a].name]),
      )}
      {pick(
        'grade',
        'It cut',
        LOG_GRADES.map((g) => [g, g === 'limit' ? 'at the limit' : GRADE_WORDS[g].toLowerCase()]),
      )}
      {pick(
        'seen',
        'Seen',
        SEEN.map((s) => [s, SEEN_WORDS[s]]),
      )}
      {(['from', 'to'] as const).map((key) => (
        <label key={key} className={css.day}>
          <span>{key === 'from' ? 'From' : 'To'}</span>
          <TextLine kind="date" name={key} value={query[key] ?? ''} onText={(day) => put(key, day)} />
        </label>
      ))}
      <fieldset className={css.kinds}>
        <legend className="hidden-visually">Kinds of entry</legend>
        <Several
          options={ENTRY_KINDS.map((k) => [k, ENTRY_WORDS[k]] as const)}
          chosen={kinds}
          onChosen={take}
        />
        {asksForSome(query) && (
          <button
            type="button"
            className="quiet"
            onClick={() => p.onQuery(logQuerySchema.parse({ sort: query.sort, dir: query.dir }))}
          >
            {' '}
            clear
          </button>
        )}
      </fieldset>
    </form>
  );
}
