import type { LoggedCut } from '../documents/log';
import type { Rig } from '../documents/rig';
import type { Role } from '../units/profile';

/** One thing that is set otherwise than at the last cut. `role` null: words, not numbers. */
export interface Aspect {
  readonly what:
    | 'setting'
    | 'width'
    | 'foam'
    | 'density'
    | 'alloy'
    | 'gauge'
    | 'length'
    | 'supply'
    | 'control'
    | 'pull'
    | 'held'
    | 'leads';
  readonly from: number | string | null;
  readonly to: number | string | null;
  readonly role: Role | null;
}

/** Numbers closer than this count as the same: a dial is not set finer. */
const SAME = 0.005;

/**
 * What of a rig and its setting is otherwise now than at the last cut. More than one, and the next cut cannot say which of them did
 * it. A pull that was never given (null) is not compared. Pure.
 */
export function changedSince(
  last: { readonly rig: Rig; readonly cut: LoggedCut },
  rig: Rig,
  now: { readonly setting: number | null; readonly widthMm: number },
): Aspect[] {
  const was = last.rig;
  const out: Aspect[] = [];
  const number = (what: Aspect['what'], from: number | null, to: number | null, role: Role | null) => {
    if (from === null || to === null || from === to) return;
    if (Math.abs(to - from) > SAME * Math.max(Math.abs(from), Math.abs(to))) out.push({ what, from, to, role });
  };
  const word = (what: Aspect['what'], from: string, to: string) => {
    if (from !== to) out.push({ what, from, to, role: null });
  };
  word('foam', was.foam.kind, rig.foam.kind);
  number('density', was.foam.densityKgM3, rig.foam.densityKgM3, 'density');
  number('width', last.cut.widthMm, now.widthMm, 'foamSize');
  word('alloy', was.wire.alloy, rig.wire.alloy);
  number('gauge', was.wire.diameterMm, rig.wire.diameterMm, 'wireDiameter');
  number('length', was.wire.lengthMm, rig.wire.lengthMm, 'wireLength');
  word('supply', was.supply.kind, rig.supply.kind);
  if (was.control.kind === rig.control.kind)
    number('setting', last.cut.setting ?? was.control.setting, now.setting, null);
  else word('control', was.control.kind, rig.control.kind);
  word('held', was.tension.kind, rig.tension.kind);
  number('pull', was.tension.setN, rig.tension.setN, 'force');
  number('leads', was.leads.areaMm2, rig.leads.areaMm2, 'area');
  return out;
}
