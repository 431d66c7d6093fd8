'use client';
import { useState } from 'react';
import type { JobKind } from '@/core/documents/jobKinds';
import { useJob } from '@/state/JobContext';
import { Check } from '@/ui/Check';
import { QuantityField } from '@/ui/QuantityField';
import { JobChoice, JobNumber, useJobField } from './inputs';
import css from './jobs.module.css';
import { lengthsOf, lengthsText, rectangle } from './newJob';
import { BY_NAMES, LOOP_NAMES, type By } from './words';

/** What is to be made, in numbers: the fields of each kind of job. */
export function Fields({ kind }: { kind: JobKind }) {
  const Of = FIELDS[kind];
  return <Of />;
}

function Block({ path, labels }: { path: string; labels: readonly [string, string, string] }) {
  return (
    <div className={css.three}>
      {labels.map((label, i) => (
        <JobNumber key={label} path={`${path}.${i}`} label={label} role="foamSize" />
      ))}
    </div>
  );
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
        as={(kind) => (kind === 'screw' ? { kind, pitchMm: 1, turns: null } : { kind, heightMm: null })}
      />
      <div className={css.three}>
        {by === 'screw' ? (
          <>
            <JobNumber path="by.pitchMm" label="Pitch" role="slot" />
            <JobNumber path="by.turns" label="Turns as given" role="count" whenEmpty="as worked out" />
          </>
        ) : (
          <JobNumber path="by.heightMm" label="Spacers at hand" role="slot" whenEmpty="as worked out" />
        )}
        <JobNumber path="supportsMm" label="Supports apart" role="foamSize" />
        <JobNumber path="skinsMm" label="Skins off, in all" role="foamSize" />
      </div>
      <div className={css.three}>
        <JobNumber path="endsDifferMm" label="Left end higher" role="slot" />
        <JobNumber path="limitG" label="A sheet may weigh" role="mass" whenEmpty="no limit" />
      </div>
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
  const xs = value.map((p) => p[0]);
  const ys = value.map((p) => p[1]);
  const wide = Math.max(...xs) - Math.min(...xs);
  const high = Math.max(...ys) - Math.min(...ys);
  const box = value.length === 4 && value.every(([x, y]) => xs.includes(x) && ys.includes(y));
  return (
    <>
      {box ? (
        <div className={css.three}>
          <Size label="Wide" value={wide} onValue={(v) => set(rectangle(v, high))} />
          <Size label="High" value={high} onValue={(v) => set(rectangle(wide, v))} />
          <JobNumber path="thickMm" label="Foam, thick" role="foamSize" />
        </div>
      ) : (
        <JobNumber path="thickMm" label="Foam, thick" role="foamSize" />
      )}
      <p className={css.says}>A rectangle is set here; any other outline comes in with a job’s document.</p>
    </>
  );
}

function Size(p: { label: string; value: number; onValue: (mm: number) => string | null }) {
  return (
    <QuantityField
      label={p.label}
      name={p.label.toLowerCase()}
      value={p.value}
      role="foamSize"
      onValue={(v) => (v !== null && v >= 0.5 ? p.onValue(v) : 'must be 0.5 mm or more')}
    />
  );
}

function GrooveFields() {
  return (
    <>
      <JobChoice path="shape" label="Loop" names={LOOP_NAMES} />
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

function SegmentsFields() {
  const { value, set } = useJobField<number[]>('lengthsMm', 'Lengths');
  const turn = useJobField<boolean>('turnOver', 'Every second turned over');
  const [text, setText] = useState<string | null>(null);
  const [rule, setRule] = useState<string | null>(null);
  const take = (typed: string) => {
    setText(typed);
    const read = lengthsOf(typed);
    setRule(
      read === null || read.length === 0
        ? 'lengths in mm with commas between, 3 x 150 for three alike'
        : set(read),
    );
  };
  return (
    <>
      <Block path="blockMm" labels={['Stock, thick', 'Stock, wide', 'Stock, long']} />
      <label className={css.lengths}>
        <span>Lengths, mm</span>
        <input
          name="lengths"
          value={text ?? lengthsText(value)}
          onChange={(e) => take(e.target.value)}
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

const FIELDS: Readonly<Record<JobKind, () => React.ReactNode>> = {
  sheets: SheetsFields,
  strips: StripsFields,
  disc: DiscFields,
  cutout: CutoutFields,
  groove: GrooveFields,
  segments: SegmentsFields,
};
