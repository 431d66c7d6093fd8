import type { Rig } from '../../documents/rig';
import { drafts } from '../drafts';
import { evaluate } from '../evaluate';
import type { Patch } from '../findings/draft';
import { merge } from '../merge';

const stopsOf = (rig: Rig) => drafts(evaluate(rig)).flatMap((d) => (d.level === 'stop' ? [d.code] : []));

/** A patch of a rig as the fix of a job's own finding, where the rig with it has no stop that it has not now; else none. */
export function proven(rig: Rig, patch: Patch): { readonly patch: Patch }[] {
  const now = stopsOf(rig);
  return stopsOf(merge(rig, patch)).every((code) => now.includes(code)) ? [{ patch }] : [];
}
