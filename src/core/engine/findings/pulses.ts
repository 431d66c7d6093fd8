import { leastPulses } from '../times';
import type { Draft } from './draft';
import type { Evaluation } from '../evaluation';

/** Pulses so slow that the wire cools between them. */
export function slowPulses(e: Evaluation): Draft | null {
  if (!e.s.drive.pulsed) return null;
  const leastHertz = leastPulses(e);
  const hertz = e.s.rig.control.frequencyHz;
  if (leastHertz === null || !(hertz < leastHertz)) return null;
  const frequencyHz = Math.ceil(1.05 * leastHertz);
  return {
    code: 'pulse-too-slow',
    level: 'fix',
    values: { hertz, leastHertz },
    tries: () => [{ control: { frequencyHz } }],
  };
}
