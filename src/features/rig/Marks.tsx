'use client';
import { useState } from 'react';
import { useDerived } from '@/state/RigContext';
import { later } from '@/ui/later';
import { useMark } from './useMark';

const MarksDialog = later(() => import('./MarksDialog').then((m) => m.MarksDialog));

/** The mark at which the dial stands, where marks were noted; and the way to note them. */
export function Marks() {
  const { rig } = useDerived();
  const [open, setOpen] = useState(false);
  const n = rig.control.marks?.length ?? 0;
  const toMark = useMark();
  const mark = rig.control.setting === null ? null : (toMark?.(rig.control.setting) ?? null);
  return (
    <>
      <button
        type="button"
        aria-label={n === 0 ? 'No meter on the dial? Note its marks' : undefined}
        className="quiet"
        style={{ marginLeft: 10 }}
        onClick={() => setOpen(true)}
      >
        {n === 0
          ? 'no meter?'
          : mark !== null
            ? `mark ${Number(mark.toPrecision(3))}`
            : toMark
              ? 'outside its marks'
              : 'one mark noted'}
      </button>
      {open && <MarksDialog onClose={() => setOpen(false)} />}
    </>
  );
}
