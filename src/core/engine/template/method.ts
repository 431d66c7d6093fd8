import type { Plan } from '../../documents/plan';
import { GRAVITY as G_N } from '../../physics/heat/loss';
import { dragCentre, shareForPull } from '../../physics/tension/pulled';
import { anchorFor, anchoredRatio, armRadius } from '../../physics/shape/taper';
import { hungOn, pullOf } from './driven';
import type { AtFeed } from './heat';
import { pulledOf } from './pulledWire';
import type { Pass } from './pass';
import type { Evaluation } from '../evaluation';

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
      const fallDeg = ((root + plan.template.leadInMm + plan.template.tailMm) / rootRadius) * (180 / Math.PI);
      return {
        ...common,
        ...hungOn(h, { root, tip }, { reach: m.maxRadiusMm, root: rootRadius, tip: tipRadius, fallDeg }),
        tipRadiusMm: tipRadius,
        rootRadiusMm: rootRadius,
        fits,
        wantedRootRadiusMm: wanted,
        // A cord clamped at a radius pays out its arc: that is how far the arm must fall for the whole pass.
        fallDeg,
        mirrorNearMm: tipRadius,
        mirrorFarMm: rootRadius,
      };
    }
    case 'lever': {
      const short = (m.armMm * Math.min(root, tip)) / long;
      const [r, t] = root >= tip ? [m.armMm, short] : [short, m.armMm];
      const fallDeg = (long / m.armMm) * (180 / Math.PI);
      return {
        ...common,
        ...hungOn(h, { root, tip }, { reach: m.armMm, root: r, tip: t, fallDeg }),
        longMarkMm: m.armMm,
        shortMarkMm: short,
        longEnd: root >= tip ? 'root' : 'tip',
        fallDeg,
      };
    }
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
      const share = shareForPull(pulledOf(e), pullOf(plan)!);
      return { ...common, pullN: m.pullN, feedMmS: h && share !== null ? share * h.fastest : null };
    }
    case 'gravity': {
      const pull = pullOf(plan)!;
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
