'use client';
import { faultSentence } from '@/core/words/rigFields';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { useState } from 'react';
import type { DocumentFault } from '@/core/documents/faults';
import { readRigFile } from '@/formats/rigFile';
import { inWords } from '@/state/api';
import { useRigs } from '@/state/useRigs';
import { PickFile } from '@/ui/PickFile';
import css from './shelf.module.css';

/** Brings in a rig document; a bad one is refused whole, every fault named by its path and rule. */
export function ImportRig({ onDone }: { onDone: (id: string) => void }) {
  const { add } = useRigs();
  const [faults, setFaults] = useState<readonly DocumentFault[] | null>(null);
  const take = async (file: File) => {
    const read = await readRigFile(file);
    if (!read.ok) return setFaults(read.faults);
    const answer = await add({ doc: read.doc });
    if (answer.kind === 'done') onDone(answer.data.record.id);
    else
      setFaults(
        answer.kind === 'refused'
          ? answer.faults
          : [{ path: '(server)', rule: 'lost', message: inWords(answer) }],
      );
  };
  return (
    <>
      <PickFile
        name="Rig file"
        words="Import a file"
        variant="outlined"
        accept=".json,application/json"
        onFile={(file) => void take(file)}
      />
      <Dialog
        open={faults !== null}
        onClose={() => setFaults(null)}
        aria-labelledby="import-title"
        maxWidth="sm"
        fullWidth
      >
        <DialogTitle id="import-title">That file was not taken</DialogTitle>
        <DialogContent>
          <p>Nothing was changed. Mend these and import it again:</p>
          <ul className={css.faults}>
            {faults?.map((f, i) => (
              <li key={i}>
                {faultSentence(f)} <span className="dim">({f.path})</span>
              </li>
            ))}
          </ul>
        </DialogContent>
        <DialogActions>
          <Button onClick={() => setFaults(null)}>Close</Button>
        </DialogActions>
      </Dialog>
    </>
  );
}
