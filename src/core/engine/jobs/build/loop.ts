import type { BuildOf } from '../../../documents/build';
import { wireVolts } from '../cut';
import { coolMm, loopInFoam } from '../loop/groove';
import { only, reads, SET_MM, step, type KnownCut } from '../work';
import { built } from './materials';
import type { Own } from './own';
import { wireOf } from './cutterParts';
import { lengthFinding } from './lengthFinding';

/** A hand tool’s loop from its sizes, mm: wire, handle, collar. MACHINES.md section 4. */
export function loop(l: BuildOf<'loop'>, c: KnownCut): Own {
  const inFoam = loopInFoam(l.shape, l.loopMm, l.depthMm, c.d);
  const wire = inFoam + 2 * coolMm(c);
  return {
    values: {
      betweenMm: wire,
      inFoamMm: inFoam,
      coolMm: coolMm(c),
      volts: wireVolts(c),
    },
    materials: [
      wireOf(wire, c, 'terminals'),
      built('handle', 1, { lengthMm: l.handleMm, apartMm: l.loopMm }),
      built('terminals', 2, { wireMm: c.d, amps: c.e.idle.amps }),
      built('collar', 1, { lengthMm: l.depthMm, widthMm: l.loopMm + 40 }),
    ],
    steps: [
      step('cut-parts'),
      step('bend-loop', { shape: l.shape, loopMm: l.loopMm, wireMm: wire }, reads(l.loopMm, 'mm', SET_MM)),
      step('short-leads', { leadMm: c.rig.leads.lengthMm, areaMm2: c.rig.leads.areaMm2, amps: c.e.idle.amps }),
    ],
    findings: only(lengthFinding(wire, c)),
  };
}
