'use client';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import type { FindingCode } from '@/core/documents/reading';
import { ACCEPTABLE_CODES, type AcceptableCode } from '@/core/documents/rig';
import { apply } from '@/state/edit';
import { useRigStore } from '@/state/RigContext';

/** Whether a finding is about the catalogue's limits of the wire alone, which its owner may have tried beyond. */
export const acceptable = (code: FindingCode): code is AcceptableCode =>
  (ACCEPTABLE_CODES as readonly string[]).includes(code);

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
  const [reason, setReason] = useState('');
  const short = reason.trim().length < 3;
  return (
    <>
      <button type="button" className="quiet" onClick={() => setOpen(true)}>
        I have tried this wire
      </button>
      {open && (
        <Dialog open onClose={() => setOpen(false)} aria-labelledby="accept-title" fullWidth maxWidth="xs">
          <DialogTitle id="accept-title">{head}: accept it for this rig?</DialogTitle>
          <DialogContent>
            <p>
              The limit is the catalogue’s, for new wire. If you have tried this very wire, say how: the reason
              stands beside the finding and in the logbook. A wire that breaks whips: glasses, a tether, nobody
              in line.
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
            <Button onClick={() => setOpen(false)}>Cancel</Button>
            <Button
              variant="contained"
              disabled={short}
              onClick={() => {
                put(reason.trim());
                setOpen(false);
              }}
            >
              Accept
            </Button>
          </DialogActions>
        </Dialog>
      )}
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
