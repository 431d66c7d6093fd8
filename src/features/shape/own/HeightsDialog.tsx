'use client';
import { useState } from 'react';
import type { OwnEdge } from '@/core/documents/ownEdge';
import { unitFor } from '@/core/units/profile';
import { TextArea } from '@/ui/TextArea';
import { useUnits } from '@/ui/Units';
import { EdgeDialog, type EdgeDialogProps } from './EdgeDialog';
import { readHeights, ROLE, writtenHeights } from './heights';

/** An edge by its heights at stations: measured with a square along the chord line. */
export function HeightsDialog(p: EdgeDialogProps) {
  const { profile } = useUnits();
  const [text, setText] = useState(() => (p.edge?.kind === 'points' ? writtenHeights(p.edge, profile) : ''));
  const read = readHeights(text, profile);
  const given: OwnEdge | null = read.ok
    ? { kind: 'points', points: read.points.map(([x, y]) => [x, y]) }
    : null;
  const unit = unitFor(ROLE, profile).symbol;
  return (
    <EdgeDialog
      {...p}
      title={`${p.name}: heights at stations`}
      given={given}
      fault={text.trim() === '' || read.ok ? null : `${read.fault}.`}
    >
      <p id="heights-help" className="dim">
        A station a line, from the leading edge to the trailing edge: how far along the chord line, and the
        height of the edge over it, in {unit}; below the line with a minus. Take stations close together at the
        leading edge. A fair curve is laid through them.
      </p>
      <TextArea
        as="figures"
        rows={7}
        name="heights"
        label="Stations and heights"
        describedBy="heights-help"
        placeholder={profile === 'metric' ? '0  0\n2.5  5.1\n10  9.8\n…' : '0  0\n0.1  0.2\n0.4  0.39\n…'}
        value={text}
        onText={setText}
      />
    </EdgeDialog>
  );
}
