'use client';
import dynamic from 'next/dynamic';
import { useMemo, useRef, useState } from 'react';
import { RigPage } from '@/features/rig/RigPage';
import { KeptPiecesContext, type Kept } from '@/state/keptPieces';
import type { OpenRig, PlanRecord, Stock } from '@/state/types';

const Pieces = dynamic(() => import('@/features/shape/PieceStages').then((m) => m.PieceStages), { ssr: false });
const LATE = { shape: Pieces, cut: Pieces };

/** A rig with the pieces planned on it: the stages Shape and Cut join the others, fetched when one is opened. */
export function RigWithPieces(p: { open: OpenRig; stock: Stock; plans: readonly PlanRecord[] }) {
  const kept = useRef<Kept | null>(null);
  const [name, setName] = useState<string | null>(p.plans[0] ? p.plans[0].doc.name || 'a piece' : null);
  const pieces = useMemo(
    () => ({ rigId: p.open.record.id, plans: p.plans, kept, onName: setName }),
    [p.open.record.id, p.plans],
  );
  const answers = {
    shape: name ?? 'no piece yet',
    cut: name === null ? 'needs a piece' : 'pace and called cut',
  };
  return (
    <KeptPiecesContext value={pieces}>
      <RigPage open={p.open} stock={p.stock} late={LATE} answers={answers} />
    </KeptPiecesContext>
  );
}
