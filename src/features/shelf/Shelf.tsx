'use client';
import Button from '@mui/material/Button';
import Snackbar from '@mui/material/Snackbar';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import type { DamageTold, ShelfRig } from '@/state/types';
import { inWords, type Outcome } from '@/state/api';
import { Card } from './Card';
import { DamageNote } from './DamageNote';
import { ImportRig } from './ImportRig';
import css from './shelf.module.css';
import { places } from '@/state/places';
import { useRigs } from '@/state/useRigs';
import { useWorkshop } from '@/state/useWorkshop';
import { Link } from '@/ui/Link';

/** All rigs as sketches, the newest work first; the archived ones on a page of their own. */
export function Shelf({
  rigs,
  away,
  empty,
  damage,
}: {
  rigs: readonly ShelfRig[];
  away: boolean;
  empty: boolean;
  damage: DamageTold | null;
}) {
  const router = useRouter();
  const { duplicate, archive } = useRigs();
  const { addSample, removeSample } = useWorkshop();
  const [told, tell] = useState<string | null>(null);
  const [sure, setSure] = useState(false);
  const demo = rigs.some((r) => r.demo);
  const act = async <T,>(asked: Promise<Outcome<T>>, done: (data: T) => string | null) => {
    const answer = await asked;
    tell(answer.kind === 'done' ? done(answer.data) : inWords(answer));
    if (answer.kind === 'done') router.refresh();
  };
  const clear = async () => {
    setSure(false);
    await act(removeSample(), ({ kept }) => {
      return kept > 0
        ? `The sample workshop is out. ${kept} rig${kept === 1 ? '' : 's'} you changed stay${kept === 1 ? 's' : ''} as your own.`
        : 'The sample workshop is out.';
    });
  };
  return (
    <div className="page">
      <div className={css.head}>
        <h1>{away ? 'Archived rigs' : 'Rigs'}</h1>
        <div className={css.acts}>
          {away ? (
            <Link href={places.shelf}>Back to the shelf</Link>
          ) : (
            <>
              <Button component={Link} href={places.newRig} variant="contained">
                New rig
              </Button>
              <ImportRig onDone={(id) => router.push(places.rig(id))} />
              {rigs.length > 1 && <Link href={places.compare()}>Compare</Link>}
              <Link href={places.archive}>Archive</Link>
            </>
          )}
        </div>
      </div>
      {damage && <DamageNote damage={damage} />}
      {demo && !away && (
        <p className={css.demo}>
          Rigs marked “sample” belong to an invented workshop, Tern Hollow Blade Shed: look around and try
          things.
          {sure ? (
            <>
              {' '}
              Take all of it out?{' '}
              <button type="button" className="quiet" onClick={() => void clear()}>
                Yes, empty it
              </button>{' '}
              <button type="button" className="quiet" onClick={() => setSure(false)}>
                No
              </button>
            </>
          ) : (
            <>
              {' '}
              <button type="button" className="quiet" onClick={() => setSure(true)}>
                Empty the sample workshop
              </button>
            </>
          )}
        </p>
      )}
      {rigs.length === 0 ? (
        <Nothing
          away={away}
          offerSample={empty}
          onSample={() => void act(addSample(), () => 'The sample workshop is in.')}
        />
      ) : (
        <ul className={css.grid}>
          {rigs.map((r) => (
            <Card
              key={r.id}
              rig={r}
              onDuplicate={() => void act(duplicate(r.id), () => `${r.doc.name || 'The rig'} is duplicated.`)}
              onArchive={() =>
                void act(archive(r.id, !r.archived), () =>
                  r.archived ? 'Back on the shelf.' : `${r.doc.name || 'The rig'} is archived.`,
                )
              }
            />
          ))}
        </ul>
      )}
      <Snackbar open={told !== null} autoHideDuration={6000} onClose={() => tell(null)} message={told} />
    </div>
  );
}

function Nothing({
  away,
  offerSample,
  onSample,
}: {
  away: boolean;
  offerSample: boolean;
  onSample: () => void;
}) {
  if (away) return <p className={css.nothing}>Nothing is archived.</p>;
  return (
    <div className={css.nothing}>
      <h2>No rig yet</h2>
      <p>
        Say what is to be cut, how wide, and what power lies in the drawer: the program proposes a wire and
        shows what it will do.
      </p>
      <p className={css.acts}>
        <Button component={Link} href={places.newRig} variant="contained" size="large">
          Start a rig
        </Button>
        {offerSample && (
          <Button variant="outlined" size="large" onClick={onSample}>
            Look around a sample workshop
          </Button>
        )}
      </p>
    </div>
  );
}
