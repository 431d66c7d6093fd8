'use client';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { useMemo, useState } from 'react';
import { diagnose } from '@/core/engine/diagnosis/diagnose';
import { PLACES, type Place } from '@/core/engine/diagnosis/signs';
import { tuned } from '@/core/engine/tuned';
import { CAUSE_WORDS, PLACE_WORDS } from '@/core/words/diagnosis';
import { patchWords } from '@/core/words/fixes';
import { apply } from '@/state/edit';
import { useRig, useRigStore } from '@/state/RigContext';
import { Act } from '@/ui/Act';
import { Choice } from '@/ui/Choice';
import { useUnits } from '@/ui/Units';
import css from './watch.module.css';
import { SEEN_WORDS } from '@/core/words/cuts';

/** Causes under this share are not shown. */
const LEAST = 0.04;
const ANY = 'any' as const;
/** From this share on a cause stands out. Ours. */
const STANDS = 0.3;

/** What is behind the newest cut that something was seen on: causes, the one change to try, what tells the first two apart. */
export function Behind() {
  const store = useRigStore();
  const cuts = useRig((s) => s.cuts);
  const tuning = useRig((s) => s.tuning);
  const { say } = useUnits();
  const [where, setWhere] = useState<Place | typeof ANY>(ANY);
  const [open, setOpen] = useState(false);
  const newest = cuts.at(-1);
  const found = useMemo(
    () =>
      newest &&
      newest.cut.seen.length > 0 &&
      diagnose(tuned(newest.rig, tuning), newest.cut, {
        where: where === ANY ? null : where,
        metalTemplates: false,
      }),
    [newest, tuning, where],
  );
  if (!newest || !found) return null;
  const causes = found.causes.filter((c, i) => i === 0 || c.share > LEAST).slice(0, 3);
  const seen = newest.cut.seen.map((s) => SEEN_WORDS[s]).join(', ');
  const stands = causes[0]!.share > STANDS;
  return (
    <>
      <p>
        <button type="button" className="quiet" onClick={() => setOpen(true)}>
          what is behind the {seen}?
        </button>
      </p>
      {open && (
        <Dialog open onClose={() => setOpen(false)} aria-labelledby="behind-title" fullWidth maxWidth="sm">
          <DialogTitle id="behind-title">What is behind it: {seen}</DialogTitle>
          <DialogContent className={css.behind}>
            <Choice
              label="Where it was seen"
              name="behind.where"
              value={where}
              onChoose={setWhere}
              options={[
                { value: ANY, name: 'not said' },
                ...PLACES.map((p) => ({ value: p, name: PLACE_WORDS[p] })),
              ]}
            />
            {!stands && <p>Nothing stands out. Say where on the cut it was seen.</p>}
            <ol>
              {causes.map(({ cause, share, change }, i) => {
                const words = CAUSE_WORDS[cause];
                return (
                  <li key={cause}>
                    <b>{words.name}</b> <span className={css.share}>{say(share, 'share')}</span>. {words.why}{' '}
                    {i === 0 && stands && <b>{words.change(change, say)}</b>}{' '}
                    {i === 0 && stands && change.patch && (
                      <Act
                        strong
                        onClick={() => {
                          const { doc, edit } = store.getState();
                          edit(`try: ${cause}`, apply(doc, change.patch!));
                          setOpen(false);
                        }}
                      >
                        {patchWords(change.patch, newest.rig, say)}
                      </Act>
                    )}
                    <p className={css.tell}>What tells: {words.tell}</p>
                  </li>
                );
              })}
            </ol>
            <p className="dim">Change one thing at a time, then cut again.</p>
          </DialogContent>
          <DialogActions>
            <Button onClick={() => setOpen(false)}>Close</Button>
          </DialogActions>
        </Dialog>
      )}
    </>
  );
}
