'use client';
import Dialog from '@mui/material/Dialog';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import css from './keys.module.css';

const SHEET: readonly (readonly [string, string])[] = [
  ['?', 'This sheet'],
  ['1 to 8', 'On a rig: Foam, Cutter, Wire, Power, Tension, Try, Shape, Cut'],
  ['Ctrl + Z', 'Undo, over all fields'],
  ['Ctrl + Shift + Z', 'Do it again'],
  ['T', 'On a rig: try the first fix offered'],
  ['S', 'On a rig: to the dial'],
  ['← →', 'On the dial: one step; with Shift ten'],
  ['Space', 'In a called cut: hold, go on; Enter, a pedal or any other key likewise; at practice: lead, stand'],
  ['↑ ↓', 'In a called cut: faster, slower; at practice: the feed, W and S the far end’s'],
  ['Esc', 'Close what is open'],
];

/** The sheet of shortcuts. */
export function KeysDialog({ onClose }: { onClose: () => void }) {
  return (
    <Dialog open onClose={onClose} aria-labelledby="keys-title">
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
  );
}
