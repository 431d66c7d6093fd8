import type { Rig } from './rig';

/** Share of the fastest feed to cut at where none is set: half where hands lead the wire or foam, else 0.7. */
export function reserveOf(rig: Rig): number {
  if (rig.cut.reserve !== undefined) return rig.cut.reserve;
  const byHand = rig.frame.kind === 'bow' || rig.frame.kind === 'table' || rig.frame.kind === 'hand-tool';
  return byHand ? 0.5 : 0.7;
}

/** Whether the wire rides on templates at the faces of the foam. */
export function guidedOf(rig: Rig): boolean {
  return (
    rig.frame.guided ??
    (rig.frame.kind === 'bow' || rig.frame.kind === 'pulled-bow' || rig.frame.kind === 'drop-bow')
  );
}
