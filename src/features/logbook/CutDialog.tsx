'use client';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { useState } from 'react';
import { inWords } from '@/state/api';
import type { LogEntry } from '@/state/types';
import { Link } from '@/ui/Link';
import { useUnits } from '@/ui/Units';
import { useWhen } from '@/ui/When';
import { After } from './After';
import { cutLines } from './cutLines';
import css from './logbook.module.css';
import { Pictures } from './Pictures';
import { places } from '@/state/places';
import { useRigs } from '@/state/useRigs';

/** One cut whole: what was set, what came of it, its pictures. */
export function CutDialog(p: { entry: LogEntry; onClose: () => void; onGone: () => void }) {
  const { entry } = p;
  const { say } = useUnits();
  const { deleteCut } = useRigs();
  const when = useWhen();
  const [asking, ask] = useState(false);
  const [fault, setFault] = useState<string | null>(null);
  const remove = async () => {
    const answer = await deleteCut(entry.rigId, entry.id);
    if (answer.kind === 'done') p.onGone();
    else setFault(inWords(answer));
  };
  return (
    <Dialog open onClose={p.onClose} fullWidth maxWidth="sm" aria-labelledby="cut-title">
      <DialogTitle id="cut-title">
        Cut of {when.day(entry.at)}, {entry.rig || 'a rig without a name'}
      </DialogTitle>
      <DialogContent>
        <dl className={css.cut}>
          {cutLines(entry, say, when).map(([name, value]) => (
            <div key={name}>
              <dt>{name}</dt>
              <dd>{value}</dd>
            </div>
          ))}
        </dl>
        <After entry={entry} onKept={p.onGone} />
        <Pictures rigId={entry.rigId} cutId={entry.id} of="this cut" />
        {fault && <p role="alert">{fault}</p>}
        {asking && (
          <p role="alert">
            It leaves the log, and what it told the tuning goes with it.{' '}
            <Button size="small" color="error" variant="contained" onClick={() => void remove()}>
              Delete it
            </Button>
          </p>
        )}
      </DialogContent>
      <DialogActions>
        {!asking && <Button onClick={() => ask(true)}>Delete …</Button>}
        <Button component={Link} href={places.rig(entry.rigId, 'try')}>
          Open the rig
        </Button>
        <Button variant="contained" onClick={p.onClose}>
          Close
        </Button>
      </DialogActions>
    </Dialog>
  );
}
