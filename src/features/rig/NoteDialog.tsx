'use client';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import css from './title.module.css';
import { useField } from './useField';

/** The maker's own words on a rig. */
export function NoteDialog({ onClose }: { onClose: () => void }) {
  const note = useField<string>('note', 'note');
  return (
    <Dialog open onClose={onClose} aria-labelledby="note-title" fullWidth maxWidth="sm">
      <DialogTitle id="note-title">Note on this rig</DialogTitle>
      <DialogContent>
        <textarea
          className={css.note}
          aria-label="Note"
          rows={9}
          maxLength={20000}
          value={note.value}
          onChange={(e) => note.set(e.target.value)}
        />
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Close</Button>
      </DialogActions>
    </Dialog>
  );
}
