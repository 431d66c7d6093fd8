'use client';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { cutAfterSchema, PLACES, type LoggedCut, type Place } from '@/core/documents/log';
import { faultsOf } from '@/core/documents/faults';
import { SANDED_WORDS } from '@/core/words/cuts';
import { inWords } from '@/state/api';
import type { LogEntry } from '@/state/types';
import { Choice } from '@/ui/Choice';
import { QuantityField } from '@/ui/QuantityField';
import css from './logbook.module.css';
import { server } from '@/state/server';

/** What is measured once the piece lies on the bench: the kerf, by gap or by two halves; what was sanded, where, how long. */
export function After({ entry, onKept }: { entry: LogEntry; onKept: () => void }) {
  const cut = entry.doc as LoggedCut;
  const [kerfMm, setKerf] = useState(cut.kerfMm);
  const [where, setWhere] = useState<Place | ''>(cut.sanded?.where ?? '');
  const [minutes, setMinutes] = useState<number | null>(cut.sanded?.minutes ?? null);
  const [note, setNote] = useState(cut.note);
  const [block, setBlock] = useState<number | null>(null);
  const [halves, setHalves] = useState<number | null>(null);
  const [fault, setFault] = useState<string | null>(null);
  const positive = (set: (v: number | null) => void) => (v: number | null) =>
    v === null || v > 0 ? (set(v), null) : 'must be over 0';
  const byHalves =
    block !== null && halves !== null && block > halves ? Number((block - halves).toFixed(3)) : null;
  const keep = async () => {
    const sanded = where !== '' && minutes !== null ? { where, minutes } : null;
    const parsed = cutAfterSchema.safeParse({ kerfMm, sanded, seen: cut.seen, note });
    if (!parsed.success)
      return setFault(
        faultsOf(parsed.error)
          .map((f) => `${f.path} ${f.message}`)
          .join('; '),
      );
    const answer = await server.amendCut(entry.rigId, entry.id, parsed.data);
    if (answer.kind === 'done') onKept();
    else setFault(inWords(answer));
  };
  return (
    <details className={css.after}>
      <summary>Measured afterwards</summary>
      <QuantityField
        label="Kerf, by its gap"
        name="kerf"
        value={kerfMm}
        role="slot"
        whenEmpty="not gauged"
        onValue={positive(setKerf)}
      />{' '}
      <div className={css.halves}>
        <QuantityField
          label="Or: block before"
          name="block"
          value={block}
          role="foamSize"
          whenEmpty="height"
          onValue={positive(setBlock)}
        />
        <QuantityField
          label="both halves after"
          name="halves"
          value={halves}
          role="foamSize"
          whenEmpty="together"
          onValue={positive(setHalves)}
        />
        <Button size="small" disabled={byHalves === null} onClick={() => setKerf(byHalves)}>
          Take the difference
        </Button>
      </div>
      <Choice
        label="Sanded"
        name="sanded"
        value={where}
        onChoose={(v) => setWhere(v as Place | '')}
        options={[{ value: '', name: 'nothing' }, ...PLACES.map((w) => ({ value: w, name: SANDED_WORDS[w] }))]}
      />
      {where !== '' && (
        <QuantityField
          label="Minutes of sanding"
          name="minutes"
          value={minutes}
          role="count"
          whenEmpty="how long"
          onValue={positive(setMinutes)}
        />
      )}
      <label className={css.note}>
        Note
        <textarea value={note} maxLength={20000} rows={2} onChange={(e) => setNote(e.target.value)} />
      </label>
      <Button variant="outlined" disabled={where !== '' && minutes === null} onClick={() => void keep()}>
        Keep it
      </Button>
      {fault && <p role="alert">{fault}</p>}
    </details>
  );
}
