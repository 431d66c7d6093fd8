import type { Finder } from './planFinder';
import { draft } from './planDraft';

/** What stands against the way of driving. */
export const driving: Finder = (t) => {
  const m = t.method;
  const n = (k: string) => m[k] as number;
  const kind = t.plan.method.kind;
  const twist = Math.abs(t.plan.piece.tip.twistDeg - t.plan.piece.root.twistDeg);
  const pulls = t.passes.flatMap((p) => p.pulls.map((x) => ({ ...x, side: p.pass.side })));
  const stall = pulls.filter((p) => p.does === 'stalls');
  const runs = pulls.filter((p) => p.does === 'runs-away');
  return [
    kind === 'swing-arm' &&
      m['fits'] === false &&
      draft({
        code: 'radius-too-large',
        level: 'fix',
        values: {
          want: n('wantedRootRadiusMm'),
          most: (t.plan.method as { maxRadiusMm: number }).maxRadiusMm,
          tip: n('tipRadiusMm'),
        },
        patch: { method: { ...t.plan.method, tipRadiusMm: Math.floor(n('tipRadiusMm')) } },
      }),
    kind === 'anchored' &&
      Math.abs(n('farChordMm') - n('wantedFarChordMm')) > t.plan.toleranceMm &&
      draft({
        code: 'anchor-does-not-fit',
        level: 'fix',
        values: {
          far: n('farChordMm'),
          wanted: n('wantedFarChordMm'),
          anchor: m['anchorWantedMm'] as number | null,
        },
        ...(m['anchorWantedMm'] !== null && { patch: { method: { kind, anchorMm: m['anchorWantedMm'] } } }),
      }),
    kind === 'anchored' && twist > 0.05 && draft({ code: 'anchor-no-twist', level: 'fix', values: { twist } }),
    stall.length > 0 &&
      draft({
        code: 'pull-stalls',
        level: 'fix',
        values: { count: stall.length, station: stall[0]!.n, grams: Math.max(...stall.map((p) => p.grams)) },
      }),
    runs.length > 0 &&
      draft({
        code: 'pull-runs-away',
        level: 'fix',
        values: { count: runs.length, station: runs[0]!.n, grams: Math.min(...runs.map((p) => p.grams)) },
      }),
  ];
};
