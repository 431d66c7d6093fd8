'use client';
import { useState } from 'react';
import { madeEvent } from '@/core/engine/jobs/made';
import type { WorksheetFigures } from '@/core/documents/worksheet';
import { useJob } from '@/state/JobContext';
import { useRig } from '@/state/RigContext';
import { useEvents } from '@/state/useEvents';
import { Act } from '@/ui/Act';
import { QuantityField } from '@/ui/QuantityField';
import { TextLine } from '@/ui/TextLine';
import css from './jobs.module.css';

const NO_EVENTS: readonly never[] = [];

/** What was made goes into the logbook: how many, what was measured, what to change. */
export function Made({ sheet }: { sheet: WorksheetFigures }) {
  const rigId = useRig((s) => s.id);
  const id = useJob((s) => s.id);
  const doc = useJob((s) => s.doc);
  const { note } = useEvents(rigId, NO_EVENTS);
  const planned = Math.max(1, Math.round(sheet.values['cut'] ?? sheet.values['count'] ?? 1));
  const [count, setCount] = useState(planned);
  const [measured, measure] = useState<number | null>(null);
  const [change, setChange] = useState('');
  const [told, tell] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const log = async () => {
    setBusy(true);
    const at = new Date().toISOString();
    const refused = await note(madeEvent(doc, id, { at, count, measuredMm: measured, change }));
    setBusy(false);
    tell(refused ?? 'It is in the logbook.');
  };
  return (
    <section className={css.list} aria-label="What was made">
      <h3>What was made</h3>
      <div className={css.three}>
        <QuantityField
          label="How many"
          name="made.count"
          value={count}
          role="count"
          onValue={(v) => {
            if (v === null || !Number.isInteger(v) || v < 1 || v > 100000) return 'a whole number, 1 or more';
            setCount(v);
            return null;
          }}
        />
        <QuantityField
          label="Measured"
          name="made.measured"
          value={measured}
          role="slot"
          whenEmpty="none"
          onValue={(v) => {
            if (v !== null && !(v >= 0 && v <= 5000)) return 'must lie between 0 and 5000 mm';
            measure(v);
            return null;
          }}
        />
      </div>
      <label className={css.lengths}>
        <span>Next time</span>
        <TextLine name="made.change" value={change} most={2000} onText={setChange} />
      </label>
      <p className={css.acts}>
        <Act strong disabled={busy} onClick={() => void log()}>
          Log what was made
        </Act>
      </p>
      <p role="status">{told}</p>
    </section>
  );
}
