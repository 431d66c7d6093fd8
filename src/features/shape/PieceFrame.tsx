'use client';
import { type ReactNode } from 'react';
import type { PlanView } from '@/core/engine/template/view';
import { PlanProvider, usePieces, usePlan } from '@/state/PlanContext';
import { RigProvider, useDerived, useRig } from '@/state/RigContext';
import type { OpenRig, PlanRecord } from '@/state/types';
import { usePlanned } from '@/state/usePlanned';
import { noPieces } from '@/core/words/cutters';
import { faultWords } from './words';
import css from './frame.module.css';
import { PiecePicker } from './PiecePicker';
import { places } from '@/state/places';
import { Link } from '@/ui/Link';

export interface PieceProps {
  readonly open: OpenRig;
  readonly plans: readonly PlanRecord[];
  readonly first: string | null;
}

/** A page of one piece: where it belongs, which piece, what is worked out of it. */
export function PieceFrame(
  p: PieceProps & {
    title: string;
    stage: 'shape' | 'cut';
    children: (view: PlanView, stale: boolean) => ReactNode;
  },
) {
  return (
    <RigProvider open={p.open}>
      <PlanProvider rigId={p.open.record.id} records={p.plans} first={p.first}>
        <Inside title={p.title} stage={p.stage}>
          {p.children}
        </Inside>
      </PlanProvider>
    </RigProvider>
  );
}

function Inside(p: { title: string; stage: string; children: (view: PlanView, stale: boolean) => ReactNode }) {
  const { open } = usePieces();
  const id = useRig((s) => s.id);
  const name = useRig((s) => s.doc.name);
  const none = useRig((s) => noPieces(s.doc.frame));
  return (
    <div className={css.page}>
      <header className={css.head}>
        <div>
          <p className={css.back}>
            <Link href={places.rig(id, p.stage)}>{name || 'The rig'}</Link>
          </p>
          <h1>{none ? 'Not planned yet' : p.title}</h1>
        </div>
        {!none && (
          <div className={css.pick}>
            <PiecePicker />
          </div>
        )}
      </header>
      {none && <p>{none}</p>}
      {open && !none && <Worked key={open.store.getState().id}>{p.children}</Worked>}
    </div>
  );
}

function Worked({ children }: { children: (view: PlanView, stale: boolean) => ReactNode }) {
  const { rig } = useDerived();
  const doc = usePlan((s) => s.doc);
  const { view, fault, stale } = usePlanned(rig, doc);
  if (fault) return <p role="alert">This cannot be worked out: {faultWords(fault)}.</p>;
  if (!view) return <p className="dim">Working it out …</p>;
  return <>{children(view, stale)}</>;
}
