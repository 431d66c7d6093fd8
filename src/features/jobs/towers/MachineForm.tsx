'use client';
import { createContext, useCallback, useContext } from 'react';
import { limitsOf, patchAt, valueAt } from '@/core/documents/fieldPath';
import type { AxisLetter, Machine } from '@/core/documents/machine';
import { axesOf, machineSchema } from '@/core/documents/machine';
import { merge } from '@/core/engine/merge';
import type { Role } from '@/core/units/profile';
import { outside } from '@/core/words/limits';
import { Check } from '@/ui/Check';
import { Choice, type Option } from '@/ui/Choice';
import { QuantityField } from '@/ui/QuantityField';
import { useUnits } from '@/ui/Units';
import jobs from '../jobs.module.css';
import css from './towers.module.css';
import {
  AXIS_NAMES,
  COMMENT_NAMES,
  DWELL_NAMES,
  FEED_NAMES,
  HEAT_NAMES,
  HOME_NAMES,
  MEANS_NAMES,
  UNIT_NAMES,
} from './words';

interface Form {
  readonly m: Machine;
  /** Takes the machine changed; answers with the rule that refuses it, or null. */
  readonly set: (next: Machine) => string | null;
}
const FormContext = createContext<Form | null>(null);
const useForm = () => useContext(FormContext)!;

/** A machine as fields: its axes, how they stand to the block, and how its code is written. */
export function MachineForm({ m, set }: Form) {
  const letters = axesOf(m);
  return (
    <FormContext value={{ m, set }}>
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
          <MachineNumber path="towersMm" label="Towers apart" role="foamSize" />
          <MachineNumber path="leftToBlockMm" label="Left to block" role="foamSize" />
          <MachineNumber path="bedMm" label="Bed, over zero" role="foamSize" />
          <MachineNumber path="zeroMm.0" label="Zero at, along" role="foamSize" />
          <MachineNumber path="zeroMm.1" label="Zero at, up" role="foamSize" />
          <MachineNumber path="deltaMm" label="Corners within" role="slot" />
          <MachineNumber path="motorsA" label="Motors draw" role="amps" whenEmpty="own supply" />
        </div>
        <MachinePick path="code.feed" label="Feed as" names={FEED_NAMES} />
        {m.code.feed === 'G94' && <MachinePick path="code.means" label="Speed is" names={MEANS_NAMES} />}
        <MachinePick path="code.units" label="Written in" names={UNIT_NAMES} />
        <MachinePick path="code.heat" label="Heat" names={HEAT_NAMES} />
        <MachinePick path="code.dwell" label="Waits in" names={DWELL_NAMES} />
        <MachinePick path="code.comment" label="Comments" names={COMMENT_NAMES} />
        <div className={jobs.three}>
          <MachineNumber path="code.decimals" label="Decimals" role="count" />
          <MachineNumber path="code.heatMax" label="Full heat is S" role="count" />
        </div>
      </div>
    </FormContext>
  );
}

const withValue = (m: Machine, path: string, value: unknown): Machine => {
  const [first, second] = path.split('.');
  if (first === 'zeroMm')
    return { ...m, zeroMm: second === '0' ? [value as number, m.zeroMm[1]] : [m.zeroMm[0], value as number] };
  return merge(m, patchAt(path, value));
};

/** A number of the machine. */
function MachineNumber(p: { path: string; label: string; role: Role; whenEmpty?: string }) {
  const { path, label, role, whenEmpty } = p;
  const { m, set } = useForm();
  const { say } = useUnits();
  const take = useCallback(
    (v: number | null) => {
      if (v === null) return whenEmpty === undefined ? 'must be a number' : set(withValue(m, path, v));
      const limits = limitsOf(machineSchema, path);
      return (limits && outside(v, limits, role, say)) ?? set(withValue(m, path, v));
    },
    [m, set, path, role, say, whenEmpty],
  );
  return (
    <QuantityField
      label={label}
      name={`machine.${path}`}
      value={valueAt(m, path) as number | null}
      role={role}
      onValue={take}
      {...(whenEmpty !== undefined ? { whenEmpty } : {})}
    />
  );
}

/** A choice of the machine. */
function MachinePick<T extends string>(p: { path: string; label: string; names: Readonly<Record<T, string>> }) {
  const { m, set } = useForm();
  const options = (Object.keys(p.names) as T[]).map((v): Option<T> => ({ value: v, name: p.names[v] }));
  return (
    <Choice
      label={p.label}
      name={`machine.${p.path}`}
      value={valueAt(m, p.path) as T}
      options={options}
      onChoose={(v) => set(withValue(m, p.path, v))}
    />
  );
}

function AxisRow({ letter }: { letter: AxisLetter }) {
  const path = `axes.${letter}`;
  const turns = useForm().m.turn === letter;
  const way = turns ? 'angle' : 'foamSize';
  return (
    <fieldset>
      <legend>{turns ? `${letter}, turns the block` : (AXIS_NAMES[letter] ?? letter)}</legend>
      <MachineNumber path={`${path}.minMm`} label="From" role={way} />
      <MachineNumber path={`${path}.maxMm`} label="To" role={way} />
      <MachineNumber
        path={`${path}.maxMmS`}
        label={turns ? 'Degrees a second' : 'Speed'}
        role={turns ? 'count' : 'feed'}
      />
      <MachineNumber path={`${path}.accelMmS2`} label="Acceleration" role={turns ? 'count' : 'acceleration'} />
      <MachineNumber path={`${path}.stepsPerMm`} label={turns ? 'Steps a degree' : 'Steps a mm'} role="count" />
      <MachineNumber path={`${path}.backlashMm`} label="Backlash" role={turns ? 'angle' : 'slot'} />
      <Home letter={letter} />
    </fieldset>
  );
}

/** Which end of its travel an axis is homed at. */
function Home({ letter }: { letter: AxisLetter }) {
  const { m, set } = useForm();
  const axis = m.axes[letter]!;
  return (
    <Choice
      label="Homes at"
      name={`machine.axes.${letter}.home`}
      value={axis.home ?? 'none'}
      options={(Object.keys(HOME_NAMES) as (keyof typeof HOME_NAMES)[]).map((v) => ({
        value: v,
        name: HOME_NAMES[v],
      }))}
      onChoose={(v) => set({ ...m, axes: { ...m.axes, [letter]: { ...axis, home: v === 'none' ? null : v } } })}
    />
  );
}
