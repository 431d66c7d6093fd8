'use client';
import dynamic from 'next/dynamic';
import { useEffect, useState } from 'react';
import { typing } from './typing';
import tool from './tool.module.css';

const KeysDialog = dynamic(() => import('./KeysDialog').then((m) => m.KeysDialog), { ssr: false });

/** The shortcut sheet, on `?` and on its button. */
export function Keys() {
  const [open, setOpen] = useState(false);
  useEffect(() => {
    const on = (e: KeyboardEvent) => {
      if (e.key === '?' && !typing(e)) setOpen(true);
    };
    window.addEventListener('keydown', on);
    return () => window.removeEventListener('keydown', on);
  }, []);
  return (
    <>
      <button type="button" className={tool.button} aria-label="Shortcuts" onClick={() => setOpen(true)}>
        ?
      </button>
      {open && <KeysDialog onClose={() => setOpen(false)} />}
    </>
  );
}
