import { isolationOf } from '../../documents/supply';
import { touchLimit } from '../../physics/circuit/touch';
import type { Setup } from '../setup';
import type { Evaluation } from '../evaluation';
import { tidy, type Draft } from './draft';

/** Shock: volts on the bare wire, and what stands between it and the mains. */
export function shockFindings(e: Evaluation): (Draft | null)[] {
  const { supply, control } = e.s.rig;
  const isolated = isolationOf(supply);
  const limit = touchLimit(supply.current);
  const volts = voltsOnWire(e.s);
  const mains = isolated === false && supply.current === 'ac' && supply.volts >= 90;
  const lower = () => {
    if (control.kind === 'volts' || control.kind === 'buck')
      return [{ control: { setting: tidy(limit * 0.9, 2, 'down') } }];
    if (control.kind === 'scale')
      return [{ control: { setting: tidy((limit * 0.9) / e.s.drive.openVolts, 2, 'down') } }];
    return [];
  };
  return [
    volts > limit
      ? {
          code: 'touch-voltage',
          level: 'stop',
          values: { volts, limitVolts: limit, current: supply.current },
          tries: lower,
        }
      : null,
    mains ? { code: 'mains-direct', level: 'stop', values: { volts: supply.volts } } : null,
    !mains && isolated !== true
      ? {
          code: 'not-isolated',
          level: isolated === false ? 'stop' : 'fix',
          values: { isolated: String(isolated) },
        }
      : null,
  ];
}

/** The highest volts that can stand on the bare wire. */
export function voltsOnWire(s: Setup): number {
  const { drive } = s;
  if (drive.kind === 'volts') return Math.min(drive.setting ?? 0, drive.openVolts);
  if (drive.kind === 'buck') return drive.setting ?? 0;
  if (drive.kind === 'scale') return (drive.setting ?? 1) * drive.openVolts;
  return drive.openVolts;
}
