import type { Draft, Finder } from './draft';
import type { Evaluation } from '../evaluation';

/** Where the model ends: densities and temperatures outside its tables. */
export const modelFindings: Finder = (e) => [density(e), temperature(e)];

function density(e: Evaluation): Draft | null {
  const heat = e.s.foam.heat;
  const density = e.s.rig.foam.densityKgM3;
  if (!heat || (density >= heat.densities[0] && density <= heat.densities[1])) return null;
  return {
    code: 'outside-model',
    level: 'note',
    values: { part: 'density', densityKgM3: density, lowKgM3: heat.densities[0], highKgM3: heat.densities[1] },
  };
}

/** Past the last entry of an alloy's strength the end value is used. Where the wire is refused for its heat it is not said twice. */
function temperature(e: Evaluation): Draft | null {
  const { strength, limitC } = e.s.alloy;
  const lastC = strength.x[strength.x.length - 1]!;
  const wireC = e.idle.airC;
  if (e.off || !(wireC > lastC) || wireC > limitC) return null;
  return { code: 'outside-model', level: 'note', values: { part: 'temperature', wireC, lastC } };
}
