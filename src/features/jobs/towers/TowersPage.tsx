'use client';
import type { ReactNode } from 'react';
import type { JobOf } from '@/core/documents/job';
import { isTowerKind, type TowerKind } from '@/core/documents/towerJobs';
import { places } from '@/state/places';
import { RigProvider, useRig } from '@/state/RigContext';
import type { JobRecord, OpenRig } from '@/state/types';
import { Link } from '@/ui/Link';
import css from './page.module.css';

/** What the page of a job of motor towers is given. */
export interface OfTowers {
  readonly open: OpenRig;
  /** Null where there is no such job, or where it is none of motor towers. */
  readonly job: JobRecord | null;
}

/** A page of its own for a job of motor towers: its rig to go back to, its head, and what is done with the job. */
export function TowersPage(
  p: OfTowers & { name: string; says?: string; children: (job: JobOf<TowerKind>, id: string) => ReactNode },
) {
  return (
    <RigProvider open={p.open}>
      <Framed {...p} />
    </RigProvider>
  );
}

function Framed(p: Parameters<typeof TowersPage>[0]) {
  const id = useRig((s) => s.id);
  const rig = useRig((s) => s.doc.name);
  const { job } = p;
  const mine = job && isTowerKind(job.doc.kind) ? (job.doc as JobOf<TowerKind>) : null;
  return (
    <div className={css.page}>
      <header className={css.head}>
        <p>
          <Link href={places.rig(id, 'make')}>{rig || 'The rig'}</Link>
        </p>
        <h1>
          {p.name}
          {mine?.name && `: ${mine.name}`}
        </h1>
      </header>
      {p.says && <p className="dim">{p.says}</p>}
      {mine && job ? (
        p.children(mine, job.id)
      ) : (
        <p>There is no job of motor towers here. Plan one on the stage Job, then come back.</p>
      )}
    </div>
  );
}
