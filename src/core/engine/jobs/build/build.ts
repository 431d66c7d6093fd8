import type { BuildSizes } from '../../../documents/build';
import type { JobOf } from '../../../documents/job';
import { wiringPlan } from '../../wiringPlan';
import { reads, step, type JobWork, type KnownCut } from '../work';
import { built } from './materials';
import type { Own } from './own';
import { isMetal } from './cutterParts';
import { table } from './table';
import { slicer } from './slicer';
import { bow } from './bow';
import { loop } from './loop';

/** Pull that a cord's relief must hold, N: a cord caught by a foot. Ours. */
const RELIEF_N = 50;

/** Building the cutter from the sizes chosen: parts with cut lengths and holes, and what the rig's wire asks of them. MACHINES.md sections 2 to 4. */
export const build: JobWork<'build'> = {
  use: (_, rig) => rig,
  most: null,
  work: (job: JobOf<'build'>, c: KnownCut) => {
    const own = builtOf(job.of, c);
    const plan = wiringPlan(c.e);
    const { fuse, lead } = plan;
    return {
      values: own.values,
      steps: [
        ...own.steps,
        step('insulation-test', { metal: isMetal(job.of, c) ? 'yes' : 'no' }),
        step('relief-test', { pullN: RELIEF_N }, reads(RELIEF_N, 'N', 10)),
        step('first-heat'),
      ],
      parts: [],
      materials: [
        ...own.materials,
        built('leads', 2, {
          lengthMm: c.rig.leads.lengthMm / 2,
          areaMm2: Math.max(lead.wantsMm2 ?? 0, lead.areaMm2),
        }),
        ...(fuse.wants === null ? [] : [built('fuse', 1, { amps: fuse.wants })]),
        ...(plan.switch.wants === null ? [] : [built('switch', 1, { amps: plan.switch.wants })]),
        built('relief', 2, {}),
      ],
      timeS: null,
      findings: own.findings,
    };
  },
};

function builtOf(sizes: BuildSizes, c: KnownCut): Own {
  switch (sizes.kind) {
    case 'table':
      return table(sizes, c);
    case 'slicer':
      return slicer(sizes, c);
    case 'bow':
      return bow(sizes, c);
    case 'loop':
      return loop(sizes, c);
  }
}
