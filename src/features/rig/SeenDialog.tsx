'use client';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { SEEN, type Seen } from '@/core/documents/log';
import { SEEN_WORDS } from '@/core/words/cuts';
import { SEEN_HELP } from '@/core/words/cutsHelp';
import { SeenPicture } from '@/ui/seen/SeenPicture';
import css from './seen.module.css';

/** What can be seen on a cut, drawn: press what looks like yours. */
export function SeenDialog(p: { seen: readonly Seen[]; onSeen: (seen: Seen[]) => void; onClose: () => void }) {
  const toggle = (s: Seen) => p.onSeen(p.seen.includes(s) ? p.seen.filter((x) => x !== s) : [...p.seen, s]);
  return (
    <Dialog open onClose={p.onClose} fullWidth maxWidth="md" aria-labelledby="seen-title">
      <DialogTitle id="seen-title">What does the cut look like?</DialogTitle>
      <DialogContent>
        <p className="dim">The wire ran from left to right. Press all that look like yours.</p>
        <div className={css.cards}>
          {SEEN.map((s) => (
            <button key={s} type="button" aria-pressed={p.seen.includes(s)} onClick={() => toggle(s)}>
              <SeenPicture seen={s} width={132} />
              <b>{SEEN_WORDS[s]}</b>
              <span>{SEEN_HELP[s]}</span>
            </button>
          ))}
        </div>
      </DialogContent>
      <DialogActions>
        <Button variant="contained" onClick={p.onClose}>
          Done
        </Button>
      </DialogActions>
    </Dialog>
  );
}
