'use client';
import { useState } from 'react';
import type { JobOf } from '@/core/documents/job';
import { withTurn } from '@/core/documents/towerJobs';
import { useJob } from '@/state/JobContext';
import { Act } from '@/ui/Act';
import { Check } from '@/ui/Check';
import { OutlineChoice } from '@/ui/OutlineChoice';
import { FromDrawing } from '../FromDrawing';
import { Block, JobChoice, JobNumber, useJobField } from '../inputs';
import css from '../jobs.module.css';
import { MachineFields } from './MachineFields';
import { longer, profileOf } from './profile';
import { SIDES_NAMES } from './words';

type Turned = JobOf<'turned'>;

const SIDES_KEYS = { 2: '2', 3: '3', 4: '4', 6: '6', 8: '8' } as const;

/** A piece turned between cuts: its profile or two, its sides, its block and spindle, and the machine. */
export function TurnedFields() {
  const machine = useJobField<Turned['machine']>('machine', 'Machine');
  const side = useJobField<Turned['sideProfile']>('sideProfile', 'Side profile');
  const job = useJob((s) => s.doc as Turned);
  const hand = machine.value.turn === null;
  return (
    <>
      <ProfileFields path="profile" name={side.value ? 'Profile, front' : 'Profile'} />
      {job.sides === 4 && (
        <Check
          label="Another profile from the side"
          checked={side.value !== null}
          onChange={(on) => side.set(on ? job.profile : null)}
        />
      )}
      {side.value && <ProfileFields path="sideProfile" name="Profile, side" />}
      <JobChoice path="sides" label="Sides" names={SIDES_NAMES} value={SIDES_KEYS[job.sides]} as={Number} />
      <p className={css.says}>
        A block that turns all the while it is cut is not planned here: so that the wire keeps to its max feed
        at the corners, a post would take hours. For a round piece take eight sides, and sand.
      </p>
      <Block path="blockMm" labels={['Block, along', 'Block, wide', 'Block, high']} />
      <div className={css.three}>
        <JobNumber path="zeroMm" label="Zero above axis" role="slot" />
        <JobNumber path="spindleMm" label="Held within" role="foamSize" />
        <JobNumber path="marginMm" label="Clear of the block" role="foamSize" />
      </div>
      <JobNumber path="toleranceMm" label="Tolerance" role="slot" />
      <Check
        label="Turned by hand, at a pause"
        checked={hand}
        onChange={(on) => machine.set(on ? { ...machine.value, turn: null } : withTurn(machine.value))}
      />
      <MachineFields />
    </>
  );
}

/** Points of a profile, by number or from a drawing's upper half. */
function ProfileFields({ path, name }: { path: 'profile' | 'sideProfile'; name: string }) {
  const { value, set } = useJobField<[number, number][]>(path, name);
  const job = useJob((s) => s.doc as Turned);
  const [asking, ask] = useState(false);
  const many = value.length > MOST_ROWS;
  return (
    <fieldset className={css.plain}>
      <legend>{name}</legend>
      {many ? (
        <p className={css.says}>{value.length} points, from a drawing.</p>
      ) : (
        value.map((_, i) => (
          <div key={i} className={i === 0 ? css.three : `${css.three} ${css.next}`}>
            <JobNumber path={`${path}.${i}.0`} label="Along" role="foamSize" />
            <JobNumber path={`${path}.${i}.1`} label="From axis" role="foamSize" />
            {value.length > 2 && <Act onClick={() => set(value.filter((_, k) => k !== i))}>Remove</Act>}
          </div>
        ))
      )}
      <p className={css.acts}>
        {!many && <Act onClick={() => set(longer(value, job.blockMm[0]))}>Another point</Act>}
        <Act onClick={() => ask(true)}>From a drawing</Act>
      </p>
      {asking && (
        <FromDrawing<[number, number][]>
          title="A profile from a drawing"
          says="An SVG or DXF drawing at its own size: the upper half of one closed outline is the profile, over the outline’s middle line. The kerf is allowed for afterwards."
          stays="The profile stays as it was."
          want={({ outlines, chosen }) => {
            const points = outlines[chosen]?.points;
            return points ? profileOf(points, job.marginMm) : null;
          }}
          onTake={set}
          onClose={() => ask(false)}
        >
          {({ setGap, choose, ...drawn }) => <OutlineChoice {...drawn} onChoose={choose} onGap={setGap} />}
        </FromDrawing>
      )}
    </fieldset>
  );
}
/** A profile of more points is not shown number by number. */
const MOST_ROWS = 12;
