import { taperOf } from './method';
import type { Finder } from './planFinder';
import { draft } from './planDraft';

/** A lead-in or tail must leave the foam's margin behind it by this, mm. Ours. */
const CLEAR = 10;

/** What stands against the leads and tails of an end. */
export const ends: Finder = (t) => {
  const k = t.plan.template;
  const margin = t.plan.blank?.marginMm ?? 15;
  const long = taperOf(t.passes.map((p) => p.pass));
  const most = t.heat ? t.heat.fastest / t.heat.slowest : null;
  const { feed } = t;
  const slow = feed.root !== null && feed.tip !== null && t.heat ? Math.min(feed.root, feed.tip) : null;
  return [
    most !== null &&
      long > most &&
      draft({ code: 'taper-too-strong', level: 'stop', values: { taper: long, most } }),
    most !== null &&
      long <= most &&
      slow !== null &&
      slow < t.heat!.slowest &&
      draft({
        code: 'method-taper',
        level: 'fix',
        values: { slow, slowest: t.heat!.slowest, wanted: t.heat!.slowest * long },
      }),
    k.leadInMm < margin + CLEAR &&
      draft({
        code: 'lead-in-short',
        level: 'fix',
        values: { leadIn: k.leadInMm, least: margin + CLEAR },
        patch: { template: { leadInMm: margin + CLEAR } },
      }),
    k.tailMm < margin + CLEAR &&
      draft({
        code: 'tail-short',
        level: 'fix',
        values: { tail: k.tailMm, least: margin + CLEAR },
        patch: { template: { tailMm: margin + CLEAR } },
      }),
    k.split !== 'turned' &&
      k.pinnedTo === 'block-bottom' &&
      k.firstCut === 'top' &&
      draft({
        code: 'upper-first',
        level: 'fix',
        values: { loss: Math.max(t.grows.root.loss, t.grows.tip.loss) },
        patch: { template: { firstCut: 'bottom' } },
      }),
    t.grows.root.low > 0 &&
      draft({
        code: 'core-lies-low',
        level: 'note',
        values: { low: t.grows.root.low, tip: t.grows.tip.low },
      }),
  ];
};
