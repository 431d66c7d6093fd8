import type { Rig } from '../documents/rig';
import type { Tuning } from './tune';

/** A rig with factor and spread of a tuning filled in; nothing logged leaves it as it is. */
export function tuned(rig: Rig, t: Tuning | null): Rig {
  if (!t || t.used === 0) return rig;
  const tuning = Math.min(20, Math.max(0.05, Math.exp(t.logMean)));
  return { ...rig, foam: { ...rig.foam, tuning, tuningSd: Math.min(1, t.logSd) } };
}
