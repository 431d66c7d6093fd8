'use client';
import { useState } from 'react';
import { useSectionFile } from '@/state/useSectionFile';
import { PickAgain } from '@/ui/PickFile';
import { SmallOutline } from '@/ui/OutlineChoice';
import { TakeDialog } from '@/ui/TakeDialog';
import { useUnits } from '@/ui/Units';
import css from '../jobs.module.css';
import { boxOfLoops, taken } from './place';

/** All closed outlines of a drawing as parts, in their own size and lie; nothing is taken until it is said so. */
export function DrawingDialog(p: {
  at: number;
  onClose: () => void;
  onTake: (loops: [number, number][][]) => string | null;
}) {
  const { name, file, fault, take } = useSectionFile();
  const { say } = useUnits();
  const [refused, refuse] = useState<string | null>(null);
  const read = file?.kind === 'outlines' ? taken(file.outlines, p.at) : null;
  const keep = () => {
    if (!read) return;
    const rule = 'rule' in read ? read.rule : p.onTake(read.loops);
    if (rule === null) p.onClose();
    refuse(rule);
  };
  const wrong = fault ?? refused;
  const box = read && 'loops' in read ? boxOfLoops(read.loops) : null;
  return (
    <TakeDialog
      title="Parts from a drawing"
      fault={
        wrong
          ? `${wrong} The parts stay as they were.`
          : file?.kind === 'section'
            ? 'This file holds coordinates of a section, not a drawing with a size.'
            : null
      }
      ready={read !== null}
      onTake={keep}
      onClose={p.onClose}
    >
      <p className="dim">
        An SVG or DXF drawing at its own size: every closed outline of it is taken as it lies; one inside
        another is its hole. The kerf is allowed for afterwards.
      </p>
      <PickAgain
        name="Drawing"
        what="file"
        chosen={name !== null}
        accept=".dxf,.svg"
        onFile={(f) => void take(f)}
      />
      {file?.kind === 'outlines' && box && (
        <>
          <p>
            {file.outlines.length} outlines, {say(box.x1 - box.x0, 'foamSize')} ×{' '}
            {say(box.y1 - box.y0, 'foamSize')}. Units: {file.units}.{' '}
            {file.dropped.length > 0 ? `Left out: ${file.dropped.join(', ')}.` : 'Nothing was left out.'}
          </p>
          <div className={css.acts}>
            {file.outlines.slice(0, 8).map((o) => (
              <SmallOutline key={o.name} points={o.points} />
            ))}
          </div>
        </>
      )}
    </TakeDialog>
  );
}
