'use client';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { inWords } from '@/state/api';
import type { Checked } from '@/state/types';
import { useWorkshop } from '@/state/useWorkshop';
import { sizeText } from './sizes';

/** Bytes of what lies in the data folder. */
export interface Sizes {
  readonly database: number;
  readonly pictures: number;
}

/** How big what is kept is, and a look through all of it on demand. */
export function CheckData({ sizes }: { sizes: Sizes | null }) {
  const { check } = useWorkshop();
  const [busy, setBusy] = useState(false);
  const [found, setFound] = useState<Checked | null>(null);
  const [problem, tell] = useState<string | null>(null);
  const look = async () => {
    setBusy(true);
    tell(null);
    const answer = await check();
    setBusy(false);
    if (answer.kind === 'done') setFound(answer.data);
    else tell(inWords(answer));
  };
  return (
    <section aria-label="Check my data">
      <p>
        {sizes && `The database takes ${sizeText(sizes.database)}, pictures ${sizeText(sizes.pictures)}. `}A
        picture that nothing names any more is kept for a week.
      </p>
      <p>
        <Button variant="outlined" disabled={busy} onClick={() => void look()}>
          {busy ? 'Looking through everything …' : 'Check my data'}
        </Button>
      </p>
      <div role="status">{found && <Found c={found} />}</div>
      {problem && <p role="alert">{problem}</p>}
    </section>
  );
}

function Found({ c }: { c: Checked }) {
  const some = (n: number, one: string, many: string) => `${n} ${n === 1 ? one : many}`;
  const looked = `${some(c.entries, 'entry', 'entries')}, ${some(c.pictures, 'picture', 'pictures')} and ${some(c.backups, 'backup', 'backups')} were looked through`;
  if (c.faults.length === 0) return <p>{looked}: all of them are whole.</p>;
  return (
    <>
      <p>{looked}. Not as they should be:</p>
      <ul>
        {c.faults.map((f, i) => (
          <li key={i}>
            {f.list} {f.id}: {f.message}
          </li>
        ))}
        {c.more > 0 && <li>and {c.more} more</li>}
      </ul>
      <p>A backup of a day before it happened may have them whole. Take one of today first.</p>
    </>
  );
}
