'use client';
import { useState } from 'react';
import type { AcceptableCode } from '@/core/documents/rig';
import { apply } from '@/state/edit';
import { useRigStore } from '@/state/RigContext';
import { later } from '@/ui/later';

const AcceptDialog = later(() => import('./AcceptDialog').then((m) => m.AcceptDialog));

function useAccepted(code: AcceptableCode) {
  const store = useRigStore();
  return (reason: string | null) => {
    const { doc, edit } = store.getState();
    const others = (doc.accepted ?? []).filter((a) => a.code !== code);
    edit(
      reason === null ? 'limit in force again' : 'limit accepted',
      apply(doc, { accepted: reason === null ? others : [...others, { code, reason }] }),
    );
  };
}

/** An owner accepts a limit of the wire for this rig, with a reason that is kept, logged and shown. */
export function Accept({ code, head }: { code: AcceptableCode; head: string }) {
  const put = useAccepted(code);
  const [open, setOpen] = useState(false);
  return (
    <>
      <button type="button" className="quiet" onClick={() => setOpen(true)}>
        I have tried this wire
      </button>
      {open && <AcceptDialog head={head} onClose={() => setOpen(false)} onAccept={put} />}
    </>
  );
}

/** Puts an accepted limit in force again. */
export function Withdraw({ code }: { code: AcceptableCode }) {
  const put = useAccepted(code);
  return (
    <button type="button" className="quiet" onClick={() => put(null)}>
      put the limit in force again
    </button>
  );
}
