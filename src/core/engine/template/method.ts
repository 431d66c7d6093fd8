import type { Plan } from '../../documents/plan';
import { GRAVITY as G_N } from '../../physics/heat/loss';
import { dragCentre, shareForPull, type Pulled } from '../../physics/tension/pulled';
import { anchorFor, anchoredRatio, armRadius } from '../../physics/shape/taper';
import type { Evaluation } from '../evaluate';
import type { AtFeed } from './heat';
import type { Pass } from './passes';

export type MethodNumbers = Record<string, number | string | boolean | null>;

/** Way of an end over the stations of a pass, mm. */
export function edgeLength(line: Pass['root']): number {
  return line.nodes[line.nodes.length - 2]! - line.nodes[1]!;
}

/** Long way over short way of the two ends of the longest pass. */
export function taperOf(passes: readonly Pass[]): number {
  return Math.max(
    ...passes.map((p) => {
      const r = edgeLength(p.root);
      const t = edgeLength(p.tip);
      return Math.max(r, t) / Math.min(r, t);
    }),
  );
}

/** The wire over the span of a plan's foam as something pulled. */
export function pulledOf(e: Evaluation): Pulled {
  return { stress10: e.s.stress10, diameter: e.s.diameter, width: e.s.width };
}

/** How the two ends are driven, in numbers: mm, N, grams, degrees, mm/s. */
export function methodOf(plan: Plan, passes: readonly Pass[], e: Evaluation, h: AtFeed | null): MethodNumbers {
  const first = passes[0]!;
  const root = edgeLength(first.root);
  const tip = edgeLength(first.tip);
  const long = Math.max(root, tip);
  const feeds = h && { root: (h.advised * root) / long, tip: (h.advised * tip) / long };
  const hold =
    h && feeds ? dragCentre(pulledOf(e), feeds.root / h.fastest, feeds.tip / h.fastest) / e.s.width : 0.5;
  const span = plan.piece.spanMm;
  const common: MethodNumbers = {
    kind: plan.method.kind,
    rootPathMm: root,
    tipPathMm: tip,
    holdFromRootMm: hold * span,
    pressEnd: root === tip ? 'neither' : root > tip ? 'root' : 'tip',
  };
  const m = plan.method;
  switch (m.kind) {
    case 'two-person':
    case 'single-pass':
      return common;
    case 'swing-arm': {
      const wanted = armRadius(m.tipRadiusMm, tip, root);
      const tipLimit = tip >= root ? m.tipRadiusMm : armRadius(m.maxRadiusMm, root, tip);
      const fits = Math.max(wanted, m.tipRadiusMm) <= m.maxRadiusMm;
      const tipRadius = fits ? m.tipRadiusMm : Math.min(tipLimit, m.maxRadiusMm);
      const rootRadius = armRadius(tipRadius, tip, root);
      return {
        ...common,
        tipRadiusMm: tipRadius,
        rootRadiusMm: rootRadius,
        fits,
        wantedRootRadiusMm: wanted,
        // A cord clamped at a radius pays out its arc: that is how far the arm must fall for the whole pass.
        fallDeg: ((root + plan.template.leadInMm + plan.template.tailMm) / rootRadius) * (180 / Math.PI),
        mirrorNearMm: tipRadius,
        mirrorFarMm: rootRadius,
      };
    }
    case 'lever':
      return {
        ...common,
        longMarkMm: m.armMm,
        shortMarkMm: (m.armMm * Math.min(root, tip)) / long,
        longEnd: root >= tip ? 'root' : 'tip',
        fallDeg: (long / m.armMm) * (180 / Math.PI),
      };
    case 'anchored': {
      const near = Math.max(plan.piece.root.chordMm, plan.piece.tip.chordMm);
      const far = Math.min(plan.piece.root.chordMm, plan.piece.tip.chordMm);
      const ratio = anchoredRatio(m.anchorMm, span);
      const straight = plan.piece.twistAbout[0];
      return {
        ...common,
        nearEnd: plan.piece.root.chordMm >= plan.piece.tip.chordMm ? 'root' : 'tip',
        anchorMm: m.anchorMm,
        ratio,
        farChordMm: near * ratio,
        wantedFarChordMm: far,
        anchorWantedMm: anchorFor(far / near, span),
        straightShare: straight,
        coldCheckMm: straight * near * ratio,
      };
    }
    case 'equal-pull': {
      const share = shareForPull(pulledOf(e), 2 * m.pullN);
      return { ...common, pullN: m.pullN, feedMmS: h && share !== null ? share * h.fastest : null };
    }
    case 'gravity': {
      const pull = ((m.massG - m.counterG) / 1000) * G_N - m.frictionN;
      const share = shareForPull(pulledOf(e), pull);
      return {
        ...common,
        pullN: pull,
        feedMmS: h && share !== null ? share * h.fastest : null,
        counterForAdvisedG: h ? m.massG - ((h.drag(h.advised) + m.frictionN) / G_N) * 1000 : null,
      };
    }
  }
}
