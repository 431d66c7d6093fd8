import { boxOf, type Pt } from '@/core/numeric/polyline';

type Profile = [number, number][];
const round = (mm: number) => Number(mm.toFixed(3));
/** Most points of a profile. */
export const MOST_PROFILE_POINTS = 2000;

/**
 * The upper half of a closed outline as a profile over its own middle line, its left end `at` along; why not, where it turns back on itself or has
 * too many points. mm.
 */
export function profileOf(
  outline: readonly Pt[],
  at: number,
): { readonly take: Profile } | { readonly rule: string } {
  const b = boxOf(outline);
  const axis = (b.y0 + b.y1) / 2;
  const n = outline.length;
  const left = outline.reduce((best, p, i) => (p[0] < outline[best]![0] ? i : best), 0);
  // Both ways round from the left end to the right one: the upper is the one that stands higher.
  const way = (step: 1 | -1): Pt[] => {
    const out: Pt[] = [];
    for (let k = 0; k <= n; k++) {
      const p = outline[(left + step * k + n * n) % n]!;
      out.push(p);
      if (p[0] >= b.x1 - 1e-9 && outline[(left + step * (k + 1) + n * n) % n]![0] < b.x1 - 1e-9) break;
    }
    return out;
  };
  const mean = (l: readonly Pt[]) => l.reduce((sum, p) => sum + p[1], 0) / l.length;
  const upper = [way(1), way(-1)].sort((a, c) => mean(c) - mean(a))[0]!.filter((p) => p[1] > axis - 1e-9);
  if (upper.length > MOST_PROFILE_POINTS)
    return { rule: `It has ${upper.length} points; up to ${MOST_PROFILE_POINTS} are taken.` };
  if (upper.length < 2) return { rule: 'Its upper half is no line.' };
  if (upper.some((p, i) => i > 0 && p[0] < upper[i - 1]![0] - 1e-6))
    return { rule: 'Its upper half turns back on itself: a wire that comes from above cannot cut under it.' };
  return { take: upper.map(([x, y]) => [round(at + x - b.x0), round(Math.max(0, y - axis))]) };
}

/** A profile with another point behind its last, as far on as that is from the one before, within the block. */
export function longer(profile: Profile, long: number): Profile {
  const [last, before] = [profile.at(-1)!, profile.at(-2)!];
  const x = Math.min(long, round(last[0] + Math.max(1, last[0] - before[0])));
  return [...profile, [x, last[1]]];
}
