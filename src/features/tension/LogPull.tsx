'use client';
import { faultSentence } from '@/core/words/rigFields';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { pullReadingSchema, type LoggedPull, type PullWay } from '@/core/documents/pull';
import { faultsOf } from '@/core/documents/faults';
import { apply } from '@/state/edit';
import { useRigStore } from '@/state/RigContext';
import { useUnits } from '@/ui/Units';
import css from './tension.module.css';

/** Says the pull that was read, logs it, and takes it as the rig's own. */
export function LogPull(p: {
  way: PullWay;
  newtons: number | null;
  hertz: number | null;
  when: 'cold' | 'hot';
  /** What else was measured of the take-up. */
  also?: Readonly<Record<string, number>>;
  missing: string;
  log: (pull: LoggedPull) => Promise<string | null>;
}) {
  const store = useRigStore();
  const { say } = useUnits();
  const [told, tell] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const { newtons } = p;
  const take = async () => {
    const parsed = pullReadingSchema.safeParse({
      at: new Date().toISOString(),
      newtons,
      when: p.when,
      way: p.way,
      hertz: p.hertz,
      note: '',
    });
    if (!parsed.success) return tell(faultsOf(parsed.error).map(faultSentence).join('; '));
    const { doc, edit } = store.getState();
    const measured = { setN: parsed.data.newtons, setWhen: p.when, ...p.also };
    const from = Object.fromEntries(
      Object.keys(measured)
        .filter((k) => k !== 'setWhen')
        .map((k) => [`tension.${k}`, 'measured']),
    );
    const edited = apply(doc, { tension: measured, from });
    if (!edited.ok) return tell(edited.faults.map(faultSentence).join('; '));
    setBusy(true);
    const fault = await p.log(parsed.data);
    setBusy(false);
    if (fault) return tell(`Not logged: ${fault}`);
    edit('tension as read', edited);
    tell(`Logged: ${say(newtons, 'force')}, ${p.when}. The rig has it now.`);
  };
  return (
    <div className={css.log}>
      <p>
        {newtons === null ? (
          <span className="dim">{p.missing}</span>
        ) : (
          <>
            That is <b className="num">{say(newtons, 'force')}</b>, {p.when}.
          </>
        )}
      </p>
      <Button variant="contained" disabled={newtons === null || busy} onClick={() => void take()}>
        Log it as the rig’s tension
      </Button>
      <p role="status">{told}</p>
    </div>
  );
}
