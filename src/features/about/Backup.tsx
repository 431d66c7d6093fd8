'use client';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { inWords } from '@/state/api';
import { PickFile } from '@/ui/PickFile';
import { downloads } from '@/state/places';
import { useWorkshop } from '@/state/useWorkshop';

/** One file out, one file in. What comes in is checked whole before anything is replaced, and asked about first. */
export function Backup() {
  const { restore } = useWorkshop();
  const [asked, ask] = useState<{ name: string; doc: unknown } | null>(null);
  const [told, tell] = useState<string | null>(null);
  const read = async (file: File) => {
    tell(null);
    try {
      ask({ name: file.name, doc: JSON.parse(await file.text()) });
    } catch {
      tell(`${file.name} is not a backup of this program: it is not JSON.`);
    }
  };
  const replace = async () => {
    const answer = await restore(asked!.doc);
    ask(null);
    tell(
      answer.kind === 'done'
        ? `Restored: ${answer.data.rigs} rigs and ${answer.data.cuts} cuts. What was there before is kept in the folder backups.`
        : `Nothing was changed. ${inWords(answer)}`,
    );
  };
  return (
    <section aria-label="Backup">
      <h2>Backup</h2>
      <p>
        Everything in one file: rigs, cuts, readings, the drawer. One is written each day by itself into the
        folder <code>backups</code> beside your data, and the last seven are kept.
      </p>
      <p>
        <Button component="a" href={downloads.backup} download variant="contained">
          Take a backup
        </Button>{' '}
        <PickFile
          name="Backup file"
          words="Put one back …"
          accept="application/json,.json"
          onFile={(f) => void read(f)}
        />
      </p>
      {asked && (
        <div role="alert">
          <p>
            {asked.name} takes the place of everything here. It is checked first; if anything in it is wrong,
            nothing changes.
          </p>
          <p>
            <Button variant="contained" onClick={() => void replace()}>
              Replace everything
            </Button>{' '}
            <Button onClick={() => ask(null)}>Leave it</Button>
          </p>
        </div>
      )}
      <p role="status">{told}</p>
    </section>
  );
}
