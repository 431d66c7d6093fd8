'use client';
import InputBase from '@mui/material/InputBase';
import { memo, useState } from 'react';
import { useDerived, useRig, useRigStore } from '@/state/RigContext';
import { Link } from '@/ui/Link';
import { useUnits } from '@/ui/Units';
import { later } from '@/ui/later';
import css from './title.module.css';
import { useField } from './useField';
import { SAVE_WORDS } from '@/core/words/saving';
import { downloads, places } from '@/state/places';

const NoteDialog = later(() => import('./NoteDialog').then((m) => m.NoteDialog));

/** Name of the rig, whether it is saved, undo, note, and what can be done with the whole. */
export const TitleBar = memo(function TitleBar() {
  const name = useField<string>('name', 'name');
  const id = useRig((s) => s.id);
  const save = useRig((s) => s.save);
  const problem = useRig((s) => s.problem);
  const last = useRig((s) => s.past[s.past.length - 1]?.label);
  const next = useRig((s) => s.future[s.future.length - 1]?.label);
  const used = useRig((s) => s.tuning.used);
  const demo = useRig((s) => s.demo);
  const store = useRigStore();
  const { rig } = useDerived();
  const { say } = useUnits();
  const [noting, setNoting] = useState(false);
  const low = Math.exp(-rig.foam.tuningSd);
  return (
    <div className={css.bar}>
      <InputBase
        value={name.value}
        placeholder="A rig without a name"
        slotProps={{ input: { className: css.name, 'aria-label': 'Name of the rig', maxLength: 200 } }}
        onChange={(e) => name.set(e.target.value)}
      />
      {demo && <span className={css.demo}>sample</span>}
      <span className={css.known}>
        {used === 0
          ? 'untuned: feeds ±35 %'
          : `tuned by ${used} cut${used === 1 ? '' : 's'}: feeds ±${Math.round(100 * (1 - low))} %`}{' '}
        · {say(rig.room.airC, 'temperature')} in the room
      </span>
      <span className={css.save} data-save={save} role="status">
        {SAVE_WORDS[save]}
        {problem && `: ${problem}`}
      </span>
      <div className={css.acts}>
        <button
          type="button"
          className="quiet"
          disabled={!last}
          title={last ? `Undo: ${last}` : undefined}
          onClick={() => store.getState().undo()}
        >
          Undo
        </button>
        <button
          type="button"
          className="quiet"
          disabled={!next}
          title={next ? `Again: ${next}` : undefined}
          onClick={() => store.getState().redo()}
        >
          Redo
        </button>
        <button type="button" className="quiet" onClick={() => setNoting(true)}>
          Note
        </button>
        <Link href={places.bench(id)} className="quiet">
          Bench view
        </Link>
        <a href={downloads.rig(id)} download className="quiet">
          Export
        </a>
      </div>
      {noting && <NoteDialog onClose={() => setNoting(false)} />}
    </div>
  );
});
