'use client';
import { useState } from 'react';
import type { Loose } from '@/core/engine/find';
import { later } from '@/ui/later';

const FindDialog = later(() => import('./FindDialog').then((m) => m.FindDialog));

const NAMES: Record<Loose, string> = {
  gauge: 'gauge',
  length: 'length',
  setting: 'setting',
  feed: 'feed',
  reserve: 'margin',
};

/** Lets a value go and finds it while all else is held; what is found is shown before it is taken. */
export function FindIt({ what }: { what: Loose }) {
  const [open, setOpen] = useState(false);
  return (
    <>
      <button
        type="button"
        className="quiet"
        aria-label={`Find the ${NAMES[what]}`}
        onClick={() => setOpen(true)}
      >
        Find setting
      </button>
      {open && <FindDialog what={what} name={NAMES[what]} onClose={() => setOpen(false)} />}
    </>
  );
}
