'use client';
import Button from '@mui/material/Button';
import { useId, useState } from 'react';
import type { FoamStock, LeadStock, Spool, StockItems, StockKind } from '@/state/types';
import { inWords } from '@/state/api';
import { useUnits } from '@/ui/Units';
import { COLUMNS, type Column } from './columns';
import { TextLine } from '@/ui/TextLine';
import css from './drawer.module.css';
import { readQuick, type Quick, type Thing } from './quick';
import { LISTS, QUICK } from './words';
import { useStock } from '@/state/useStock';

/** One line of text that puts a thing in the drawer; what it was taken for is shown before it goes in. */
export function QuickEntry({ onSaved }: { onSaved: () => void }) {
  const id = useId();
  const { add } = useStock();
  const { typed } = useUnits();
  const [line, setLine] = useState('');
  const [problem, setProblem] = useState<string | null>(null);
  const [done, setDone] = useState<string | null>(null);
  const read = readQuick(line);
  const [busy, setBusy] = useState(false);
  const put = async (thing: Thing) => {
    setBusy(true);
    const answer = await add(thing.kind, thing.item);
    setBusy(false);
    if (answer.kind !== 'done') return setProblem(inWords(answer));
    setDone(`${LISTS[thing.kind].title}: ${thing.item.name} is in.`);
    // What was typed meanwhile is the next one.
    setLine((now) => (now === line ? '' : now));
    setProblem(null);
    onSaved();
  };
  return (
    <form
      className={css.quick}
      onSubmit={(e) => {
        e.preventDefault();
        if (read.ok && !busy) void put(read);
      }}
    >
      <label htmlFor={id}>{QUICK.label}</label>
      <div>
        <TextLine
          id={id}
          value={line}
          most={120}
          placeholder={QUICK.examples}
          describedBy={`${id}s`}
          onText={(text) => {
            setLine(text);
            setDone(null);
          }}
        />
        <Button type="submit" variant="contained" disabled={!read.ok || busy}>
          Add
        </Button>
      </div>
      {!read.ok && read.choices && (
        <div className={css.choices} role="group" aria-label={read.wants}>
          {read.choices.map(({ name, thing }) => (
            <Button key={name} size="small" variant="outlined" disabled={busy} onClick={() => void put(thing)}>
              {[name, figuresOf(thing, typed)].filter(Boolean).join(', ')}
            </Button>
          ))}
        </div>
      )}
      <p id={`${id}s`} role="status" className="dim">
        {problem ?? done ?? says(read, typed)}
      </p>
    </form>
  );
}

function says(read: Quick, typed: Parameters<Column<'foams'>['cell']>[1]): React.ReactNode {
  if (!read.ok && read.choices) return read.wants;
  if (!read.ok) return read.wants === '' ? 'One line, then Enter.' : `Still wanted: ${read.wants}.`;
  const columns = COLUMNS[read.kind] as readonly Column<StockKind>[];
  const item = read.item as unknown as StockItems[StockKind] & (FoamStock | Spool | LeadStock);
  return (
    <>
      {LISTS[read.kind].title}:{' '}
      {columns.map((c, i) => (
        <span key={c.head}>
          {i > 0 && ' · '}
          {c.cell(item, typed)}
        </span>
      ))}
    </>
  );
}

/** What a choice would put in, in its own figures. */
function figuresOf(thing: Thing, typed: Parameters<Column<'foams'>['cell']>[1]): string {
  if (thing.kind === 'spools') return typed(thing.item.diameterMm, 'wireDiameter');
  if (thing.kind === 'foams') return typed(thing.item.densityKgM3, 'density');
  if (thing.kind === 'supplies') {
    const { volts, battery } = thing.item.supply;
    return battery ? `${battery.cells} cells` : typed(volts, 'volts');
  }
  return '';
}
