import type { FindingCode } from '../../documents/reading';

/** What the refusals of one length of wire have in common: all of them too hot for any feed, or all too cold. */
export interface LengthWant {
  readonly lengthMm: number;
  readonly why: 'too-hot' | 'too-cold' | 'overload';
}

const TOO_HOT: ReadonlySet<FindingCode> = new Set([
  'melt-back',
  'fume-limit',
  'heat-too-high',
  'wire-too-hot',
  'wire-melts',
]);
const TOO_COLD: ReadonlySet<FindingCode> = new Set(['wire-too-cold', 'feed-too-fast', 'supply-volts-short']);
const OVERLOAD: ReadonlySet<FindingCode> = new Set([
  'supply-overload',
  'pulse-peak-overload',
  'control-overload',
]);

/** For each length at which nothing works, what stands in the way of most pairings there; lengths that work are left out. */
export function lengthWants(
  works: readonly { readonly lengthMm: number }[],
  refused: readonly { readonly lengthMm: number; readonly code: FindingCode }[],
): LengthWant[] {
  const good = new Set(works.map((p) => p.lengthMm));
  const byLength = new Map<number, FindingCode[]>();
  for (const r of refused)
    if (!good.has(r.lengthMm)) byLength.set(r.lengthMm, [...(byLength.get(r.lengthMm) ?? []), r.code]);
  return [...byLength]
    .flatMap(([lengthMm, codes]): LengthWant[] => {
      const share = (set: ReadonlySet<FindingCode>) => codes.filter((c) => set.has(c)).length;
      const counts = [
        ['too-hot', share(TOO_HOT)],
        ['too-cold', share(TOO_COLD)],
        ['overload', share(OVERLOAD)],
      ] as const;
      const [why, n] = counts.reduce((a, b) => (b[1] > a[1] ? b : a));
      return n > 0 ? [{ lengthMm, why }] : [];
    })
    .sort((a, b) => a.lengthMm - b.lengthMm);
}
