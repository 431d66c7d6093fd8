'use client';
import { useMemo, useRef, useState } from 'react';
import { RigPage } from '@/features/rig/RigPage';
import { KeptJobsContext, type KeptJobs } from '@/state/keptJobs';
import { KeptPiecesContext, type Kept } from '@/state/keptPieces';
import type { JobRecord, OpenRig, PlanRecord, Stock } from '@/state/types';
import { later } from '@/ui/later';

const Pieces = later(() => import('@/features/shape/PieceStages').then((m) => m.PieceStages), {
  fails: 'column',
});
const Jobs = later(() => import('@/features/jobs/JobStages').then((m) => m.JobStages), { fails: 'column' });
const LATE = { shape: Pieces, cut: Pieces, job: Jobs, make: Jobs };

/** A rig with its pieces or jobs: the stages Shape and Cut, or Job and Make, join the others, fetched when one is opened. */
export function RigWithPieces(p: {
  open: OpenRig;
  stock: Stock;
  plans: readonly PlanRecord[];
  jobs: readonly JobRecord[];
}) {
  const kept = useRef<Kept | null>(null);
  const [name, setName] = useState<string | null>(p.plans[0] ? p.plans[0].doc.name || 'a piece' : null);
  const pieces = useMemo(
    () => ({ rigId: p.open.record.id, plans: p.plans, kept, onName: setName }),
    [p.open.record.id, p.plans],
  );
  const keptJobs = useRef<KeptJobs['kept']['current']>(null);
  const first = p.jobs.find((j) => j.doc.kind !== 'build');
  const [job, setJob] = useState<string | null>(first ? first.doc.name || 'a job' : null);
  const jobs = useMemo(
    () => ({ rigId: p.open.record.id, jobs: p.jobs, kept: keptJobs, onName: setJob }),
    [p.open.record.id, p.jobs],
  );
  const answers = {
    job: job ?? 'none yet',
    make: job === null ? 'needs a job' : 'steps and measures',
    shape: name ?? 'no piece yet',
    cut: name === null ? 'needs a piece' : 'pace and called cut',
  };
  return (
    <KeptPiecesContext value={pieces}>
      <KeptJobsContext value={jobs}>
        <RigPage open={p.open} stock={p.stock} late={LATE} answers={answers} />
      </KeptJobsContext>
    </KeptPiecesContext>
  );
}
