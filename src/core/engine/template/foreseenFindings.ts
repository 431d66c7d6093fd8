import type { Finder } from './planFinder';
import { draft } from './planDraft';

/** What the forecast foresees. */
export const foreseen: Finder = (t) => {
  const tol = t.plan.toleranceMm;
  const all = t.passes.flatMap((p) => p.forecast.map((f) => ({ f, side: p.pass.side })));
  // What an edge itself is off, a maker's own or one that serves both faces, is told of by itself.
  const apart = t.own || t.plan.template.split === 'turned';
  const off = all.map((x) => ({
    ...x,
    most: apart
      ? Math.abs(x.f.middle - x.f.bulge)
      : Math.max(Math.abs(x.f.root), Math.abs(x.f.middle), Math.abs(x.f.tip)),
  }));
  const beyond = off.filter((x) => x.most > tol);
  const worst = beyond.reduce<(typeof off)[number] | null>((a, b) => (a && a.most >= b.most ? a : b), null);
  const named = [...new Set(beyond.map((x) => `${x.side} ${Math.round(x.f.at)}`))];
  const vain = t.passes.flatMap((p) => (p.paced?.waits ?? []).filter((w) => w.vain));
  return [
    worst &&
      draft({
        code: 'beyond-tolerance',
        level: 'fix',
        values: {
          stations: named.slice(0, 8).join(', ') + (named.length > 8 ? ` and ${named.length - 8} more` : ''),
          worst: worst.most,
          where:
            apart || Math.abs(worst.f.middle) >= worst.most - 1e-9
              ? 'middle'
              : Math.abs(worst.f.root) >= worst.most - 1e-9
                ? 'root'
                : 'tip',
          tolerance: tol,
        },
      }),
    vain.length > 0 &&
      draft({
        code: 'wait-melts',
        level: 'note',
        values: { station: vain[0]!.n, melts: vain[0]!.melts, saves: vain[0]!.saves },
      }),
  ];
};
