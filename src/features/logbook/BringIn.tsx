'use client';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { useState } from 'react';
import { DAY_ORDERS, type DayOrder, type Mapped, type Mapping } from '@/core/documents/logImport';
import { readCsv } from '@/formats/log/readCsv';
import { isOwn } from '@/formats/log/toCuts';
import { Choice } from '@/ui/Choice';
import { PickFile } from '@/ui/PickFile';
import { ownZone } from '@/ui/When';
import { Select } from '@/ui/Select';
import { guessed, MAP_NAMES, MAP_UNITS, ORDER_NAMES } from './guess';
import { Heads } from '@/ui/Heads';
import { Body, Cell, Row, Table } from '@/ui/table';
import css from './logbook.module.css';
import type { RigName } from './rigName';
import { useLogActs } from '@/state/useLog';

/** Larger files are not even opened: the server takes no more. */
const MOST_BYTES = 16_000_000;
/** Of a file this much is looked at for its header and first rows. */
const LOOKED_AT = 20_000;

interface Chosen {
  readonly name: string;
  readonly text: string;
  readonly form: 'csv' | 'json';
  readonly own: boolean;
  readonly header: readonly string[];
  readonly sample: readonly Readonly<Record<string, string>>[];
}

/** Cuts from a file: this program's own as they were, a spreadsheet by a mapping of its columns. Whole or not at all. */
export function BringIn(p: { rigs: readonly RigName[]; onClose: () => void; onDone: () => void }) {
  const { importFile } = useLogActs();
  const [chosen, choose] = useState<Chosen | null>(null);
  const [rigId, setRig] = useState(p.rigs[0]?.id ?? '');
  const [columns, setColumns] = useState<Mapping['columns']>({});
  const [dayOrder, setOrder] = useState<DayOrder>('year-month-day');
  const [faults, setFaults] = useState<readonly string[]>([]);
  const [told, tell] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);

  const look = async (file: File) => {
    setFaults([]);
    tell(null);
    choose(null);
    if (file.size > MOST_BYTES)
      return setFaults([`${file.name} is larger than 16 MB, the most that is taken.`]);
    const text = await file.text();
    const form = /^\s*[[{]/.test(text) ? 'json' : 'csv';
    const base = { name: file.name, text, form, header: [], sample: [] } as const;
    if (form === 'json') return choose({ ...base, own: true });
    // The last line of a part may be torn; the whole is read by the server.
    const part = text.length > LOOKED_AT ? text.slice(0, text.lastIndexOf('\n', LOOKED_AT) + 1) : text;
    const csv = readCsv(part);
    if (!csv.ok && (text.length <= LOOKED_AT || csv.faults[0]!.line === 1))
      return setFaults(
        csv.faults.map((f) => `${file.name}, line ${f.line}${f.column ? `, ${f.column}` : ''}: ${f.message}`),
      );
    const header = csv.ok ? csv.header : part.split('\n')[0]!.split(',');
    const own = isOwn(header);
    if (!own) setColumns(guessed(header));
    choose({ ...base, own, header, sample: csv.ok ? csv.rows.slice(0, 3).map((r) => r.cells) : [] });
  };

  const bring = async () => {
    if (!chosen) return;
    setBusy(true);
    setFaults([]);
    const mapping = chosen.own ? null : { columns, dayOrder, zone: ownZone() };
    const answer = await importFile({
      text: chosen.text,
      form: chosen.form,
      rigId: chosen.own ? null : rigId,
      mapping,
    });
    setBusy(false);
    if (answer.kind === 'lost' || answer.kind === 'kept')
      return tell(
        'No answer came: the cuts may be in or not, but never half of them. Look at the log before you import the file again.',
      );
    if (answer.kind === 'refused')
      return setFaults(
        answer.faults.map((f) =>
          f.path.startsWith('(') ? `${chosen.name} ${f.message}` : `${f.path}: ${f.message}`,
        ),
      );
    const { cuts, already, rigs } = answer.data;
    tell(
      `${cuts.toLocaleString('en')} cuts imported${already ? `, ${already.toLocaleString('en')} stood here already` : ''}${rigs ? `, ${rigs} rig${rigs === 1 ? '' : 's'} made for them` : ''}.`,
    );
    choose(null);
    p.onDone();
  };
  const map = (what: Mapped, column: string, unit: string | null) =>
    setColumns(({ [what]: _, ...rest }) => (column === '' ? rest : { ...rest, [what]: { column, unit } }));
  return (
    <Dialog open onClose={p.onClose} fullWidth maxWidth="md" aria-labelledby="bring-title">
      <DialogTitle id="bring-title">Import cuts</DialogTitle>
      <DialogContent>
        <p>
          A log exported from this program comes back as it was. Any other spreadsheet, saved as CSV, is read by
          its columns. Every row is checked first; if one is wrong, none is imported.
        </p>
        <p>
          <PickFile
            name="File with cuts"
            words={chosen ? 'Another file …' : 'Choose a file …'}
            accept=".csv,.json,.txt,text/csv,application/json"
            variant="outlined"
            onFile={(f) => void look(f)}
          />{' '}
          {chosen && (
            <>
              <b>{chosen.name}</b>:{' '}
              {chosen.own ? 'a log of this program' : 'a spreadsheet; say what its columns are'}
            </>
          )}
        </p>
        {chosen && !chosen.own && (
          <>
            <div className={css.two}>
              <Choice
                label="They belong to"
                name="rig"
                value={rigId}
                onChoose={setRig}
                options={p.rigs.map((r) => ({ value: r.id, name: r.name || 'a rig without a name' }))}
              />{' '}
              <Choice
                label="Days are written"
                name="order"
                value={dayOrder}
                onChoose={setOrder}
                options={DAY_ORDERS.map((o) => ({ value: o, name: ORDER_NAMES[o] }))}
              />{' '}
            </div>
            <Table className={css.mapping}>
              <Heads of={['of a cut', 'is the column', 'in', 'for instance']} />
              <Body>
                {(Object.keys(MAP_NAMES) as Mapped[]).map((what) => {
                  const units = MAP_UNITS[what];
                  const on = columns[what];
                  return (
                    <Row key={what}>
                      <Cell component="th" scope="row">
                        {MAP_NAMES[what]}
                      </Cell>
                      <Cell>
                        <Select
                          label={`${MAP_NAMES[what]} is the column`}
                          value={on?.column ?? ''}
                          options={[['', 'none'], ...chosen.header.map((h) => [h, h] as const)]}
                          onChoose={(column) => map(what, column, on?.unit ?? units?.[0] ?? null)}
                        />
                      </Cell>
                      <Cell>
                        {units && on && (
                          <Select
                            label={`${MAP_NAMES[what]} in`}
                            value={on.unit ?? units[0]!}
                            options={units.map((u) => [u, u] as const)}
                            onChoose={(unit) => map(what, on.column, unit)}
                          />
                        )}
                      </Cell>
                      <Cell className="dim">
                        {on &&
                          chosen.sample
                            .map((c) => c[on.column])
                            .filter(Boolean)
                            .slice(0, 2)
                            .join(' · ')}{' '}
                      </Cell>
                    </Row>
                  );
                })}
              </Body>
            </Table>
          </>
        )}
        {faults.length > 0 && (
          <div role="alert" className={css.fault}>
            <p>Nothing was imported.</p>
            <ul>
              {faults.map((f) => (
                <li key={f}>{f}</li>
              ))}
            </ul>
          </div>
        )}
        <p role="status">{busy ? 'Reading every row …' : told}</p>
      </DialogContent>
      <DialogActions>
        <Button onClick={p.onClose}>Close</Button>
        <Button
          variant="contained"
          disabled={!chosen || busy || (!chosen.own && !columns.at)}
          onClick={() => void bring()}
        >
          {' '}
          Import them
        </Button>
      </DialogActions>
    </Dialog>
  );
}
