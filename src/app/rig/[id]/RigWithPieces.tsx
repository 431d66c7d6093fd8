'use client';
import dynamic from 'next/dynamic';
import { useSyncExternalStore } from 'react';
import { RigPage } from '@/features/rig/RigPage';
import { PlanProvider, usePieces } from '@/state/PlanContext';
import type { OpenRig, PlanRecord, Stock } from '@/state/types';

const LATE = {
  shape: dynamic(() => import('@/features/shape/ShapeStage').then((m) => m.ShapeStage), { ssr: false }),
  cut: dynamic(() => import('@/features/shape/CutStage').then((m) => m.CutStage), { ssr: false }),
};

/** A rig with the pieces planned on it: the stages Shape and Cut join the others. */
export function RigWithPieces(p: { open: OpenRig; stock: Stock; plans: readonly PlanRecord[] }) {
  return (
    <PlanProvider rigId={p.open.record.id} plans={p.plans}>
      <Inside open={p.open} stock={p.stock} />
    </PlanProvider>
  );
}

function Inside({ open, stock }: { open: OpenRig; stock: Stock }) {
  const { open: piece } = usePieces();
  const name = useSyncExternalStore(
    piece?.store.subscribe ?? (() => () => {}),
    () => piece?.store.getState().doc.name ?? null,
    () => piece?.store.getState().doc.name ?? null,
  );
  const answers = {
    shape: piece ? name || 'a piece' : 'no piece yet',
    cut: piece ? 'pace and called cut' : 'needs a piece',
  };
  return <RigPage open={open} stock={stock} late={LATE} answers={answers} />;
}
