'use client';
import { useState } from 'react';
import type { JobOf } from '@/core/documents/job';
import type { Section } from '@/core/documents/section';
import { useJob } from '@/state/JobContext';
import { Act } from '@/ui/Act';
import { SectionEnd } from '@/ui/SectionEnd';
import { later } from '@/ui/later';
import { JobChoice, JobNumber, useJobField } from '../inputs';
import css from '../jobs.module.css';
import { MachineFields } from './MachineFields';
import { CORE_CUT_NAMES, END_NAMES, FIRST_NAMES, ROOT_NAMES } from './words';

const SectionDialog = later(() => import('./SectionDialog').then((m) => m.SectionDialog));
const PlanDialog = later(() => import('./PlanDialog').then((m) => m.PlanDialog));

type Plan = JobOf<'core'>['plan'];
type EndOf = Plan['piece']['root'];

/** A core with a root and a tip, led by towers: its sections, how it is cut, its blank, and the machine. */
export function CoreFields() {
  const plan = useJobField<Plan>('plan', 'Piece');
  const [asking, ask] = useState(false);
  const { slots, split } = plan.value.template;
  return (
    <>
      <p className={css.acts}>
        <Act strong onClick={() => ask(true)}>
          Take a piece
        </Act>
      </p>
      <div className={css.ends}>
        <End end="root" />
        <End end="tip" />
      </div>
      <div className={css.three}>
        <JobNumber path="plan.piece.spanMm" label="Span" role="foamSize" />
        <JobNumber path="plan.piece.tip.offsetMm.0" label="Sweep" role="foamSize" />
        <JobNumber path="plan.piece.tip.offsetMm.1" label="Dihedral rise" role="foamSize" />
      </div>
      <div className={css.three}>
        <JobNumber path="plan.piece.tip.twistDeg" label="Washout" role="angle" />
        <JobNumber path="plan.toleranceMm" label="Tolerance" role="slot" />
        <JobNumber path="plan.template.stations" label="Stations" role="count" />
      </div>
      <JobChoice
        path="plan.template.split"
        label="Cut"
        names={CORE_CUT_NAMES}
        value={split === 'turned' ? 'top-bottom' : split}
      />
      {split !== 'outline' && <JobChoice path="plan.template.firstCut" label="First" names={FIRST_NAMES} />}
      <JobChoice path="rootAt" label="Root at" names={ROOT_NAMES} />
      {slots.length > 0 && (
        <p className={css.says}>
          {slots.length === 1 ? 'One spar slot comes' : `${slots.length} spar slots come`} with the piece.
        </p>
      )}
      <BlankFields />
      <JobNumber path="marginMm" label="Clear of the block" role="foamSize" />
      {asking && <PlanDialog onClose={() => ask(false)} onTake={({ rig: _, ...taken }) => plan.set(taken)} />}
      <MachineFields />
    </>
  );
}

function End({ end }: { end: 'root' | 'tip' }) {
  const at = `plan.piece.${end}`;
  const section = useJobField<Section>(`${at}.section`, `${end} section`);
  const whole = useJobField<EndOf>(at, `${end} from a file`);
  return (
    <SectionEnd
      name={END_NAMES[end]}
      path={at}
      section={section.value}
      onSection={section.set}
      onTaken={(s, chord) => whole.set({ ...whole.value, section: s, ...chord })}
      dialog={(p) => <SectionDialog end={end} {...p} />}
    >
      <JobNumber path={`${at}.chordMm`} label="Chord" role="foamSize" />
    </SectionEnd>
  );
}

/** Foam round the sections of a blank that is not yet cut, mm. */
const ROUND_MM = 15;

/** The blank: the smallest that will do, until one is at hand. */
function BlankFields() {
  const { value, set } = useJobField<Plan['blank']>('plan.blank', 'Blank');
  const { piece } = useJob((s) => s.doc as JobOf<'core'>).plan;
  if (!value) {
    const chord = Math.max(piece.root.chordMm, piece.tip.chordMm + Math.abs(piece.tip.offsetMm[0]));
    const own = {
      lengthMm: piece.spanMm,
      widthMm: Math.ceil(chord + 2 * ROUND_MM),
      heightMm: Math.ceil(0.3 * chord),
      skinMm: 0,
      marginMm: ROUND_MM,
    };
    return (
      <p className={css.acts}>
        The smallest blank that will do. <Act onClick={() => set(own)}>Another blank</Act>
      </p>
    );
  }
  return (
    <div className={css.three}>
      <JobNumber path="plan.blank.widthMm" label="Blank, along" role="foamSize" />
      <JobNumber path="plan.blank.heightMm" label="Blank, high" role="foamSize" />
      <JobNumber path="plan.blank.marginMm" label="Front margin" role="foamSize" />
      <Act onClick={() => set(null)}>The smallest</Act>
    </div>
  );
}
