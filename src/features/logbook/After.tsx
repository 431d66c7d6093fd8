'use client';
import Button from '@mui/material/Button';
import { useState } from 'react';
import { PLACES, type LoggedCut, type Place } from '@/core/documents/log';
import { SANDED_WORDS } from '@/core/words/cuts';
import { faultWords } from '@/core/words/plainField';
import { inWords } from '@/state/api';
import type { LogEntry } from '@/state/types';
import { Choice } from '@/ui/Choice';
import { QuantityField } from '@/ui/QuantityField';
import { TextArea } from '@/ui/TextArea';
import css from './logbook.module.css';
import { useLogActs } from '@/state/useLog';
import { useSchemaForm } from '@/ui/useSchemaForm';
import { FacePhoto } from './FacePhoto';
import { afterForm } from './afterCut.view';

/** What is measured once the piece lies on the bench: the kerf, by gap or by two halves; what was sanded, where, how long. */
export function After({ entry, onKept }: { entry: LogEntry; onKept: () => void }) {
  const cut = entry.doc as LoggedCut;
  const { amendCut } = useLogActs();
  const [refused, setRefused] = useState<string | null>(null);
  const form = useSchemaForm(
    afterForm,
    {
      kerfMm: cut.kerfMm,
      where: cut.sanded?.where ?? '',
      minutes: cut.sanded?.minutes ?? null,
      seen: cut.seen,
      note: cut.note,
    },
    async (read) => {
      const answer = await amendCut(entry.rigId, entry.id, read);
      if (answer.kind === 'done') onKept();
      else setRefused(inWords(answer));
    },
  );
  const { kerfMm, where, minutes, note } = form.values;
  const setKerf = (v: number | null) => form.put({ kerfMm: v });
  const [block, setBlock] = useState<number | null>(null);
  const [photo, setPhoto] = useState(false);
  const [halves, setHalves] = useState<number | null>(null);
  const fault = form.faults.map(faultWords).join('; ') || refused;
  const positive = (set: (v: number | null) => void) => (v: number | null) =>
    v === null || v > 0 ? (set(v), null) : 'must be over 0';
  const byHalves =
    block !== null && halves !== null && block > halves ? Number((block - halves).toFixed(3)) : null;
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
        onChoose={(v) => form.put({ where: v as Place | '' })}
        options={[{ value: '', name: 'nothing' }, ...PLACES.map((w) => ({ value: w, name: SANDED_WORDS[w] }))]}
      />
      {where !== '' && (
        <QuantityField
          label="Minutes of sanding"
          name="minutes"
          value={minutes}
          role="count"
          whenEmpty="how long"
          onValue={positive((v) => form.put({ minutes: v }))}
        />
      )}
      <label className={css.note}>
        Note
        <TextArea value={note} most={20000} rows={2} onText={(text) => form.put({ note: text })} />
      </label>
      <p>
        <Button size="small" onClick={() => setPhoto(true)}>
          From a photo of the face
        </Button>
      </p>
      {photo && (
        <FacePhoto
          onClose={() => setPhoto(false)}
          onTake={(words, { kerf }) =>
            form.put({
              note: note.trim() === '' ? words : `${note.trimEnd()}\n${words}`,
              ...(kerfMm === null && kerf && { kerfMm: Number(kerf.mm.toPrecision(3)) }),
            })
          }
        />
      )}
      <Button variant="outlined" disabled={where !== '' && minutes === null} onClick={() => void form.send()}>
        Keep it
      </Button>
      {fault && <p role="alert">{fault}</p>}
    </details>
  );
}
