'use client';
import { useState } from 'react';
import type { JobKind } from '@/core/documents/jobKinds';
import { useJob } from '@/state/JobContext';
import { Act } from '@/ui/Act';
import { Check } from '@/ui/Check';
import { useUnits } from '@/ui/Units';
import { BuildFields } from './build/BuildFields';
import { Block, JobChoice, JobNumber, Size, useJobField } from './inputs';
import { TextLine } from '@/ui/TextLine';
import { later } from '@/ui/later';
import css from './jobs.module.css';
import { lengthsOf, lengthsText, rectangle } from './newJob';
import { OutlineDialog } from './OutlineDialog';
import { Screws } from './slicer/Screws';
import { BY_NAMES, KEEP_NAMES, LOOP_NAMES, type By } from './words';

/** What is to be made, in numbers: the fields of each kind of job. */
export function Fields({ kind }: { kind: JobKind }) {
  const Of = FIELDS[kind];
  return <Of />;
}

function SheetsFields() {
  const by = useJob((s) => (s.doc.kind === 'sheets' ? s.doc.by.kind : 'spacers'));
  return (
    <>
      <Block path="blockMm" labels={['Block, along', 'Block, wide', 'Block, high']} />
      <div className={css.three}>
        <JobNumber path="sheetMm" label="Sheet" role="slot" />
        <JobNumber path="count" label="How many" role="count" whenEmpty="all it gives" />
        <JobNumber path="toleranceMm" label="Tolerance" role="slot" />
      </div>
      <JobChoice<By>
        path="by"
        label="Height by"
        names={BY_NAMES}
        value={by}
        as={(kind) =>
          kind === 'screw' ? { kind, pitchMm: 1, turns: null } : { kind, heightMm: null, cardMm: null }
        }
      />
      <div className={css.three}>
        {by === 'screw' ? (
          <>
            <JobNumber path="by.pitchMm" label="Pitch" role="slot" />
            <JobNumber path="by.turns" label="Turns as given" role="count" whenEmpty="as worked out" />
          </>
        ) : (
          <>
            <JobNumber path="by.heightMm" label="Spacers at hand" role="slot" whenEmpty="as worked out" />
            <JobNumber path="by.cardMm" label="A card, a tenth of ten" role="slot" whenEmpty="not of cards" />
          </>
        )}
        <JobNumber path="supportsMm" label="Supports apart" role="foamSize" />
      </div>
      <div className={css.three}>
        <JobNumber path="skinsMm" label="Skins off, in all" role="foamSize" />
        <JobNumber path="endsDifferMm" label="Left end higher" role="slot" />
        <JobNumber path="limitG" label="A sheet may weigh" role="mass" whenEmpty="no limit" />
      </div>
      <JobNumber path="slidesAtDeg" label="Slides by itself at" role="angle" whenEmpty="not tried" />
      {by === 'screw' && <Screws />}
    </>
  );
}

function StripsFields() {
  return (
    <>
      <Block path="boardMm" labels={['Board, along', 'Board, across', 'Board, thick']} />
      <div className={css.three}>
        <JobNumber path="widthMm" label="Strip" role="foamSize" />
        <JobNumber path="count" label="How many" role="count" whenEmpty="all it gives" />
        <JobNumber path="tiltDeg" label="Tilt" role="angle" />
      </div>
      <JobNumber path="flipGapMm" label="Gap, one half flipped" role="slot" whenEmpty="not tried" />
    </>
  );
}

function DiscFields() {
  return (
    <>
      <div className={css.three}>
        <JobNumber path="outerMm" label="Diameter" role="foamSize" />
        <JobNumber path="innerMm" label="Hole" role="foamSize" whenEmpty="none" />
        <JobNumber path="thickMm" label="Foam, thick" role="foamSize" />
      </div>
      <JobNumber path="tiltDeg" label="Tilt" role="angle" note="Tilted and turned, it is a cone." />
    </>
  );
}

function CutoutFields() {
  const { value, set } = useJobField<[number, number][]>('outline', 'Outline');
  const [asking, ask] = useState(false);
  const xs = value.map((p) => p[0]);
  const ys = value.map((p) => p[1]);
  const wide = Math.max(...xs) - Math.min(...xs);
  const high = Math.max(...ys) - Math.min(...ys);
  const box = value.length === 4 && value.every(([x, y]) => xs.includes(x) && ys.includes(y));
  return (
    <>
      <JobChoice path="keep" label="Wanted is" names={KEEP_NAMES} />
      <div className={css.three}>
        {box && (
          <>
            <Size label="Wide" least={0.5} value={wide} onValue={(v) => set(rectangle(v, high))} />
            <Size label="High" least={0.5} value={high} onValue={(v) => set(rectangle(wide, v))} />
          </>
        )}
        <JobNumber path="thickMm" label="Foam, thick" role="foamSize" />
      </div>
      <p className={css.acts}>
        <Act onClick={() => ask(true)}>Outline from a drawing</Act>
        {!box && <Act onClick={() => set(rectangle(wide, high))}>A rectangle instead</Act>}
      </p>
      {asking && <OutlineDialog onClose={() => ask(false)} onTake={set} />}
    </>
  );
}

function GrooveFields() {
  const own = useJobField<[number, number][] | null>('outline', 'Outline');
  const [asking, ask] = useState(false);
  return (
    <>
      {own.value === null && <JobChoice path="shape" label="Loop" names={LOOP_NAMES} />}
      <p className={css.acts}>
        <Act onClick={() => ask(true)}>Outline from a drawing</Act>
        {own.value !== null && <Act onClick={() => own.set(null)}>A plain shape instead</Act>}
      </p>
      {own.value !== null && (
        <p className={css.says}>
          An own outline, open at its top edge, fitted to the groove’s width and depth.
        </p>
      )}
      {asking && <OutlineDialog onClose={() => ask(false)} onTake={own.set} />}
      <div className={css.three}>
        <JobNumber path="widthMm" label="Groove, wide" role="foamSize" />
        <JobNumber path="depthMm" label="Groove, deep" role="foamSize" />
        <JobNumber path="lengthMm" label="Groove, long" role="foamSize" />
      </div>
      <div className={css.three}>
        <JobNumber path="loopMm" label="Loop at hand, outside" role="foamSize" whenEmpty="bent for it" />
        <JobNumber path="toleranceMm" label="Tolerance" role="slot" />
      </div>
    </>
  );
}

/** Unit that lengths are typed in where none stands beside them. */
const unitOf = (typed: (mm: number, role: 'foamSize') => string) =>
  typed(25.4, 'foamSize').replace(/^[\d.\s]+/, '');

function SegmentsFields() {
  const { value, set } = useJobField<number[]>('lengthsMm', 'Lengths');
  const turn = useJobField<boolean>('turnOver', 'Every second turned over');
  const { profile, typed } = useUnits();
  const [text, setText] = useState<string | null>(null);
  const [rule, setRule] = useState<string | null>(null);
  const take = (entered: string) => {
    setText(entered);
    const read = lengthsOf(entered, profile);
    setRule(
      read === null || read.length === 0 ? 'lengths with commas between, 3 x 150 for three alike' : set(read),
    );
  };
  return (
    <>
      <Block path="blockMm" labels={['Stock, thick', 'Stock, wide', 'Stock, long']} />
      <label className={css.lengths}>
        <span>Lengths, {unitOf(typed)}</span>
        <TextLine
          name="lengths"
          figures
          value={text ?? lengthsText(value, typed)}
          onText={take}
          onBlur={() => rule === null && setText(null)}
        />
      </label>
      {rule && (
        <p className={css.rule} role="alert">
          {rule}
        </p>
      )}
      <div className={css.three}>
        <JobNumber path="angleDeg" label="Face angle" role="angle" />
        <JobNumber path="errorDeg" label="Out of square" role="angle" />
        <JobNumber path="tipDeg" label="Board tipped" role="angle" />
      </div>
      <JobNumber path="massG" label="What falls weighs" role="mass" />
      <Check label="Every second piece turned over" checked={turn.value} onChange={(on) => turn.set(on)} />
    </>
  );
}

const OutlineFields = later(() => import('./towers/OutlineFields').then((m) => m.OutlineFields));
const CoreFields = later(() => import('./towers/CoreFields').then((m) => m.CoreFields));
const TurnedFields = later(() => import('./towers/TurnedFields').then((m) => m.TurnedFields));
const CombFields = later(() => import('./towers/CombFields').then((m) => m.CombFields));

const FIELDS: Readonly<Record<JobKind, React.ComponentType>> = {
  sheets: SheetsFields,
  strips: StripsFields,
  disc: DiscFields,
  cutout: CutoutFields,
  groove: GrooveFields,
  segments: SegmentsFields,
  outline: OutlineFields,
  core: CoreFields,
  turned: TurnedFields,
  comb: CombFields,
  build: BuildFields,
};
