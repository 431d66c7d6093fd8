'use client';
import { fieldOf } from '@/core/words/rigFields';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import type { Rig } from '@/core/documents/rig';
import { useRig, useRigStore } from '@/state/RigContext';
import { valueAt } from '@/core/documents/fieldPath';
import { Heads } from '@/ui/Heads';
import { Body, Cell, Row, Table } from '@/ui/table';
import css from './conflict.module.css';

const GROUPS = ['frame', 'room', 'wire', 'supply', 'control', 'leads', 'tension', 'foam', 'cut'] as const;

/** Paths in which two documents differ, each with both values as text. */
export function differences(mine: Rig, theirs: Rig): { path: string; mine: string; theirs: string }[] {
  const paths = [
    'name',
    'note',
    ...GROUPS.flatMap((g) =>
      [...new Set([...Object.keys(mine[g]), ...Object.keys(theirs[g])])].map((k) => `${g}.${k}`),
    ),
  ];
  const written = (v: unknown) =>
    v === null || v === undefined ? '–' : typeof v === 'object' ? JSON.stringify(v) : String(v);
  return paths
    .map((path) => ({ path, mine: written(valueAt(mine, path)), theirs: written(valueAt(theirs, path)) }))
    .filter((d) => d.mine !== d.theirs);
}

/** Another tab saved first: both are shown, and the person chooses. Nothing is thrown away unasked. */
export function Conflict() {
  const theirs = useRig((s) => s.theirs);
  const doc = useRig((s) => s.doc);
  const store = useRigStore();
  if (!theirs) return null;
  const rows = differences(doc, theirs.record.doc);
  return (
    <Dialog open aria-labelledby="conflict-title" fullWidth maxWidth="sm">
      <DialogTitle id="conflict-title">This rig was changed elsewhere</DialogTitle>
      <DialogContent>
        <p>Another window saved it first. Choose which stays; the other can be had back with Undo.</p>
        <Table className={css.table}>
          <Heads of={['value', 'here', 'there']} />
          <Body>
            {rows.map((r) => (
              <Row key={r.path}>
                <Cell>{fieldOf(r.path)[0]}</Cell>
                <Cell className="num">{r.mine}</Cell>
                <Cell className="num">{r.theirs}</Cell>
              </Row>
            ))}
          </Body>
        </Table>
        {rows.length === 0 && <p>Both hold the same values.</p>}
      </DialogContent>
      <DialogActions>
        <Button onClick={() => store.getState().settle('theirs')}>Take the other</Button>
        <Button variant="contained" onClick={() => store.getState().settle('mine')}>
          Keep what is here
        </Button>
      </DialogActions>
    </Dialog>
  );
}
