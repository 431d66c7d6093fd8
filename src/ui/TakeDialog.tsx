'use client';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { useId, type ReactNode } from 'react';
import css from './takeDialog.module.css';

/** A dialog in which something from a file is looked at before it is taken: nothing changes until it is said so. */
export function TakeDialog(p: {
  title: string;
  /** What keeps it from being taken, or was wrong with the file. */
  fault: string | null;
  ready: boolean;
  wide?: boolean;
  onTake: () => void;
  onClose: () => void;
  children: ReactNode;
}) {
  const id = useId();
  return (
    <Dialog open onClose={p.onClose} aria-labelledby={id} fullWidth maxWidth={p.wide ? 'md' : 'sm'}>
      <DialogTitle id={id}>{p.title}</DialogTitle>
      <DialogContent>
        <div className={css.body}>
          {p.children}
          {p.fault && (
            <p role="alert" className={css.fault}>
              {p.fault}
            </p>
          )}
        </div>
      </DialogContent>
      <DialogActions>
        <Button onClick={p.onClose}>Leave it</Button>
        <Button variant="contained" disabled={!p.ready} onClick={p.onTake}>
          Take it
        </Button>
      </DialogActions>
    </Dialog>
  );
}
