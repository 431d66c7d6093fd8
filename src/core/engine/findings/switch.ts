import { CUTTERS } from '../../documents/cutters';
import type { Rig } from '../../documents/rig';
import { switchFor } from '../../physics/circuit/switch';
import { runningAmps } from '../load';
import type { Draft } from './draft';
import type { Evaluation } from '../evaluation';

/** Whether no switch breaks the loop. */
export const switchMissing = ({ leads }: Rig): boolean => leads.switchA === null;

/** No switch in the loop, with the smallest that breaks its amps. */
export function noSwitch(e: Evaluation): Draft | null {
  if (!switchMissing(e.s.rig)) return null;
  const amps = e.off ? (e.s.drive.maxAmps ?? 0) : runningAmps(e);
  const rating = switchFor(amps);
  return {
    code: 'no-switch',
    level: 'fix',
    values: { led: CUTTERS[e.s.rig.frame.kind].led },
    tries: () => [rating === null ? null : { leads: { switchA: rating } }],
  };
}
