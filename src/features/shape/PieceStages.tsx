'use client';
import { useContext, useEffect } from 'react';
import { useStore } from 'zustand';
import { KeptPiecesContext } from '@/state/keptPieces';
import { PlanProvider, usePieces } from '@/state/PlanContext';
import { CutStage } from './CutStage';
import type { Columns } from '@/ui/Column';
import { ShapeStage } from './ShapeStage';

/** The stages Shape and Cut on a rig's page, with the pieces planned on it. */
export function PieceStages({ columns, stage }: { columns: Columns; stage: string }) {
  const pieces = useContext(KeptPiecesContext);
  if (!pieces) return null;
  return (
    <PlanProvider rigId={pieces.rigId} records={pieces.plans} keptRef={pieces.kept}>
      <Name tell={pieces.onName} />
      {stage === 'cut' ? <CutStage columns={columns} /> : <ShapeStage columns={columns} />}
    </PlanProvider>
  );
}

/** Tells the list of stages which piece is open. */
function Name({ tell }: { tell: (name: string | null) => void }) {
  const { open } = usePieces();
  return open ? <Of store={open.store} tell={tell} /> : <None tell={tell} />;
}

function Of(p: {
  store: NonNullable<ReturnType<typeof usePieces>['open']>['store'];
  tell: (name: string | null) => void;
}) {
  const name = useStore(p.store, (s) => s.doc.name);
  const { tell } = p;
  useEffect(() => tell(name || 'a piece'), [name, tell]);
  return null;
}

function None({ tell }: { tell: (name: string | null) => void }) {
  useEffect(() => tell(null), [tell]);
  return null;
}
