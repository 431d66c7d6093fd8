'use client';
import { hasPieces } from '@/core/documents/cutters';
import { useMemo, useState } from 'react';
import { tuned } from '@/core/engine/tuned';
import type { OpenRig } from '@/state/types';
import { useAlong } from '@/state/useAlong';
import { Choice } from '@/ui/Choice';
import { AlongChart } from './AlongChart';
import { BatteryChart } from './BatteryChart';
import { EntryChart } from './EntryChart';
import css from './heat.module.css';
import { HoldTable } from './HoldTable';
import { QUESTIONS, TEMPLATES } from './words';
import { places } from '@/state/places';
import { Link } from '@/ui/Link';

/** Heat along the wire and over time; each chart answers the question above it. */
export function Heat({ open }: { open: OpenRig }) {
  const rig = useMemo(() => tuned(open.record.doc, open.tuning), [open]);
  const [template, setTemplate] = useState<(typeof TEMPLATES)[number]['value']>('none');
  const chill = TEMPLATES.find((t) => t.value === template)!.chill;
  const { report, fault, stale } = useAlong(rig, chill);
  return (
    <div className="page">
      <div className={css.head}>
        <h1>Heat of {rig.name || 'a rig without a name'}</h1>
        <Link href={places.rig(open.record.id, 'power')}>Back to the rig</Link>
      </div>
      {fault && <p role="alert">It could not be worked out: {fault}.</p>}
      {!report ? (
        !fault && <p role="status">Working it out …</p>
      ) : (
        <div className={css.grid} data-stale={stale}>
          <section aria-label={QUESTIONS.along}>
            <h2>{QUESTIONS.along}</h2>
            {hasPieces(rig.frame) && (
              <div className={css.choose}>
                <Choice
                  label="Templates"
                  name="template"
                  value={template}
                  onChoose={setTemplate}
                  options={TEMPLATES.map(({ value, name }) => ({ value, name }))}
                />
              </div>
            )}
            <AlongChart report={report} />
          </section>
          <section aria-label={QUESTIONS.entry}>
            <h2>{QUESTIONS.entry}</h2>
            <EntryChart histories={report.histories} flat={report.advised?.kelvinAPercent == null} />
          </section>
          <section aria-label={QUESTIONS.hold} data-wide={!report.session}>
            <h2>{QUESTIONS.hold}</h2>
            {report.advised ? (
              <HoldTable advised={report.advised} alloy={rig.wire.alloy} />
            ) : (
              <p className="dim">The wire does not cut at this setting: give it heat first.</p>
            )}
          </section>
          {report.session && (
            <section aria-label={QUESTIONS.battery}>
              <h2>{QUESTIONS.battery}</h2>
              <BatteryChart session={report.session} rig={rig} />
            </section>
          )}
        </div>
      )}
    </div>
  );
}
