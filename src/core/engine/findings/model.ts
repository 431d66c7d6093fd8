import type { Evaluation } from '../evaluate';
import type { Draft, Finder } from './draft';

/** Where the model ends: parts not built yet, densities and temperatures outside its tables. */
export const modelFindings: Finder = (e) => [outsideTables(e), notBuilt(e)];

/** Parts of the reading that this version leaves null, by name. */
export const MISSING_PARTS = ['tension', 'lag'] as const;

function notBuilt(e: Evaluation): Draft {
  const parts: string[] = [...MISSING_PARTS];
  if (!e.s.drive.built) parts.unshift(`control ${e.s.rig.control.kind}`);
  return { code: 'outside-model', level: 'note', values: { part: parts.join(', ') } };
}

function outsideTables(e: Evaluation): Draft | null {
  const heat = e.s.foam.heat;
  const density = e.s.rig.foam.densityKgM3;
  if (!heat || (density >= heat.densities[0] && density <= heat.densities[1])) return null;
  return {
    code: 'outside-model',
    level: 'note',
    values: { part: 'density', densityKgM3: density, lowKgM3: heat.densities[0], highKgM3: heat.densities[1] },
  };
}
