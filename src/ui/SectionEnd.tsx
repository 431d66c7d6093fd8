'use client';
import { useId, useState, type ReactNode } from 'react';
import type { Section } from '@/core/documents/section';
import { SECTION_NAMES } from '@/core/words/sections';
import { QuantityField } from './QuantityField';
import { TextLine } from './TextLine';
import css from './sectionEnd.module.css';
import { Select } from './Select';

const FRESH: Record<Exclude<Section['kind'], 'points'>, Section> = {
  naca: { kind: 'naca', code: '4412' },
  rectangle: { kind: 'rectangle', height: 0.2 },
  circle: { kind: 'circle' },
  'half-round': { kind: 'half-round', height: 0.5 },
  trapezium: { kind: 'trapezium', height: 0.3, topShare: 0.6 },
};

/** What a dialog that takes a section from a file is given. */
export interface FromFile {
  readonly onClose: () => void;
  readonly onTake: (s: Section, chordMm: number | null) => void;
}

/** One end of a piece: which section, and beneath it what else is said of that end. `onTaken`: one from a file, with its chord where that has a size; `dialog` asks for it. */
export function SectionEnd(p: {
  name: string;
  /** Where the end stands in its document, as `piece.root`. */
  path: string;
  section: Section;
  onSection: (s: Section) => string | null;
  onTaken: (s: Section, chord: { readonly chordMm?: number }) => void;
  dialog: (p: FromFile) => ReactNode;
  children: ReactNode;
}) {
  const { path, section } = p;
  const [asking, ask] = useState(false);
  const take = (s: Section, chordMm: number | null) => {
    p.onTaken(s, chordMm === null ? {} : { chordMm: Number(chordMm.toPrecision(6)) });
    ask(false);
  };
  const id = useId();
  return (
    <fieldset className={css.end}>
      <legend>{p.name}</legend>
      <label htmlFor={id} className="hidden-visually">
        {p.name} section
      </label>
      <Select
        id={id}
        name={`${path}.kind`}
        value={section.kind}
        options={Object.entries(SECTION_NAMES) as [Section['kind'], string][]}
        onChoose={(kind) => {
          if (kind === 'points') ask(true);
          else p.onSection(FRESH[kind]);
        }}
      />
      <Detail path={path} section={section} set={p.onSection} onFile={() => ask(true)} />
      {p.children}
      {asking && p.dialog({ onClose: () => ask(false), onTake: take })}
    </fieldset>
  );
}

function Detail(p: { path: string; section: Section; set: (s: Section) => string | null; onFile: () => void }) {
  const s = p.section;
  if (s.kind === 'naca') return <Digits path={p.path} code={s.code} set={p.set} />;
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
      name={`${p.path}.height`}
      role="share"
      value={s.height}
      onValue={(v) => (v === null ? 'must be a number' : p.set({ ...s, height: v }))}
    />
  );
}

/** The digits of a section; what is typed stays until it is one. */
function Digits(p: { path: string; code: string; set: (s: Section) => string | null }) {
  const [typed, type] = useState<string | null>(null);
  const [rule, setRule] = useState<string | null>(null);
  const id = useId();
  return (
    <div className={css.digits}>
      <label htmlFor={id}>Digits</label>
      <TextLine
        id={id}
        name={`${p.path}.code`}
        numbers="numeric"
        figures
        value={typed ?? p.code}
        wrong={rule !== null}
        onFocus={(field) => field.select()}
        onBlur={() => rule === null && type(null)}
        onText={(text) => {
          const code = text.trim();
          type(text);
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
