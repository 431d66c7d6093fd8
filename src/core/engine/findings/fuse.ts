import type { Rig } from '../../documents/rig';
import { cordAmps, cordFor } from '../../physics/circuit/cord';
import { fuseFor } from '../../physics/circuit/fuse';
import { runningAmps } from '../load';
import type { Draft } from './draft';
import type { Evaluation } from '../evaluation';

/** Whether a supply can push more than the leads carry, or nobody knows, and no fuse stands in the loop. */
export function fuseMissing({ supply, leads }: Rig): boolean {
  const strong = supply.kind === 'battery' || supply.kind === 'transformer' || supply.kind === 'other';
  const over = strong || supply.maxAmps === null || supply.maxAmps > cordAmps(leads.areaMm2);
  return leads.fuseA === null && over;
}

/** No fuse in a loop that wants one, with the one that carries its amps and guards its leads. */
export function noFuse(e: Evaluation): Draft | null {
  const { supply, leads: l } = e.s.rig;
  const carries = cordAmps(l.areaMm2);
  if (!fuseMissing(e.s.rig)) return null;
  const amps = e.off ? 0 : Math.max(0.1, runningAmps(e));
  const fuse = amps > 0 ? fuseFor(amps, carries, supply.kind === 'battery') : null;
  return {
    code: 'no-fuse',
    level: 'fix',
    values: {},
    *tries() {
      if (fuse !== null) yield { leads: { fuseA: fuse } };
      // None both carries the amps and guards these leads: thicker ones first.
      const areaMm2 = amps > 0 && fuse === null ? cordFor(1.5 * amps) : null;
      if (areaMm2 === null) return;
      const fits = fuseFor(amps, cordAmps(areaMm2), supply.kind === 'battery');
      if (fits !== null) yield { leads: { areaMm2, fuseA: fits } };
    },
  };
}
