'use client';
import type { AxisLetter, Machine } from '@/core/documents/machine';
import { axesOf } from '@/core/documents/machine';
import { Check } from '@/ui/Check';
import { JobChoice, JobNumber, useJobField } from '../inputs';
import jobs from '../jobs.module.css';
import css from './towers.module.css';
import {
  AXIS_NAMES,
  COMMENT_NAMES,
  DWELL_NAMES,
  FEED_NAMES,
  HEAT_NAMES,
  MEANS_NAMES,
  UNIT_NAMES,
} from './words';

/** The machine that leads the wire: its axes, how they stand to the block, and how its code is written. */
export function MachineFields() {
  const { value: m, set } = useJobField<Machine>('machine', 'Machine');
  const letters = axesOf(m);
  return (
    <details>
      <summary>The machine: travel, speed, code</summary>
      <div className={css.axes}>
        <Check
          label="Both ends coupled: X and Y alone"
          checked={m.right === null}
          onChange={(on) => set({ ...m, right: on ? null : ['U', 'V'] })}
        />
        {letters.map((letter) => (
          <AxisRow key={letter} letter={letter} />
        ))}
        <div className={jobs.three}>
          <JobNumber path="machine.towersMm" label="Towers apart" role="foamSize" />
          <JobNumber path="machine.leftToBlockMm" label="Left to block" role="foamSize" />
          <JobNumber path="machine.bedMm" label="Bed, over zero" role="foamSize" />
          <JobNumber path="machine.zeroMm.0" label="Zero at, along" role="foamSize" />
          <JobNumber path="machine.zeroMm.1" label="Zero at, up" role="foamSize" />
          <JobNumber path="machine.deltaMm" label="Corners within" role="slot" />
        </div>
        <JobChoice path="machine.code.feed" label="Feed as" names={FEED_NAMES} />
        {m.code.feed === 'G94' && <JobChoice path="machine.code.means" label="Speed is" names={MEANS_NAMES} />}
        <JobChoice path="machine.code.units" label="Written in" names={UNIT_NAMES} />
        <JobChoice path="machine.code.heat" label="Heat" names={HEAT_NAMES} />
        <JobChoice path="machine.code.dwell" label="Waits in" names={DWELL_NAMES} />
        <JobChoice path="machine.code.comment" label="Comments" names={COMMENT_NAMES} />
        <div className={jobs.three}>
          <JobNumber path="machine.code.decimals" label="Decimals" role="count" />
          <JobNumber path="machine.code.heatMax" label="Full heat is S" role="count" />
        </div>
      </div>
    </details>
  );
}

function AxisRow({ letter }: { letter: AxisLetter }) {
  const path = `machine.axes.${letter}`;
  return (
    <fieldset>
      <legend>{AXIS_NAMES[letter] ?? letter}</legend>
      <JobNumber path={`${path}.minMm`} label="From" role="foamSize" />
      <JobNumber path={`${path}.maxMm`} label="To" role="foamSize" />
      <JobNumber path={`${path}.maxMmS`} label="Speed" role="feed" />
      <JobNumber path={`${path}.accelMmS2`} label="mm/s² at start" role="count" />
    </fieldset>
  );
}
