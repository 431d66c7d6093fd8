'use client';
import { useState } from 'react';
import { useSectionFile } from '@/state/useSectionFile';
import { OutlineChoice } from '@/ui/OutlineChoice';
import { PickAgain } from '@/ui/PickFile';
import { TakeDialog } from '@/ui/TakeDialog';

const MOST_POINTS = 5000;
const round = (mm: number) => Number(mm.toFixed(3));

/** An outline of a hole or a piece from a drawing, in its own size; nothing is taken until it is said so. */
export function OutlineDialog(p: {
  onClose: () => void;
  onTake: (outline: [number, number][]) => string | null;
}) {
  const { name, gap, setGap, file, fault, chosen, choose, take } = useSectionFile();
  const [refused, refuse] = useState<string | null>(null);
  const points = file?.kind === 'outlines' ? (file.outlines[chosen]?.points ?? null) : null;
  const keep = () => {
    if (!points) return;
    const rule =
      points.length > MOST_POINTS
        ? `It has ${points.length} points; up to ${MOST_POINTS} are taken.`
        : p.onTake(points.map(([x, y]): [number, number] => [round(x), round(y)]));
    if (rule === null) p.onClose();
    refuse(rule);
  };
  const wrong = fault ?? refused;
  return (
    <TakeDialog
      title="An outline from a drawing"
      fault={
        wrong
          ? `${wrong} The outline stays as it was.`
          : file?.kind === 'section'
            ? 'This file holds coordinates of a section, not a drawing with a size.'
            : null
      }
      ready={points !== null}
      onTake={keep}
      onClose={p.onClose}
    >
      <p className="dim">
        An SVG or DXF drawing at its own size: one closed outline of it is the edge that is wanted; the kerf is
        allowed for afterwards.
      </p>
      <PickAgain
        name="Drawing"
        what="file"
        chosen={name !== null}
        accept=".dxf,.svg"
        onFile={(f) => void take(f)}
      />
      {file?.kind === 'outlines' && (
        <OutlineChoice {...file} chosen={chosen} onChoose={choose} gap={gap} onGap={setGap} />
      )}
    </TakeDialog>
  );
}
