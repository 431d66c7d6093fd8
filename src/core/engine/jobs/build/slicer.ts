import type { BuildOf } from '../../../documents/build';
import { finding, only, reads, step, type KnownCut } from '../work';
import { built } from './materials';
import type { Own } from './own';
import { isMetal, wireOf, insulators, takeUp } from './cutterParts';
import { lengthFinding } from './lengthFinding';

/** A slicer from its sizes, mm: supports, rails, wire. MACHINES.md section 3. */
export function slicer(s: BuildOf<'slicer'>, c: KnownCut): Own {
  const wide = c.rig.foam.widthMm;
  const cool = c.e.coolEnd === null ? 0 : 3 * c.e.coolEnd * 1000;
  const least = wide + 2 * cool;
  return {
    values: { betweenMm: s.supportsMm, leastSupportsMm: least, pullN: c.e.tension.coldN },
    materials: [
      built('base-board', 1, {
        lengthMm: s.boardMm[0],
        widthMm: s.boardMm[1],
        thickMm: s.boardMm[2],
        reachMm: null,
        holeMm: null,
      }),
      s.by === 'screw'
        ? built('height-screws', 2, { diameterMm: s.boltMm, lengthMm: s.boardMm[2] + 60 })
        : built('spacer-strips', 2, { lengthMm: s.boardMm[0], widthMm: 20 }),
      built('supports', 2, { boltMm: s.boltMm, apartMm: s.supportsMm }),
      built('side-rails', 2, { lengthMm: s.boardMm[0], apartMm: wide }),
      takeUp(c),
      ...insulators(isMetal(s, c), s.boltMm),
      wireOf(c.rig.wire.lengthMm, c),
    ],
    steps: [
      step('cut-parts'),
      step('set-supports', { apartMm: s.supportsMm }, reads(s.supportsMm, 'mm', 1)),
      step(
        'hang-wire',
        { pullN: c.e.tension.coldN },
        reads(c.e.tension.coldN, 'N', Math.max(1, 0.05 * c.e.tension.coldN)),
      ),
    ],
    findings: only(
      s.supportsMm < wide && finding('supports-too-near', 'stop', { supportsMm: s.supportsMm, widthMm: wide }),
      s.supportsMm >= wide &&
        s.supportsMm < least &&
        finding('ends-stay-cool', 'fix', { supportsMm: s.supportsMm, leastMm: least }),
      c.rig.wire.lengthMm < s.supportsMm && lengthFinding(s.supportsMm, c),
      s.boardMm[1] < s.supportsMm &&
        finding('board-too-small', 'stop', { haveMm: s.boardMm[1], needMm: s.supportsMm }),
    ),
  };
}
