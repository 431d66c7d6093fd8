import type { Draft, Patch } from './findings/draft';
import { spareTries, type Spares } from './spares';
import type { Evaluation } from './evaluation';

/** 0 a dial or a pull, 1 a feed, 3 a length, 4 something else to hang, wire or buy; what is in the drawer goes in at 2. */
export function kindOfPatch(patch: Patch): number {
  const wire = patch['wire'] as Record<string, unknown> | undefined;
  const tension = patch['tension'] as Record<string, unknown> | undefined;
  if (patch['leads'] || patch['frame'] || patch['supply'] || tension?.['kind'] || wire?.['diameterMm'])
    return 4;
  if (wire) return 3;
  return patch['cut'] ? 1 : 0;
}

/** The fixes that a finding proposes; what lies in the drawer goes in before what has to be cut or bought. */
export function* inOrder(
  draft: Draft,
  near: Evaluation,
  spares: Spares | null,
): Iterable<{ patch: Patch; uses: string | null }> {
  let drawer = spares;
  for (const patch of draft.tries?.() ?? []) {
    if (!patch) continue;
    if (drawer && kindOfPatch(patch) > 1) {
      yield* spareTries(draft.code, near, drawer);
      drawer = null;
    }
    yield { patch, uses: null };
  }
  if (drawer) yield* spareTries(draft.code, near, drawer);
}
