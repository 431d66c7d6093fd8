import type { BuildOf } from '../../../documents/build';
import { finding, only, reads, SET_MM, step, type KnownCut } from '../work';
import { armFindings, armOf, armPatch } from './arm';
import { UNDER_BOLT_MM } from './sizes';
import { built, WALL_MM } from './materials';
import type { Own } from './own';
import { EDGE_MM, boreFor, isMetal, sectionValues, wireOf, insulators, takeUp } from './cutterParts';
import { armValues, armSteps } from './armParts';
import { withFix, lengthFinding } from './lengthFinding';

/** A table from its sizes, mm: board, post, arm, bush, wire. MACHINES.md section 2. */
export function table(t: BuildOf<'table'>, c: KnownCut): Own {
  const a = armOf(t, c);
  const thick = t.boardMm[2];
  const between = t.postMm + thick + UNDER_BOLT_MM;
  const holeMm = boreFor(c.d);
  const off = t.boltMm / 2 + c.d / 2;
  return {
    values: { ...armValues(a), betweenMm: between, boltOffMm: off, openMm: t.postMm },
    materials: [
      built('base-board', 1, {
        lengthMm: t.boardMm[0],
        widthMm: t.boardMm[1],
        thickMm: thick,
        reachMm: t.reachMm,
        holeMm: holeMm + 2 * WALL_MM,
      }),
      built('legs', 4, { lengthMm: t.underMm }),
      built('post', 1, { ...sectionValues(t), lengthMm: t.postMm + thick + t.underMm }),
      built('arm', 1, { ...sectionValues(t), lengthMm: t.reachMm + EDGE_MM, holeMm: t.boltMm }),
      built('bush', 1, { boreMm: holeMm, outerMm: holeMm + 2 * WALL_MM, lengthMm: thick }),
      built('slit', 1, { widthMm: 2, lengthMm: t.boardMm[1] / 2 }),
      built('anchor-bolt', 2, { diameterMm: t.boltMm, offMm: off }),
      ...(a.springs ? [] : [takeUp(c)]),
      ...insulators(isMetal(t, c), t.boltMm),
      wireOf(between, c),
      built('fence', 1, { lengthMm: t.boardMm[0], heightMm: Math.min(t.postMm / 2, 80) }),
    ],
    steps: [
      step('cut-parts'),
      step('drill-hole', { reachMm: t.reachMm, offMm: off }, reads(off, 'mm', SET_MM)),
      step('fit-bush'),
      ...armSteps(a, t.gapMm),
    ],
    findings: only(
      ...armFindings(t, c, a).map((f) => withFix(f, c, 'arm-not-in-rig', armPatch(a))),
      lengthFinding(between, c),
      c.rig.foam.widthMm >= t.postMm &&
        finding('opening-too-low', 'stop', { openMm: t.postMm, foamMm: c.rig.foam.widthMm }),
      t.boardMm[0] < t.reachMm + EDGE_MM &&
        finding('board-too-small', 'stop', { haveMm: t.boardMm[0], needMm: t.reachMm + EDGE_MM }),
    ),
  };
}
