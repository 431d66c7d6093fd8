'use client';
import { useState, type ReactNode } from 'react';
import type { OwnEdge } from '@/core/documents/ownEdge';
import { lineOfOwn } from '@/core/engine/template/own';
import type { Pt } from '@/core/numeric/polyline';
import { TakeDialog } from '@/ui/TakeDialog';
import { EdgePreview } from './EdgePreview';

const MOST_POINTS = 2000;

/** What every way of giving an edge is told: which edge, beside which section, and where to put it. */
export interface EdgeDialogProps {
  readonly name: string;
  readonly section: readonly Pt[];
  readonly chordMm: number;
  /** What it is now; null where the program makes it. */
  readonly edge: OwnEdge | null;
  readonly onClose: () => void;
  readonly onTake: (edge: OwnEdge) => string | null;
}

/** The frame of these dialogs: what is given, the edge beside its section, and taking it. */
export function EdgeDialog(
  p: EdgeDialogProps & { title: string; given: OwnEdge | null; fault: string | null; children: ReactNode },
) {
  const [refused, refuse] = useState<string | null>(null);
  const { given } = p;
  const take = () => {
    if (!given) return;
    const rule =
      given.points.length > MOST_POINTS
        ? `It has ${given.points.length} points; up to ${MOST_POINTS} are taken.`
        : p.onTake(given);
    if (rule === null) p.onClose();
    refuse(rule);
  };
  return (
    <TakeDialog
      title={p.title}
      fault={p.fault ?? refused}
      ready={given !== null}
      wide
      onTake={take}
      onClose={p.onClose}
    >
      {p.children}
      {given && <EdgePreview edge={lineOfOwn(given)} section={p.section} />}
    </TakeDialog>
  );
}
