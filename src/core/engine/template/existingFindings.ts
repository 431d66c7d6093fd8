import { settingForKerf } from './cutTemplate';
import { signedDistance } from '../../numeric/inside';
import { turnedAbout, turnLine } from './chordLine';
import { pullOf } from './driven';
import { heightAt } from '../../physics/shape/surfaces';
import type { End, NominalSection } from './nominalSection';
import type { PlanDraft } from './planDraft';
import type { Finder } from './planFinder';

const draft = (d: PlanDraft): PlanDraft => d;

/** What is off by less than this part of the tolerance a face is not worth a word. Ours. */
const NOTE_SHARE = 4;

/** Templates that are cut: what they allow for beside what this heat melts, and which heat would fit them. */
export const asCut: Finder = (t) => {
  const { allowed, slot, feed, heat, plan } = t;
  const other = t.other && draft({ code: 'template-other-section', level: 'fix', values: {} });
  if (!allowed || !heat || slot.root === null || slot.tip === null) return [other];
  const off = (end: End) => slot[end]! - allowed[end];
  const end = Math.abs(off('root')) >= Math.abs(off('tip')) ? 'root' : 'tip';
  const each = Math.abs(off(end)) / 2;
  if (each <= plan.toleranceMm / NOTE_SHARE) return [other];
  // A drive that nobody leads takes another feed at another heat: no setting is named for it.
  const led = pullOf(plan) === null;
  return [
    other,
    draft({
      code: 'template-other-kerf',
      level: each > plan.toleranceMm ? 'fix' : 'note',
      values: {
        end,
        allowed: allowed[end],
        kerf: slot[end],
        off: off(end) / 2,
        led: led ? 'yes' : 'no',
        control: plan.rig.control.kind,
        setting: led ? settingForKerf(plan.rig, feed[end]!, allowed[end] / t.slant.stretch) : null,
        // Where the feed follows the heat it has to be held first, or the kerf hardly changes.
        hold: plan.rig.cut.feedMmS === null ? heat.advised : null,
      },
    }),
  ];
};

/** Edges that their maker has: where the core comes out furthest from what is wanted by them, and how far. */
export const ownEdges: Finder = (t) => {
  if (!t.own || !t.heat) return [];
  let worst: { off: number; end: End; side: string; station: number } | null = null;
  for (const p of t.passes)
    for (const f of p.forecast)
      for (const end of ['root', 'tip'] as const)
        if (!worst || Math.abs(f[end]) > Math.abs(worst.off))
          worst = { off: f[end], end, side: p.pass.side, station: Math.round(f.at) };
  const tol = t.plan.toleranceMm;
  if (!worst || Math.abs(worst.off) <= tol / NOTE_SHARE) return [];
  return [
    draft({
      code: 'own-edge-off',
      level: Math.abs(worst.off) > tol ? 'fix' : 'note',
      values: { ...worst, tolerance: tol },
    }),
  ];
};

/** One template for both faces: where a section's faces are not alike, what comes out in place of it. */
export const turned: Finder = (t) => {
  if (t.plan.template.split !== 'turned') return [];
  const side = t.plan.template.firstCut;
  const off = (['root', 'tip'] as const).map((end) => {
    const w = t.wanted[end];
    const face = w[side];
    const again = turnedAbout(turnLine(w), face);
    const gap = (points: readonly (readonly [number, number])[]) =>
      Math.max(...face.map((p, i) => Math.abs(p[1] - points[i]![1])));
    return {
      end,
      off: Math.max(...again.map((p) => Math.abs(signedDistance(w.loop, p)))),
      thick: gap(again),
      wanted: thickest(w),
    };
  });
  const worst = off.reduce((a, b) => (b.off > a.off ? b : a));
  const { root, tip } = t.plan.piece;
  const slants = Math.max(Math.abs(root.twistDeg), Math.abs(tip.twistDeg));
  return [
    worst.off > t.plan.toleranceMm / NOTE_SHARE &&
      draft({
        code: 'turned-not-alike',
        level: worst.off > t.plan.toleranceMm ? 'fix' : 'note',
        values: { ...worst, side },
        patch: { template: { split: 'top-bottom' } },
      }),
    t.plan.template.pinnedTo === 'block-bottom' &&
      (slants > 0 || tip.offsetMm[1] !== 0) &&
      draft({
        code: 'turned-slants',
        level: 'stop',
        values: { twist: slants, up: tip.offsetMm[1] },
        patch: { template: { pinnedTo: 'core' } },
      }),
  ];
};

/** Thickness of a section where it is thickest, mm. */
const thickest = (w: NominalSection): number =>
  Math.max(...w.top.map(([x, y]) => y - (heightAt(w.bottom, x) ?? y)));
