import type { Plan } from '../../documents/plan';
import type { Allowance } from '../../physics/shape/allowance';
import type { Times } from '../times';
import type { BlankPlan } from './blank';
import type { Allowed, ProfileDeviation } from './forecast';
import type { AtFeed } from './heat';
import type { MethodNumbers } from './method';
import type { Mount } from './mount';
import type { Pass, PassSide } from './pass';
import type { TemplatePiece } from './pieces';
import type { PullAt } from './pull';
import type { Slant } from './slant';
import type { End, NominalSection } from './nominalSection';
import type { FeedSchedule, Slots } from './feedSchedule';
import type { PlanDraft } from './planDraft';
import type { Evaluation } from '../evaluation';
/** One pass worked out: its templates, pace, pull and forecast. */
export interface PassPlan {
  readonly pass: Pass;
  readonly pieces: { readonly root: TemplatePiece; readonly tip: TemplatePiece };
  readonly paced: FeedSchedule | null;
  readonly pulls: readonly PullAt[];
  readonly forecast: readonly ProfileDeviation[];
}

/** Everything that comes of a plan. mm, s, N. */
export interface TemplatePlan {
  /** With the sections that cut templates were made for. */
  readonly plan: Plan;
  /** Kerfs that templates which are cut, or which their maker has, allow for; null while they follow. */
  readonly allowed: Slots | null;
  /** Kerfs of both ends at their own feeds, mm. */
  readonly slots: Slots;
  /** Kerfs that the edges of a pass allow for from place to place; null where these are `slots`. */
  readonly allowing: ((side: PassSide) => Allowed) | null;
  /** Whether any edge is one that its maker has. */
  readonly own: boolean;
  /** Whether the piece has become another since they were cut. */
  readonly other: boolean;
  readonly wanted: Readonly<Record<End, NominalSection>>;
  readonly feed: Readonly<Record<End, number | null>>;
  readonly slot: Readonly<Record<End, number | null>>;
  readonly grows: Readonly<Record<End, Allowance>>;
  readonly passes: readonly PassPlan[];
  readonly seconds: number | null;
  readonly method: MethodNumbers;
  readonly blank: BlankPlan;
  readonly mounts: Readonly<Record<End, Mount>>;
  readonly heat: AtFeed | null;
  readonly slant: Slant;
  readonly evaluation: Evaluation;
  readonly times: Times | null;
  readonly findings: readonly PlanDraft[];
}
