import type { BuildOf } from '../../../documents/build';
import { finding, only, step, type KnownCut } from '../work';
import { armFindings, armOf, armPatch } from './arm';
import { built } from './materials';
import type { Own } from './own';
import { EDGE_MM, isMetal, sectionValues, wireOf, insulators, takeUp } from './cutterParts';
import { armValues, armSteps } from './armParts';
import { withFix } from './lengthFinding';

/** A bow from its sizes, mm: bar, arms, wire. */
export function bow(b: BuildOf<'bow'>, c: KnownCut): Own {
  const a = armOf(b, c);
  const deep = c.rig.foam.heightMm;
  const bar = c.rig.wire.lengthMm;
  return {
    values: { ...armValues(a), betweenMm: bar, openMm: b.reachMm },
    materials: [
      built('bar', 1, { ...sectionValues(b), lengthMm: bar }),
      built('arm', 2, { ...sectionValues(b), lengthMm: b.reachMm + EDGE_MM, holeMm: b.boltMm }),
      built('corner-blocks', 2, { boltMm: b.boltMm }),
      built('anchor-bolt', 2, { diameterMm: b.boltMm, offMm: null }),
      ...(a.springs ? [] : [takeUp(c)]),
      ...insulators(isMetal(b, c), b.boltMm),
      wireOf(bar, c),
      built('grips', 2, {}),
    ],
    steps: [step('cut-parts'), ...armSteps(a, b.gapMm)],
    findings: only(
      ...armFindings(b, c, a).map((f) => withFix(f, c, 'arm-not-in-rig', armPatch(a))),
      deep !== null &&
        deep >= b.reachMm &&
        finding('opening-too-low', 'stop', { openMm: b.reachMm, foamMm: deep }),
    ),
  };
}
