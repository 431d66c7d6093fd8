'use client';
import dynamic from 'next/dynamic';
import { useState } from 'react';
import { Boundary } from './Column';
import { useShortcuts } from './useShortcuts';
import tool from './tool.module.css';

const KeysDialog = dynamic(() => import('./KeysDialog').then((m) => m.KeysDialog), { ssr: false });

/** The shortcut sheet, on `?` and on its button. */
export function Keys() {
  const [open, setOpen] = useState(false);
  const show = () => setOpen(true);
  useShortcuts({ '?': show, 'Shift+?': show });
  return (
    <>
      <button type="button" className={tool.button} aria-label="Shortcuts" onClick={show}>
        ?
      </button>
      <Boundary of={String(open)} quiet>
        {open && <KeysDialog onClose={() => setOpen(false)} />}
      </Boundary>
    </>
  );
}
