'use client';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { useState } from 'react';
import { FOAMS } from '@/core/catalog/foams';
import { FOAM_QUESTIONS, foamStep, type FoamAnswers, type FoamQuestion } from '@/core/engine/foamPath';
import { FOAM_ANSWERS, FOAM_ASKS } from '@/core/words/foamPath';
import { apply } from '@/state/edit';
import { useRigStore } from '@/state/RigContext';
import css from './watch.module.css';

/** A short path of questions to what a foam is, or to “do not cut”. */
export function FoamPath({ onClose }: { onClose: () => void }) {
  const store = useRigStore();
  const [answers, setAnswers] = useState<FoamAnswers>({});
  const step = foamStep(answers);
  const asked = Object.keys(answers) as FoamQuestion[];
  const back = () => {
    const last = asked.at(-1)!;
    setAnswers(Object.fromEntries(Object.entries(answers).filter(([q]) => q !== last)));
  };
  const foam = 'kind' in step ? FOAMS[step.kind] : null;
  const take = () => {
    const { doc, edit } = store.getState();
    const from = { 'foam.densityKgM3': 'assumed' };
    const patch = { foam: { kind: foam!.id, densityKgM3: foam!.usualDensity }, from };
    if (edit('foam', apply(doc, patch), { foamStockId: null })) onClose();
  };
  return (
    <Dialog open onClose={onClose} aria-labelledby="foam-path-title" fullWidth maxWidth="xs">
      <DialogTitle id="foam-path-title">What is this foam?</DialogTitle>
      <DialogContent>
        {asked.length > 0 && (
          <ul className={css.told} aria-label="Answered">
            {asked.map((q) => (
              <li key={q}>
                {FOAM_ASKS[q]} <b>{(FOAM_ANSWERS[q] as Record<string, string>)[answers[q]!]}</b>
              </li>
            ))}
          </ul>
        )}
        {'ask' in step ? (
          <div role="group" aria-label={FOAM_ASKS[step.ask]}>
            <p className={css.ask}>{FOAM_ASKS[step.ask]}</p>
            <div className={css.answers}>
              {FOAM_QUESTIONS[step.ask].map((a) => (
                <Button key={a} variant="outlined" onClick={() => setAnswers({ ...answers, [step.ask]: a })}>
                  {(FOAM_ANSWERS[step.ask] as Record<string, string>)[a]}
                </Button>
              ))}
            </div>
          </div>
        ) : (
          <div role="status">
            <p className={css.ask}>
              {foam!.verdict === 'refuse' ? 'Do not cut it hot' : `Most likely: ${foam!.name}`}
            </p>
            <p>
              {foam!.verdict === 'refuse' && `${foam!.name}. `}
              {foam!.reason ||
                'It cuts. Weigh and measure an offcut for its density; cut the first piece in open air.'}
            </p>
          </div>
        )}
      </DialogContent>
      <DialogActions>
        {asked.length > 0 && <Button onClick={back}>Back</Button>}
        <Button onClick={onClose}>Leave it</Button>
        {foam && (
          <Button variant="contained" onClick={take}>
            {foam.verdict === 'refuse' ? 'Note it as that' : 'Take it'}
          </Button>
        )}
      </DialogActions>
    </Dialog>
  );
}
