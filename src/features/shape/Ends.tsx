'use client';
import dynamic from 'next/dynamic';
import { useId, useState } from 'react';
import type { Section } from '@/core/documents/plan';
import { usePieces } from '@/state/PlanContext';
import { QuantityField } from '@/ui/QuantityField';
import { PlanNumber, usePlanField } from './fields';
import css from './shape.module.css';
import { END_NAMES, SECTION_NAMES } from './words';

const SectionDialog = dynamic(() => import('./SectionDialog').then((m) => m.SectionDialog), { ssr: false });

const FRESH: Record<Exclude<Section['kind'], 'points'>, Section> = {
  naca: { kind: 'naca', code: '4412' },
  rectangle: { kind: 'rectangle', height: 0.2 },
  circle: { kind: 'circle' },
  'half-round': { kind: 'half-round', height: 0.5 },
  trapezium: { kind: 'trapezium', height: 0.3, topShare: 0.6 },
};

/** One end of the piece: which section, how large. */
export function EndFields({ end }: { end: 'root' | 'tip' }) {
  const at = `piece.${end}`;
  const { open } = usePieces();
  const section = usePlanField<Section>(`${at}.section`, `${end} section`);
  const [asking, ask] = useState(false);
  const id = useId();
  const taken = (s: Section, chordMm: number | null) => {
    const chord = chordMm === null ? {} : { chordMm: Number(chordMm.toPrecision(6)) };
    open?.store.getState().edit(`${end} from a file`, { piece: { [end]: { section: s, ...chord } } });
    ask(false);
  };
  return (
    <fieldset className={css.end}>
      <legend>{END_NAMES[end]}</legend>
      <label htmlFor={id} className="hidden-visually">
        {END_NAMES[end]} section
      </label>
      <select
        id={id}
        name={`${at}.kind`}
        className={css.kind}
        value={section.value.kind}
        onChange={(e) => {
          const kind = e.target.value as Section['kind'];
          if (kind === 'points') ask(true);
          else section.set(FRESH[kind]);
        }}
      >
        {Object.entries(SECTION_NAMES).map(([k, name]) => (
          <option key={k} value={k}>
            {name}
          </option>
        ))}
      </select>
      <Detail end={end} section={section.value} set={section.set} onFile={() => ask(true)} />
      <PlanNumber path={`${at}.chordMm`} label="Chord" role="foamSize" />
      {asking && <SectionDialog end={end} onClose={() => ask(false)} onTake={taken} />}
    </fieldset>
  );
}

function Detail(p: { end: string; section: Section; set: (s: Section) => string | null; onFile: () => void }) {
  const s = p.section;
  if (s.kind === 'naca') return <Digits end={p.end} code={s.code} set={p.set} />;
  if (s.kind === 'points')
    return (
      <button type="button" className="quiet" onClick={p.onFile} title="Take another file">
        {s.name || `${s.points.length} points`}
      </button>
    );
  if (s.kind === 'circle') return <p className="dim">as high as its chord</p>;
  return (
    <QuantityField
      label="Height/chord"
      name={`piece.${p.end}.height`}
      role="share"
      value={s.height}
      onValue={(v) => (v === null ? 'must be a number' : p.set({ ...s, height: v }))}
    />
  );
}

/** The digits of a section; what is typed stays until it is one. */
function Digits(p: { end: string; code: string; set: (s: Section) => string | null }) {
  const [typed, type] = useState<string | null>(null);
  const [rule, setRule] = useState<string | null>(null);
  const id = useId();
  return (
    <div className={css.digits}>
      <label htmlFor={id}>Digits</label>
      <input
        id={id}
        name={`piece.${p.end}.code`}
        inputMode="numeric"
        autoComplete="off"
        value={typed ?? p.code}
        aria-invalid={rule !== null}
        onFocus={(e) => e.target.select()}
        onBlur={() => rule === null && type(null)}
        onChange={(e) => {
          const code = e.target.value.trim();
          type(e.target.value);
          setRule(/^\d{4,5}$/.test(code) ? p.set({ kind: 'naca', code }) : 'four or five digits');
        }}
      />
      {rule && (
        <p role="alert" className={css.rule}>
          {rule}
        </p>
      )}
    </div>
  );
}
