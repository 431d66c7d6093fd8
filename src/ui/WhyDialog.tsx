'use client';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { why as answer } from '@/core/words/why';
import type { WhyTopic } from '@/core/words/whyTopics';
import { useUnits } from './Units';
import css from './why.module.css';
import type { Evaluation } from '@/core/engine/evaluation';

/** The relation behind a number, with this rig's own numbers in it. */
export function WhyDialog({ topic, e, onClose }: { topic: WhyTopic; e: Evaluation; onClose: () => void }) {
  const { say } = useUnits();
  const why = answer(topic, e, say);
  return (
    <Dialog open onClose={onClose} aria-labelledby="why-title" maxWidth="xs" fullWidth>
      <DialogTitle id="why-title">{why.title}</DialogTitle>
      <DialogContent>
        <p className={css.relation}>{why.relation}</p>
        <dl className={css.numbers}>
          {why.numbers.map(([name, value]) => (
            <div key={name}>
              <dt>{name}</dt>
              <dd className="num">{value}</dd>
            </div>
          ))}
        </dl>
        <p className={css.source}>{why.source}</p>
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Close</Button>
      </DialogActions>
    </Dialog>
  );
}
