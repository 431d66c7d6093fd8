import type { Control } from '../documents/control';
import { ohmPerMetre, type Setup } from './setup';
import { BUCK_DROP } from './drive';

/** The most that a rig's dial can be set to, in the setting's own unit; null where there is none. */
export function dialTop(s: Setup): number | null {
  const { drive, rig } = s;
  const tops: Record<Control['kind'], () => number | null> = {
    none: () => null,
    volts: () => drive.openVolts,
    buck: () => Math.max(1, drive.openVolts - BUCK_DROP),
    pwm: () => 1,
    scale: () => 1,
    phase: () => 180,
    amps: () => drive.maxAmps ?? 10,
    clip: () => rig.wire.lengthMm,
    'hold-ohm': () => 2 * ohmPerMetre(s, s.room.airC) * (rig.wire.lengthMm / 1000),
  };
  return tops[drive.kind]();
}

/** How far one step of a dial with `steps` settings moves it; null where it has no steps. */
export function dialStep(s: Setup): number | null {
  const top = dialTop(s);
  const { steps } = s.rig.control;
  return top === null || steps === null ? null : top / (steps - 1);
}

/** A setting on the nearest step of the dial; itself where the dial has none. */
export function snapped(s: Setup, setting: number): number {
  const step = dialStep(s);
  return step === null ? setting : Number((Math.round(setting / step) * step).toPrecision(6));
}

/** Dials that give more heat the lower they are set. */
export const hotterLower = (kind: Control['kind']): boolean => kind === 'phase' || kind === 'clip';

/** The setting at which a dial gives all it can. */
export function fullSetting(s: Setup): number | null {
  const { kind } = s.drive;
  if (kind === 'phase') return 0;
  if (kind === 'clip') return Math.min(s.rig.wire.lengthMm, Math.max(1, s.rig.foam.widthMm));
  return dialTop(s);
}
