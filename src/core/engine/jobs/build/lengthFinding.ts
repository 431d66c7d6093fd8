import type { JobFindingFigures } from '../../../documents/worksheet';
import { finding, type KnownCut } from '../work';
import { proven } from '../proven';

/** How far the length between anchors may differ from the wire that the rig is worked out with, mm. Ours. */
const LENGTH_MM = 5;

/** A finding of one code with its proven fix; any other as it is. */
export const withFix = (
  f: JobFindingFigures,
  c: KnownCut,
  code: string,
  patch: Readonly<Record<string, unknown>>,
) => (f.code === code ? { ...f, fixes: proven(c.rig, patch) } : f);

/** The wire between its anchors as built against the one that the rig is worked out with. */
export function lengthFinding(betweenMm: number, c: KnownCut): JobFindingFigures | null {
  const have = c.rig.wire.lengthMm;
  if (Math.abs(betweenMm - have) <= LENGTH_MM) return null;
  const patch = { wire: { lengthMm: Number(betweenMm.toFixed(1)) } };
  return { ...finding('wire-length-differs', 'fix', { betweenMm, haveMm: have }), fixes: proven(c.rig, patch) };
}
