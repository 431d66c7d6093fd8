import type { PiecePlan } from '../../documents/plan';
import type { Method } from '../../documents/method';
import type { TemplatesDocument } from '../../documents/templates';
import type { Allowance } from '../../physics/shape/allowance';
import type { Pt } from '../../numeric/polyline';
import type { BlankPlan } from './blank';
import type { ProfileDeviation } from './forecast';
import { taperOf, type MethodNumbers } from './method';
import type { Mount } from './mount';
import type { Line, Node, PassSide } from './pass';
import { chordLine } from './chordLine';
import { dowelsOf, planformOf, type DowelHole, type Planform } from './planform';
import type { TemplatePiece } from './pieces';
import type { PullAt } from './pull';
import { worstOf } from './written';
import type { End } from './nominalSection';
import type { Leg, Wait } from './feedSchedule';
import type { PlanDraft } from './planDraft';
import type { TemplatePlan } from './templatePlan';

type Both<T> = Readonly<Record<End, T>>;

/** A pass as plain data. */
export interface PassView {
  readonly side: PassSide;
  readonly nodes: readonly Node[];
  readonly lines: Both<Line>;
  readonly pieces: Both<TemplatePiece>;
  readonly arrive: readonly number[];
  readonly leave: readonly number[];
  readonly legs: readonly Leg[];
  readonly waits: readonly Wait[];
  readonly pulls: readonly PullAt[];
  readonly forecast: readonly ProfileDeviation[];
}
/** Everything that comes of a plan as plain data, to cross from a worker to a page. mm, s, N, g. */
export interface PlanView {
  readonly plan: PiecePlan;
  readonly sections: Both<readonly Pt[]>;
  /** Nose and tail of each end's chord line, as its templates are marked. */
  readonly chords: Both<readonly [Pt, Pt]>;
  readonly feed: Both<number | null>;
  readonly slot: Both<number | null>;
  readonly grows: Both<Allowance>;
  readonly passes: readonly PassView[];
  readonly seconds: number | null;
  readonly method: MethodNumbers;
  readonly kind: Method['kind'];
  readonly blank: BlankPlan;
  readonly planform: Planform;
  /** Holes for dowels in each face, as the sections are laid out. */
  readonly dowels: Both<readonly DowelHole[]>;
  readonly mounts: Both<Mount>;
  readonly findings: readonly PlanDraft[];
  readonly worst: TemplatesDocument['forecast'];
  /** Of the rig, mm/s and mm; null where it cuts nothing. */
  readonly advised: number | null;
  readonly fastest: number | null;
  readonly slowest: number | null;
  readonly lag: number | null;
  readonly diameter: number;
  readonly warmUpS: number | null;
  readonly coolDownS: number | null;
  readonly wireC: number;
  readonly taper: number;
}

function chordOf(t: TemplatePlan, end: End): readonly [Pt, Pt] {
  const [nose, tail] = t.wanted[end].lay(chordLine(t.wanted[end]));
  return [nose!, tail!];
}

/** Free foam beside a core whose blank nobody set, mm. */
const MARGIN = 15;

/** The block of a planned piece about both ends as they lie in it, mm. */
export function blockOf(view: Pick<PlanView, 'blank' | 'plan'>): {
  x0: number;
  x1: number;
  y0: number;
  y1: number;
} {
  const { box, smallest } = view.blank;
  const { widthMm, heightMm } = view.plan.blank ?? smallest;
  const x0 = box.x0 - (view.plan.blank?.marginMm ?? MARGIN);
  const middle = (box.y0 + box.y1) / 2;
  return { x0, x1: x0 + widthMm, y0: middle - heightMm / 2, y1: middle + heightMm / 2 };
}

/** A plan that was worked out, without its functions. */
export function viewOf(t: TemplatePlan): PlanView {
  const { rig: _, ...plan } = t.plan;
  const h = t.heat;
  return {
    plan,
    sections: { root: t.wanted.root.lay(t.wanted.root.loop), tip: t.wanted.tip.lay(t.wanted.tip.loop) },
    chords: { root: chordOf(t, 'root'), tip: chordOf(t, 'tip') },
    feed: t.feed,
    slot: t.slot,
    grows: t.grows,
    passes: t.passes.map((p) => ({
      side: p.pass.side,
      nodes: p.pass.nodes,
      lines: { root: p.pass.root, tip: p.pass.tip },
      pieces: p.pieces,
      arrive: p.paced?.arrive ?? [],
      leave: p.paced?.leave ?? [],
      legs: p.paced?.legs ?? [],
      waits: p.paced?.waits ?? [],
      pulls: p.pulls,
      forecast: p.forecast,
    })),
    seconds: t.seconds,
    method: t.method,
    kind: t.plan.method.kind,
    blank: t.blank,
    planform: planformOf(t.plan, t.wanted, t.blank),
    dowels: {
      root: dowelsOf(t.plan.piece.dowels, t.wanted.root),
      tip: dowelsOf(t.plan.piece.dowels, t.wanted.tip),
    },
    mounts: t.mounts,
    findings: t.findings,
    worst: { root: worstOf(t, 'root'), middle: worstOf(t, 'middle'), tip: worstOf(t, 'tip') },
    advised: h?.advised ?? null,
    fastest: h?.fastest ?? null,
    slowest: h?.slowest ?? null,
    lag: h ? h.lag(h.advised) : null,
    diameter: t.evaluation.s.diameter * 1000,
    warmUpS: t.times?.warmUp ?? null,
    coolDownS: t.times?.coolDown ?? null,
    wireC: t.evaluation.idle.airC,
    taper: taperOf(t.passes.map((p) => p.pass)),
  };
}
