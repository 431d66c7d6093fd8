'use client';
import { FOAM_IDS, FOAMS, type FoamId } from '@/core/catalog/foams';
import { drawerSchema } from '@/core/documents/drawer';
import { limitsOf } from '@/core/documents/fieldPath';
import { FRAME_KINDS } from '@/core/documents/rig';
import { outside } from '@/core/words/limits';
import { parseQuantity } from '@/core/units/parse';
import type { Stock } from '@/state/types';
import { Choice } from '@/ui/Choice';
import { QuantityField } from '@/ui/QuantityField';
import { useUnits } from '@/ui/Units';
import { useId, useState } from 'react';
import type { Job } from './drawerOf';
import { TextLine } from '@/ui/TextLine';
import css from './match.module.css';
import { FRAMES } from './words';

const USUAL = '';

/** What is to be cut: cutter, foam, width, feed, and what to keep in hand. */
export function JobForm({
  job,
  stock,
  onJob,
}: {
  job: Job;
  stock: Stock;
  onJob: (part: Partial<Job>) => void;
}) {
  const { say } = useUnits();
  const foamChosen = (id: string) => {
    const own = stock.foams.find((f) => f.id === id);
    const kind = own?.kind ?? (id as FoamId);
    const densityKgM3 = own?.densityKgM3 ?? FOAMS[kind].usualDensity;
    onJob({ foamStockId: own?.id ?? null, foam: { ...job.foam, kind, densityKgM3 } });
  };
  const take =
    (path: string, role: 'foamSize' | 'feed' | 'density', to: (v: number) => void) => (v: number | null) => {
      const rule = outside(v, limitsOf(drawerSchema, path)!, role, say);
      if (rule === null) to(v!);
      return rule;
    };
  return (
    <div className={css.fields}>
      <Choice
        label="Cutter"
        name="frame"
        value={job.frame}
        onChoose={(frame) => onJob({ frame })}
        options={FRAME_KINDS.map((k) => ({ value: k, name: FRAMES[k] }))}
      />
      <Choice
        label="Foam"
        name="foam"
        value={job.foamStockId ?? job.foam.kind}
        onChoose={foamChosen}
        options={[
          ...stock.foams.map((f) => ({ value: f.id, name: f.name, group: 'On the shelf' })),
          ...FOAM_IDS.map((k) => ({ value: k as string, name: FOAMS[k].name, group: 'By kind' })),
        ]}
        note={FOAMS[job.foam.kind].reason || undefined}
      />
      <QuantityField
        label="Density"
        name="density"
        role="density"
        value={job.foam.densityKgM3}
        onValue={take('job.foam.densityKgM3', 'density', (densityKgM3) =>
          onJob({ foam: { ...job.foam, densityKgM3 } }),
        )}
      />
      <QuantityField
        label="Width"
        name="width"
        role="foamSize"
        value={job.foam.widthMm}
        onValue={take('job.foam.widthMm', 'foamSize', (widthMm) => onJob({ foam: { ...job.foam, widthMm } }))}
        note="Across the wire."
      />
      <QuantityField
        label="Feed"
        name="feed"
        role="feed"
        value={job.feedMmS}
        onValue={take('job.cut.feedMmS', 'feed', (feedMmS) => onJob({ feedMmS }))}
        note="How fast it is to be led."
      />
      <Choice
        label="Margin"
        name="reserve"
        value={job.reserve === null ? USUAL : String(job.reserve)}
        onChoose={(v) => onJob({ reserve: v === USUAL ? null : Number(v) })}
        options={[
          { value: USUAL, name: 'as usual for the cutter' },
          ...[0.3, 0.4, 0.5, 0.6, 0.7, 0.8].map((r) => ({
            value: String(r),
            name: `${Math.round(100 - 100 * r)} %`,
          })),
        ]}
      />
      {stock.leads.length > 0 && (
        <Choice
          label="Leads"
          name="leads"
          value={job.leadId ?? USUAL}
          onChoose={(id) => onJob({ leadId: id === USUAL ? null : id })}
          options={[
            { value: USUAL, name: '3 m of 2.08 mm²' },
            ...stock.leads.map((l) => ({ value: l.id, name: l.name })),
          ]}
        />
      )}
      <Lengths lengths={job.lengthsMm} onLengths={(lengthsMm) => onJob({ lengthsMm })} />
    </div>
  );
}

/** Lengths to try, typed with commas; none: the program's own. */
function Lengths({
  lengths,
  onLengths,
}: {
  lengths: Job['lengthsMm'];
  onLengths: (l: Job['lengthsMm']) => void;
}) {
  const id = useId();
  const { profile, typed } = useUnits();
  const [text, setText] = useState(lengths?.map((l) => typed(l, 'wireLength')).join('; ') ?? '');
  const [rule, setRule] = useState<string | null>(null);
  const take = (line: string) => {
    setText(line);
    if (line.trim() === '') {
      setRule(null);
      return onLengths(null);
    }
    const read = line
      .split(/;|,\s/)
      .filter((t) => t.trim() !== '')
      .map((t) => parseQuantity(t, 'wireLength', profile));
    const wrong = read.find((r) => !r.ok);
    if (wrong && !wrong.ok) return setRule(wrong.rule);
    const mm = read.flatMap((r) => (r.ok ? [r.value] : []));
    if (mm.some((v) => !(v >= 1 && v <= 20000)) || mm.length > 100)
      return setRule(`up to 100 lengths, each from ${typed(1, 'wireLength')} to ${typed(20000, 'wireLength')}`);
    setRule(null);
    onLengths(mm);
  };
  return (
    <div className={css.lengths}>
      <label htmlFor={id}>Wire lengths</label>
      <TextLine
        id={id}
        value={text}
        placeholder="from the width, up to twice it"
        wrong={rule !== null}
        onText={take}
      />
      <p className="dim">{rule ?? 'Several with a semicolon between: 800; 1000; 1200.'}</p>
    </div>
  );
}
