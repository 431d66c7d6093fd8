'use client';
import Button from '@mui/material/Button';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { inWords } from '@/state/api';
import type { DamageTold } from '@/state/types';
import { useWorkshop } from '@/state/useWorkshop';
import { useWhen } from '@/ui/When';
import css from './shelf.module.css';

/** A database that would not open: where it is kept, and the way back to the newest backup. */
export function DamageNote({ damage }: { damage: DamageTold }) {
  const router = useRouter();
  const when = useWhen();
  const { restoreKept, dismissDamage } = useWorkshop();
  const [busy, setBusy] = useState(false);
  const [problem, tell] = useState<string | null>(null);
  const act = async (asked: ReturnType<typeof restoreKept> | ReturnType<typeof dismissDamage>) => {
    setBusy(true);
    const answer = await asked;
    setBusy(false);
    if (answer.kind === 'done') router.refresh();
    else if (answer.kind === 'refused') tell(`Nothing was changed. ${inWords(answer)}`);
    else tell('No answer came. Load this page anew and look at what is there before you try again.');
  };
  const { backup } = damage;
  return (
    <section className={css.damage} role="alert" aria-label="Damaged database">
      <h2>Your database would not open</h2>
      <p>
        On {when.minute(damage.at)}: {damage.seen}. Nothing was written over it: it is kept in the data folder
        as <code>{damage.kept}</code>. What you see here is a new, empty one.
      </p>
      <p>
        {backup
          ? `The newest backup of before is of ${backup.slice(0, 10)}. What was saved after it is not in it.`
          : 'There is no backup of before in the folder backups. A backup that you took yourself can be put back under About.'}
      </p>
      <p className={css.acts}>
        {backup && (
          <Button variant="contained" disabled={busy} onClick={() => void act(restoreKept(backup))}>
            {busy ? 'Putting it back …' : `Put back the backup of ${backup.slice(0, 10)}`}
          </Button>
        )}
        <Button disabled={busy} onClick={() => void act(dismissDamage())}>
          Go on without
        </Button>
      </p>
      {problem && <p>{problem}</p>}
    </section>
  );
}
