'use client';
import Dialog from '@mui/material/Dialog';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { useEffect, useState } from 'react';
import { typing } from './typing';
import css from './keys.module.css';
import tool from './tool.module.css';

const SHEET: readonly (readonly [string, string])[] = [
  ['?', 'This sheet'],
  ['1 to 5', 'On a rig: Foam, Cutter, Wire, Power, Try'],
  ['Ctrl + Z', 'Undo, over all fields'],
  ['Ctrl + Shift + Z', 'Do it again'],
  ['T', 'On a rig: try the first fix offered'],
  ['S', 'On a rig: to the dial'],
  ['← →', 'On the dial: one step; with Shift ten'],
  ['Esc', 'Close what is open'],
];

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
      <Dialog open={open} onClose={() => setOpen(false)} aria-labelledby="keys-title">
        <DialogTitle id="keys-title">Keys</DialogTitle>
        <DialogContent>
          <dl className={css.sheet}>
            {SHEET.map(([key, what]) => (
              <div key={key}>
                <dt>{key}</dt>
                <dd>{what}</dd>
              </div>
            ))}
          </dl>
        </DialogContent>
      </Dialog>
    </>
  );
}
