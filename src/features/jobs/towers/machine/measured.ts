import type { Calibration, CalibrationKind } from '@/core/documents/keptMachine';
import type { AxisLetter, Machine } from '@/core/documents/machine';
import type { Role } from '@/core/units/profile';

/** A number that is typed for a measurement. */
export interface MeasuredField {
  readonly key: string;
  readonly label: string;
  readonly role: Role;
  readonly least: number;
  readonly most: number;
}
const of = (key: string, label: string, least: number, most: number, role: Role = 'slot'): MeasuredField => ({
  key,
  label,
  role,
  least,
  most,
});
const FIELDS: Readonly<Record<CalibrationKind, readonly MeasuredField[]>> = {
  scale: [of('commandedMm', 'Commanded', 1, 20000, 'foamSize'), of('measuredMm', 'Gauged', 1, 20000)],
  backlash: [of('apartMm', 'Readings apart', 0, 10)],
  square: [of('aheadMm', 'Left end ahead', -100, 100)],
  diagonals: [
    of('a', 'One side', 10, 5000, 'foamSize'),
    of('b', 'Other side', 10, 5000, 'foamSize'),
    of('d1', 'One diagonal', 10, 10000),
    of('d2', 'Other diagonal', 10, 10000),
  ],
  slab: [
    of('fl', 'Front left', 0.5, 2000),
    of('fr', 'Front right', 0.5, 2000),
    of('bl', 'Back left', 0.5, 2000),
    of('br', 'Back right', 0.5, 2000),
    of('acrossMm', 'Left to right', 10, 20000, 'foamSize'),
  ],
  switch: [],
  zero: [
    of('measuredMm', 'Gauged', 0.5, 5000),
    of('wantedMm', 'Wanted', 0.5, 5000),
    of('was', 'Zero until now', -100, 100),
  ],
};
export const fieldsOf = (kind: CalibrationKind): readonly MeasuredField[] => FIELDS[kind];

/** What was typed as a measurement; null while a number lacks. `at`: now. */
export function measured(
  kind: CalibrationKind,
  axis: AxisLetter,
  m: Machine,
  typed: Readonly<Record<string, number | null>>,
  stopped = true,
): Calibration | null {
  const n = (key: string) => typed[key] as number;
  if (fieldsOf(kind).some((f) => typed[f.key] === undefined || typed[f.key] === null)) return null;
  const base = { at: new Date().toISOString(), note: '' };
  const was = m.axes[axis]?.stepsPerMm ?? 80;
  switch (kind) {
    case 'scale':
      return { ...base, kind, axis, commandedMm: n('commandedMm'), measuredMm: n('measuredMm'), was, now: was };
    case 'backlash':
      return { ...base, kind, axis, apartMm: n('apartMm') };
    case 'square':
      return { ...base, kind, aheadMm: n('aheadMm') };
    case 'diagonals':
      return { ...base, kind, sidesMm: [n('a'), n('b')], diagonalsMm: [n('d1'), n('d2')] };
    case 'slab':
      return { ...base, kind, cornersMm: [n('fl'), n('fr'), n('bl'), n('br')], acrossMm: n('acrossMm') };
    case 'switch':
      return { ...base, kind, axis, stopped };
    case 'zero':
      return {
        ...base,
        kind,
        measuredMm: n('measuredMm'),
        wantedMm: n('wantedMm'),
        was: n('was'),
        now: n('was'),
      };
  }
}

/** The machine as a measurement changes it: an axis' scale or its backlash. */
export function afterCalibration(m: Machine, c: Calibration): Machine {
  if (c.kind !== 'scale' && c.kind !== 'backlash') return m;
  const axis = m.axes[c.axis];
  if (!axis) return m;
  const now = c.kind === 'scale' ? { stepsPerMm: Number(c.now.toPrecision(7)) } : { backlashMm: c.apartMm };
  return { ...m, axes: { ...m.axes, [c.axis]: { ...axis, ...now } } };
}
