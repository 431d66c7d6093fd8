'use client';
import type { BuiltAs } from '@/core/documents/jobKinds';
import { useJob } from '@/state/JobContext';
import { Block, JobChoice, JobNumber } from '../inputs';
import css from '../jobs.module.css';
import { ARM_NAMES, HEIGHT_NAMES, LOOP_NAMES, SECTION_NAMES } from '../words';

const BOARD = ['Board, along', 'Board, across', 'Board, thick'] as const;

/** The sizes that a cutter is built to. */
export function BuildFields() {
  const as = useJob((s) => (s.doc.kind === 'build' ? s.doc.of.kind : null));
  return as && <Sizes as={as} />;
}

function Sizes({ as }: { as: BuiltAs }) {
  const Of = FIELDS[as];
  return <Of />;
}

function Bolt() {
  return <JobNumber path="of.boltMm" label="Bolts" role="foamSize" />;
}

/** What the arm is made of, and whether it is the spring. */
function Arm({ reach }: { reach: string }) {
  const section = useJob((s) =>
    s.doc.kind === 'build' && 'section' in s.doc.of ? s.doc.of.section.kind : 'bar',
  );
  return (
    <>
      <JobChoice path="of.material" label="Arm of" names={ARM_NAMES} />
      <JobChoice<keyof typeof SECTION_NAMES>
        path="of.section"
        label="Section"
        names={SECTION_NAMES}
        value={section}
        as={(kind) =>
          kind === 'tube' ? { kind, outerMm: 25, innerMm: 20 } : { kind, widthMm: 25, thickMm: 5 }
        }
      />
      <div className={css.three}>
        {section === 'tube' ? (
          <>
            <JobNumber path="of.section.outerMm" label="Outside" role="foamSize" />
            <JobNumber path="of.section.innerMm" label="Inside" role="foamSize" />
          </>
        ) : (
          <>
            <JobNumber path="of.section.widthMm" label="Wide" role="foamSize" />
            <JobNumber path="of.section.thickMm" label="Thick, the way it bends" role="foamSize" />
          </>
        )}
        <JobNumber path="of.reachMm" label={reach} role="foamSize" />
      </div>
      <JobNumber
        path="of.gapMm"
        label="Bent in by"
        role="foamSize"
        whenEmpty="not bent: stiff"
        note="Bent in, the arm is the spring; stiff, the rig’s take-up pulls."
      />
    </>
  );
}

function TableFields() {
  return (
    <>
      <Block path="of.boardMm" labels={BOARD} />
      <div className={css.three}>
        <JobNumber path="of.postMm" label="Post over board" role="foamSize" />
        <JobNumber path="of.underMm" label="Room under it" role="foamSize" />
        <Bolt />
      </div>
      <Arm reach="Reach of the arm" />
    </>
  );
}

function SlicerFields() {
  return (
    <>
      <Block path="of.boardMm" labels={BOARD} />
      <div className={css.three}>
        <JobNumber path="of.supportsMm" label="Supports apart" role="foamSize" />
        <Bolt />
      </div>
      <JobChoice path="of.by" label="Height by" names={HEIGHT_NAMES} />
    </>
  );
}

function BowFields() {
  return (
    <>
      <Arm reach="Clear depth" />
      <Bolt />
    </>
  );
}

function LoopFields() {
  return (
    <>
      <JobChoice path="of.shape" label="Loop" names={LOOP_NAMES} />
      <div className={css.three}>
        <JobNumber path="of.loopMm" label="Outside" role="foamSize" />
        <JobNumber path="of.depthMm" label="Deep in foam" role="foamSize" />
        <JobNumber path="of.handleMm" label="Handle, long" role="foamSize" />
      </div>
    </>
  );
}

const FIELDS: Readonly<Record<BuiltAs, () => React.ReactNode>> = {
  table: TableFields,
  slicer: SlicerFields,
  bow: BowFields,
  loop: LoopFields,
};
