'use client';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { testCutSteps } from '@/core/words/testCut';
import { useDerived } from '@/state/RigContext';
import { useUnits } from '@/ui/Units';
import css from './seen.module.css';

/** How to make a test cut that tells the truth on this rig, with its own figures. */
export function TestCutHow({ onClose }: { onClose: () => void }) {
  const { evaluation } = useDerived();
  const { say } = useUnits();
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="sm" aria-labelledby="how-title">
      <DialogTitle id="how-title">A test cut that tells the truth</DialogTitle>
      <DialogContent>
        <ol className={css.how}>
          {testCutSteps(evaluation, say).map((s) => (
            <li key={s}>{s}</li>
          ))}
        </ol>
      </DialogContent>
      <DialogActions>
        <Button variant="contained" onClick={onClose}>
          To the bench
        </Button>
      </DialogActions>
    </Dialog>
  );
}
