import { growth } from '../physics/tension/growth';
import { pullAt, stretchAt } from '../physics/tension/holder';
import { profileOf, type Profile } from './profile';
import type { Evaluation } from './evaluation';

/** How much longer a wire is than cold, m, summed along its temperature: unheated ends and all. */
export function growthAlong(e: Evaluation, p: Profile): number {
  let sum = 0;
  // A cell reaches half way to its neighbours; the first and the last to the clamps.
  for (let i = 0; i < p.x.length; i++) {
    const from = i === 0 ? 0 : 0.5 * (p.x[i - 1]! + p.x[i]!);
    const to = i === p.x.length - 1 ? e.s.length : 0.5 * (p.x[i]! + p.x[i + 1]!);
    sum += growth(e.s.alloy.expansion, p.tempC[i]! - e.s.room.airC, to - from);
  }
  return sum;
}

/** Growth (m) and pull (N) idling and cutting by the temperature along the wire; a reading's own are lumped. Null where cold or not cutting. */
export function pullAlong(e: Evaluation): {
  idle: { grown: number; pull: number } | null;
  cutting: { grown: number; pull: number } | null;
} {
  const at = (cutting: boolean) => {
    const p = profileOf(e, { cutting });
    if (!p || e.off) return null;
    const grown = growthAlong(e, p);
    const { holder } = e.tension.takeUp;
    const fixed = e.s.rig.tension.kind === 'weight';
    return {
      grown,
      pull: fixed ? (e.tension.hotN ?? 0) : pullAt(holder, stretchAt(holder, e.tension.coldN) - grown),
    };
  };
  return { idle: at(false), cutting: at(true) };
}
