'use client';
import Button from '@mui/material/Button';
import { useRouter } from 'next/navigation';
import { useRef, useState } from 'react';
import { inWords, type Outcome } from '@/state/api';
import { downloads } from '@/state/places';
import { useWorkshop } from '@/state/useWorkshop';
import { PickFile } from '@/ui/PickFile';
import css from './about.module.css';
import { sizeText } from './sizes';

/** What a backup is put back from: a file that was chosen, or one of the data folder by its name. */
type From = { readonly name: string; readonly file: File | null };
export interface Kept {
  readonly name: string;
  readonly bytes: number;
}

/** One file out, one file in. What comes in is checked whole before anything is replaced, and asked about first. */
export function Backup({ kept, onServer }: { kept: readonly Kept[]; onServer: boolean }) {
  const router = useRouter();
  const { restore, restoreKept } = useWorkshop();
  const [asked, ask] = useState<From | null>(null);
  const [told, tell] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const stop = useRef<AbortController | null>(null);
  const replace = async (from: From) => {
    ask(null);
    tell(null);
    setBusy(true);
    stop.current = new AbortController();
    const answer = await (from.file ? restore(from.file, stop.current.signal) : restoreKept(from.name));
    const cancelled = stop.current.signal.aborted;
    setBusy(false);
    tell(ended(answer, cancelled));
    router.refresh();
  };
  const emptied = kept.filter((k) => k.name.includes('.before-emptied.')).map((k) => k.name.slice(0, 10));
  const choose = async (from: From) => {
    const whole = from.file === null || (await isWhole(from.file));
    tell(whole ? null : `${from.name} is not a whole backup of this program: it is not JSON, or torn.`);
    ask(whole ? from : null);
  };
  return (
    <section aria-label="Backup">
      <h2>Backup</h2>
      <p>
        Everything in one file: rigs, cuts, readings, the drawer, and all pictures. One without the pictures,
        which{' '}
        {onServer ? (
          'the database server holds'
        ) : (
          <>
            lie beside it in the folder <code>photos</code>
          </>
        )}
        , is written each day by itself into the folder <code>backups</code>, and the last seven are kept.
      </p>
      <p>
        <Button component="a" href={downloads.backup} download variant="contained">
          Take a backup
        </Button>{' '}
        <PickFile
          name="Backup file"
          words="Put one back …"
          accept="application/json,.json"
          disabled={busy}
          onFile={(file) => void choose({ name: file.name, file })}
        />
      </p>
      {asked && (
        <div role="alert" className={css.asked}>
          <p>
            {asked.name} takes the place of everything here. It is checked first; if anything in it is wrong,
            nothing changes. What is here now is kept in the folder backups.
          </p>
          <p>
            <Button variant="contained" onClick={() => void replace(asked)}>
              Replace everything
            </Button>{' '}
            <Button onClick={() => ask(null)}>Leave it</Button>
          </p>
        </div>
      )}
      <p role="status">{busy ? 'Reading and checking the backup …' : told}</p>
      {busy && (
        <p>
          <Button onClick={() => stop.current?.abort()}>Cancel</Button>
        </p>
      )}
      {emptied.length > 0 && (
        <p role="note">
          On the day after {emptied.join(' and ')} a list was found empty that had held something. The backup of
          before is kept for good, below: put it back if you did not empty it yourself.
        </p>
      )}
      {kept.length > 0 && (
        <details>
          <summary>
            {kept.length} in the folder backups, {sizeText(kept.reduce((sum, k) => sum + k.bytes, 0))}
          </summary>
          <ul>
            {kept.map((k) => (
              <li key={k.name}>
                {k.name}, {sizeText(k.bytes)}{' '}
                <button
                  type="button"
                  className="quiet"
                  disabled={busy}
                  aria-label={`Put back ${k.name}`}
                  onClick={() => void choose({ name: k.name, file: null })}
                >
                  Put back …
                </button>
              </li>
            ))}
          </ul>
        </details>
      )}
    </section>
  );
}

/** Bytes at either end of a file that are looked at: a big one is not read in the page. */
const END = 64;

/** Whether a file begins and ends as one JSON object does; what lies between is read by the server. */
async function isWhole(file: File): Promise<boolean> {
  const [head, tail] = [await file.slice(0, END).text(), await file.slice(-END).text()];
  return head.trimStart().startsWith('{') && tail.trimEnd().endsWith('}');
}

/** How it ended; never that nothing was changed where that is not known. */
function ended(answer: Outcome<{ rigs: number; cuts: number }>, cancelled: boolean): string {
  if (answer.kind === 'done')
    return `Restored: ${answer.data.rigs} rigs and ${answer.data.cuts} cuts. What was there before is kept in the folder backups.`;
  if (answer.kind === 'refused') return `Nothing was changed. ${inWords(answer)}`;
  return cancelled
    ? 'Cancelled. If it was in its last second it may be done: look at your rigs.'
    : 'No answer came: it may be done or not, but never half. Look at your rigs before you try again.';
}
