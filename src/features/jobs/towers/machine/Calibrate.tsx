'use client';
import { useState } from 'react';
import {
  CALIBRATION_KINDS,
  calibrationSchema,
  driveSchema,
  type Calibration,
  type CalibrationKind,
  type Drive,
  type KeptMachine,
} from '@/core/documents/keptMachine';
import { axesOf, type AxisLetter, type Machine } from '@/core/documents/machine';
import { saidBy, scaleBy, type Said } from '@/core/engine/motion/calibrate';
import type { Role } from '@/core/units/profile';
import { CALIBRATION_HOW, CALIBRATION_NAMES, calibrationText } from '@/core/words/calibration';
import { Act } from '@/ui/Act';
import { Choice } from '@/ui/Choice';
import { QuantityField } from '@/ui/QuantityField';
import { useUnits } from '@/ui/Units';
import { afterCalibration, fieldsOf, measured } from './measured';
import css from './machine.module.css';

const options = <T extends string>(names: Readonly<Record<T, string>>, of: readonly T[]) =>
  of.map((value) => ({ value, name: names[value] }));

/** A step of the calibration: what is measured is typed, and what it says and what is doubtful about it stands at once. */
export function Calibrate(p: {
  kept: KeptMachine;
  onNote: (c: Calibration, changed: Machine) => string | null;
  onDrives: (drives: KeptMachine['drives']) => string | null;
  /** A scale that nothing was measured for yet. */
  onScale: (axis: AxisLetter, stepsPerMm: number) => void;
}) {
  const { doc, drives } = p.kept;
  const { say } = useUnits();
  const letters = axesOf(doc);
  const [kind, setKind] = useState<CalibrationKind>('scale');
  const [letter, setLetter] = useState<AxisLetter>('X');
  const axis = letters.includes(letter) ? letter : letters[0]!;
  const [typed, type] = useState<Readonly<Record<string, number | null>>>({});
  const [told, tell] = useState<string | null>(null);
  const fields = fieldsOf(kind);
  const drive = drives[axis] ?? null;
  const c = measured(kind, axis, doc, typed);
  const said: Said | null = c && saidBy(c, doc.towersMm, drive);
  const ofAxis = kind === 'scale' || kind === 'backlash' || kind === 'switch';
  const keep = (stopped?: boolean) => {
    const now = measured(kind, axis, doc, typed, stopped);
    if (!now) return;
    const result = saidBy(now, doc.towersMm, drive);
    const read = calibrationSchema.safeParse(
      now.kind === 'scale' || now.kind === 'zero' ? { ...now, now: result.now } : now,
    );
    if (!read.success) return tell('That is out of the range of a machine.');
    tell(p.onNote(read.data, afterCalibration(doc, read.data)) ?? calibrationText(kind, result, say));
    type({});
  };
  return (
    <>
      <h2>Measure</h2>
      <Choice
        label="What"
        name="kind"
        value={kind}
        options={options(CALIBRATION_NAMES, CALIBRATION_KINDS)}
        onChoose={(k) => {
          setKind(k);
          type({});
          tell(null);
        }}
      />
      <p className={css.how}>{CALIBRATION_HOW[kind]}</p>
      {ofAxis && (
        <Choice
          label="Axis"
          name="axis"
          value={axis}
          options={letters.map((l) => ({ value: l, name: l }))}
          onChoose={setLetter}
        />
      )}
      {kind === 'scale' && (
        <DriveFields
          drive={drive}
          stepsPerMm={doc.axes[axis]!.stepsPerMm}
          onDrive={(d) => p.onDrives({ ...drives, [axis]: d })}
          onScale={(stepsPerMm) => p.onScale(axis, stepsPerMm)}
        />
      )}
      <div className={css.measures}>
        {fields.map((f) => (
          <QuantityField
            key={`${kind} ${f.key}`}
            label={f.label}
            name={`measured.${f.key}`}
            role={f.role as Role}
            value={typed[f.key] ?? null}
            whenEmpty="not yet"
            onValue={(v) => {
              if (v !== null && !(v >= f.least && v <= f.most))
                return `must lie between ${say(f.least, f.role)} and ${say(f.most, f.role)}`;
              type((t) => ({ ...t, [f.key]: v }));
              return null;
            }}
          />
        ))}
      </div>
      {said && kind !== 'switch' && (
        <p role="status" className={css.said} data-doubt={said.doubts.length > 0}>
          {calibrationText(kind, said, say)}
        </p>
      )}
      {kind === 'switch' ? (
        <p className={css.acts}>
          <Act strong onClick={() => keep(true)}>
            It stopped
          </Act>
          <Act onClick={() => keep(false)}>It did not stop</Act>
        </p>
      ) : (
        <p className={css.acts}>
          <Act strong disabled={!said} onClick={() => keep()}>
            {said && said.now !== null ? 'Take it, and note it' : 'Note it'}
          </Act>
        </p>
      )}
      {told && <p role="status">{told}</p>}
    </>
  );
}

const BY = { none: 'not said', belt: 'a belt', screw: 'a screw', gear: 'a gear, turning' } as const;

type DriveKey = Exclude<keyof Drive, 'by'>;
/** Numbers of a drive, by what it is. */
const DRIVE_FIELDS: Readonly<
  Record<Drive['by'], readonly (readonly [DriveKey, string, Role, number, number])[]>
> = {
  belt: [
    ['pitchMm', 'Pitch', 'slot', 0.1, 100],
    ['teeth', 'Teeth', 'count', 5, 200],
  ],
  screw: [['pitchMm', 'Lead', 'slot', 0.1, 100]],
  gear: [['ratio', 'Turns for one', 'count', 0.01, 1000]],
};
const MOTOR_FIELDS = [
  ['steps', 'Steps a turn', 'count', 1, 10_000],
  ['micro', 'Microsteps', 'count', 1, 512],
] as const;

/** What drives an axis: from it follows what its scale should be. */
function DriveFields(p: {
  drive: Drive | null;
  stepsPerMm: number;
  onDrive: (d: Drive | undefined) => string | null;
  onScale: (stepsPerMm: number) => void;
}) {
  const { drive, onDrive } = p;
  const { say } = useUnits();
  const gives = drive && Number(scaleBy(drive).toPrecision(6));
  return (
    <>
      <Choice
        label="Driven by"
        name="drive"
        value={drive?.by ?? 'none'}
        options={options<keyof typeof BY>(BY, ['none', 'belt', 'screw', 'gear'])}
        onChoose={(by) =>
          onDrive(by === 'none' ? undefined : driveSchema.parse({ by, pitchMm: by === 'screw' ? 8 : 2 }))
        }
      />
      {drive && (
        <div className={css.measures}>
          {[...DRIVE_FIELDS[drive.by], ...MOTOR_FIELDS].map(([key, label, role, least, most]) => (
            <QuantityField
              key={key}
              label={label}
              name={`drive.${key}`}
              role={role}
              value={drive[key]}
              onValue={(v) =>
                v === null || !(v >= least && v <= most)
                  ? `must lie between ${say(least, role)} and ${say(most, role)}`
                  : onDrive({ ...drive, [key]: v })
              }
            />
          ))}
        </div>
      )}
      {gives !== null && (
        <p className={css.acts}>
          That gives {gives} steps a {drive?.by === 'gear' ? 'degree' : 'mm'}.{' '}
          {Math.abs(gives / p.stepsPerMm - 1) > 1e-6 && (
            <Act onClick={() => p.onScale(gives)}>Begin with it</Act>
          )}
        </p>
      )}
    </>
  );
}
