import type { LedLeg, LedPass } from '@/core/engine/call/led';

/** Stations over which the pace left the clean feeds on one side, with the feeds that went furthest, mm/s. */
export interface Outside {
  readonly from: number;
  readonly to: number;
  readonly left: 'fast' | 'slow';
  readonly seconds: number;
  readonly planned: number;
  readonly root: number;
  readonly tip: number;
}

/** Ways that lie beside one another and left the clean feeds on the same side, as one. */
export function outsideOf(legs: readonly LedLeg[]): Outside[] {
  const out: Outside[] = [];
  for (const { n, left, seconds, planned, root, tip } of legs) {
    if (!left) continue;
    const before = out.at(-1);
    if (!before || before.to !== n || before.left !== left) {
      out.push({ from: n, to: n + 1, left, seconds, planned, root, tip });
      continue;
    }
    const further = left === 'fast' ? Math.max : Math.min;
    out[out.length - 1] = {
      ...before,
      to: n + 1,
      seconds: before.seconds + seconds,
      planned: before.planned + planned,
      root: further(before.root, root),
      tip: further(before.tip, tip),
    };
  }
  return out;
}

/** Of all passes, where the core differs most from what the planned pace gives; null where nothing is foretold. */
export function worstOf(passes: readonly LedPass[]): LedPass['worst'] {
  return passes.reduce<LedPass['worst']>(
    (most, { worst }) => (worst && (!most || Math.abs(worst.off) > Math.abs(most.off)) ? worst : most),
    null,
  );
}
