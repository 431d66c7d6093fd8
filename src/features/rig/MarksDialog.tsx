'use client';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import { useState } from 'react';
import type { DialMark } from '@/core/documents/control';
import { markCurve, settingOfMark } from '@/core/engine/marks';
import { controlSettingText } from '@/core/words/control';
import { useDerived } from '@/state/RigContext';
import { Choice } from '@/ui/Choice';
import { QuantityField } from '@/ui/QuantityField';
import { useUnits } from '@/ui/Units';
import css from './find.module.css';
import { useField } from './useField';

/** A dial without a meter: its marks beside what a meter read; from two of them on, advice speaks in marks. */
export function MarksDialog({ onClose }: { onClose: () => void }) {
  const { rig } = useDerived();
  const { say } = useUnits();
  const { value, set } = useField<DialMark[] | undefined>('control.marks', 'marks');
  const marks = value ?? [];
  const [mark, setMark] = useState<number | null>(null);
  const [read, setRead] = useState<number | null>(null);
  const [by, setBy] = useState<'volts' | 'amps'>('volts');
  const [rule, setRule] = useState<string | null>(null);
  const curve = markCurve(rig);
  const add = () => {
    if (mark === null || read === null) return setRule('Both a mark and a reading are wanted.');
    const refused = set([
      ...marks,
      { mark, volts: by === 'volts' ? read : null, amps: by === 'amps' ? read : null },
    ]);
    setRule(refused);
    if (!refused) {
      setMark(null);
      setRead(null);
    }
  };
  return (
    <Dialog open onClose={onClose} aria-labelledby="marks-title" fullWidth maxWidth="xs">
      <DialogTitle id="marks-title">Marks of the dial</DialogTitle>
      <DialogContent>
        <div className={css.marks}>
          <p className="dim">
            A knob without a meter: turn it to a mark, let the idling wire settle, read a meter, and note both.
            Two marks make a curve; nothing is read off outside them.
          </p>
          {marks.length > 0 && (
            <ul aria-label="Marks noted">
              {marks.map((m, i) => {
                const at = curve ? settingOfMark(curve, m.mark) : null;
                return (
                  <li key={i}>
                    <span className="num">
                      mark {m.mark}:{' '}
                      {m.volts !== null ? `${say(m.volts, 'volts')} at the clips` : say(m.amps, 'amps')}
                      {at !== null && ` → ${controlSettingText(rig.control.kind, at, say)}`}
                    </span>
                    <button
                      type="button"
                      className="quiet"
                      aria-label={`Forget mark ${m.mark}`}
                      onClick={() => set(marks.filter((_, k) => k !== i))}
                    >
                      forget
                    </button>
                  </li>
                );
              })}
            </ul>
          )}
          <QuantityField
            label="Mark"
            name="mark"
            role="count"
            value={mark}
            whenEmpty="as on the knob"
            onValue={(v) => (setMark(v), null)}
          />
          <Choice
            label="Read"
            name="by"
            value={by}
            onChoose={setBy}
            options={[
              { value: 'volts', name: 'voltage at the clips' },
              { value: 'amps', name: 'amps' },
            ]}
          />
          <QuantityField
            label="Reading"
            name="reading"
            role={by}
            value={read}
            whenEmpty="off the meter"
            onValue={(v) => (v !== null && !(v > 0) ? 'must be over 0' : (setRead(v), null))}
          />
          {rule && <p role="alert">{rule}</p>}
        </div>
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>Close</Button>
        <Button variant="contained" onClick={add}>
          Note it
        </Button>
      </DialogActions>
    </Dialog>
  );
}
