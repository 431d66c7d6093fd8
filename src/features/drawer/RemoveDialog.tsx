'use client';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import type { StockKind } from '@/state/types';

/** Something about to be taken out; `users`: the rigs that use it, once the server named them. */
export interface Removal {
  readonly kind: StockKind;
  readonly id: string;
  readonly name: string;
  readonly users: readonly { name: string }[] | null;
  readonly problem: string | null;
}

/** Asks before a thing leaves the drawer, and names the rigs that use it. */
export function RemoveDialog(p: {
  removal: Removal | null;
  onClose: () => void;
  onRemove: (r: Removal, sure: boolean) => void;
}) {
  const r = p.removal;
  return (
    <Dialog open={r !== null} onClose={p.onClose} aria-labelledby="remove-title">
      {r && (
        <>
          <DialogTitle id="remove-title">Delete {r.name}?</DialogTitle>
          <DialogContent>
            {r.problem && <p role="alert">{r.problem}</p>}
            {r.users ? (
              <>
                <p>In use by:</p>
                <ul>
                  {r.users.map((u, i) => (
                    <li key={i}>{u.name || 'a rig without a name'}</li>
                  ))}
                </ul>
                <p>
                  These rigs keep their numbers and lose the link to it; so they no longer share a tuning by it.
                </p>
              </>
            ) : (
              <p>Rigs that use it are named first.</p>
            )}
          </DialogContent>
          <DialogActions>
            <Button onClick={p.onClose}>Keep it</Button>
            <Button color="error" variant="contained" onClick={() => p.onRemove(r, r.users !== null)}>
              {r.users ? 'Delete it all the same' : 'Delete it'}
            </Button>
          </DialogActions>
        </>
      )}
    </Dialog>
  );
}
