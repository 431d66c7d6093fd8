'use client';
import { later } from './later';
import { useState } from 'react';
import { useShortcuts } from './useShortcuts';
import tool from './tool.module.css';

const KeysDialog = later(() => import('./KeysDialog').then((m) => m.KeysDialog));

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
      {open && <KeysDialog onClose={() => setOpen(false)} />}
    </>
  );
}
