'use client';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import TextField from '@mui/material/TextField';
import { useState } from 'react';

/** Asks an owner for the reason to go beyond a limit of the wire; fetched when it is opened. */
export function AcceptDialog(p: { head: string; onClose: () => void; onAccept: (reason: string) => void }) {
  const { head, onClose, onAccept } = p;
  const [reason, setReason] = useState('');
  const short = reason.trim().length < 3;
  return (
    <Dialog open onClose={onClose} aria-labelledby="accept-title" fullWidth maxWidth="xs">
      <DialogTitle id="accept-title">{head}: accept it for this rig?</DialogTitle>
      <DialogContent>
        <p>
          The limit is the catalogue’s, for new wire. If you have tried this very wire, say how: the reason
          stands beside the finding and in the logbook. A wire that breaks whips: glasses, a tether, nobody in
          line.
        </p>
        <TextField
          label="Reason"
          value={reason}
          onChange={(e) => setReason(e.target.value)}
          fullWidth
          multiline
          minRows={2}
          slotProps={{ htmlInput: { maxLength: 500 } }}
        />
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Cancel</Button>
        <Button
          variant="contained"
          disabled={short}
          onClick={() => {
            onAccept(reason.trim());
            onClose();
          }}
        >
          Accept
        </Button>
      </DialogActions>
    </Dialog>
  );
}
