'use client';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { TextArea } from '@/ui/TextArea';
import { useField } from './useField';

/** The maker's own words on a rig. */
export function NoteDialog({ onClose }: { onClose: () => void }) {
  const note = useField<string>('note', 'note');
  return (
    <Dialog open onClose={onClose} aria-labelledby="note-title" fullWidth maxWidth="sm">
      <DialogTitle id="note-title">Note on this rig</DialogTitle>
      <DialogContent>
        <TextArea label="Note" rows={9} most={20000} value={note.value} onText={(text) => note.set(text)} />
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Close</Button>
      </DialogActions>
    </Dialog>
  );
}
