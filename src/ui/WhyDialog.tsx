'use client';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { why as answer } from '@/core/words/why';
import type { FindingCode } from '@/core/documents/reading';
import { WHY_OF, type WhyTopic } from '@/core/words/whyTopics';
import { useUnits } from './Units';
import css from './why.module.css';
import type { Evaluation } from '@/core/engine/evaluation';

/** The relation behind a number or a finding, with this rig's own numbers in it. */
export function WhyDialog(p: { about: WhyTopic | FindingCode; e: Evaluation; onClose: () => void }) {
  const { about, e, onClose } = p;
  const { say } = useUnits();
  const why = answer(about in WHY_OF ? WHY_OF[about as FindingCode] : (about as WhyTopic), e, say);
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
