import type { Level } from '../../documents/reading';
import { signedArea } from '../../numeric/polyline';
import { noseRadius, insideCorner, sectionFaults } from './check';
import { drafts } from '../drafts';
import { asCut, ownEdges, turned } from './existingFindings';
import { material } from './materialFindings';
import { taperOf } from './method';
import { dowelsOf } from './planform';
import type { PlanDraft } from './planDraft';
import type { Known, Finder } from './planFinder';

/** Keeps each literal's own type apart from its neighbours'. */
const draft = (d: PlanDraft): PlanDraft => d;

const RANK: Record<Level, number> = { stop: 0, fix: 1, note: 2 };
/** A lead-in or tail must leave the foam's margin behind it by this, mm. Ours. */
const CLEAR = 10;

const rig: Finder = (t) => {
  const stop = drafts(t.evaluation).find((d) => d.level === 'stop');
  return [
    stop && draft({ code: 'rig-stopped', level: 'stop', values: { code: stop.code } }),
    !t.heat && !stop && draft({ code: 'no-feed', level: 'stop', values: {} }),
  ];
};

const sections: Finder = (t) =>
  (['root', 'tip'] as const).flatMap((end): PlanDraft[] => {
    const w = t.wanted[end];
    const slot = t.slot[end];
    // One that crosses itself was refused before anything was drawn.
    const out = sectionFaults(t.plan.piece[end].section).map((f): PlanDraft => ({
      code: 'section-doubled',
      level: 'note',
      values: { end, x: f.at[0], y: f.at[1] },
    }));
    if (slot === null) return out;
    const radius = noseRadius(w);
    if (radius < slot / 2)
      out.push({
        code: 'nose-sharp',
        level: 'fix',
        values: { end, radius, slot },
        patch: { piece: { finish: { squareNoseMm: Math.ceil(3 * slot) } } },
      });
    const left = insideCorner(w, slot / 2);
    if (left > 0.02)
      out.push({ code: 'inside-corner', level: 'note', values: { end, radius: slot / 2, left } });
    const tail = w.top.at(-1)![1] - w.bottom.at(-1)![1];
    const thick = Math.abs(signedArea(w.loop)) / w.chord;
    // A thickness away from the tail: what is thinner than the kerf there comes out as lace.
    if (tail < 0.98 && tail < 0.2 * thick && w.plain)
      out.push({
        code: 'tail-thin',
        level: 'note',
        values: { end, tail, least: 1 },
        patch: { piece: { finish: { leastTailMm: 1 } } },
      });
    return out;
  });

const ends: Finder = (t) => {
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

/** Foam that should stay over and under a dowel's hole, mm. Ours. */
const LEAST_WALL = 2;

const block: Finder = (t) => {
  const b = t.blank;
  const { plan } = t;
  const width = plan.piece.spanMm / b.lengths;
  return [
    !b.fits &&
      draft({ code: 'blank-too-small', level: 'stop', values: { ...b.lacks }, patch: { blank: enough(t) } }),
    plan.blank !== null &&
      plan.blank.lengthMm > plan.piece.spanMm + 1 &&
      draft({
        code: 'block-too-long',
        level: 'fix',
        values: {
          length: plan.blank.lengthMm,
          span: plan.piece.spanMm,
          each: (plan.blank.lengthMm - plan.piece.spanMm) / 2,
        },
        patch: { blank: { ...plan.blank, lengthMm: plan.piece.spanMm } },
      }),
    ...plan.template.slots.map(({ widthMm }) => {
      const kerf = Math.max(t.slot.root ?? 0, t.slot.tip ?? 0);
      return (
        kerf > widthMm && draft({ code: 'slot-too-narrow', level: 'fix', values: { width: widthMm, kerf } })
      );
    }),
    ...(['root', 'tip'] as const).flatMap((end) =>
      dowelsOf(plan.piece.dowels, t.wanted[end]).map(
        (d) =>
          d.wallMm < LEAST_WALL &&
          draft({
            code: 'dowel-too-thick',
            level: 'fix',
            values: { end, hole: d.diameterMm, wall: Math.max(0, d.wallMm), least: LEAST_WALL },
          }),
      ),
    ),
    b.layers > 1 &&
      draft({
        code: 'stock-too-thin',
        level: 'note',
        values: { layers: b.layers, have: b.boardMm, want: b.smallest.heightMm },
      }),
    b.lengths > 1 &&
      draft({
        code: 'longer-than-bow',
        level: 'fix',
        values: { lengths: b.lengths, most: b.longestMm, span: plan.piece.spanMm },
      }),
    Math.abs(plan.rig.foam.widthMm - width) > 1 &&
      draft({
        code: 'width-differs',
        level: 'fix',
        values: { rig: plan.rig.foam.widthMm, piece: width },
      }),
  ];
};

/** A blank that is large enough, with the margins and skins of the one there is. */
function enough(t: Known) {
  const b = t.plan.blank!;
  const s = t.blank.smallest;
  return {
    lengthMm: Math.max(b.lengthMm, s.lengthMm),
    widthMm: Math.max(b.widthMm, s.widthMm),
    heightMm: Math.max(b.heightMm, s.heightMm),
  };
}

const driving: Finder = (t) => {
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

const foreseen: Finder = (t) => {
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

const FINDERS: Finder[] = [rig, sections, ends, material, block, driving, foreseen, asCut, ownEdges, turned];

/** What is wrong with a plan, the worst first. */
export function planFindings(t: Known): PlanDraft[] {
  return FINDERS.flatMap((f) => f(t))
    .filter((d): d is PlanDraft => !!d)
    .sort((a, b) => RANK[a.level] - RANK[b.level]);
}
