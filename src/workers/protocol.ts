import type { AlongReport } from '@/core/engine/along';
import type { Estimate } from '@/core/engine/estimates';
import type { RigCut } from '@/core/engine/tune';
import type { Drawer, Weights } from '@/core/documents/drawer';
import type { PairFigures } from '@/core/documents/match';
import type { LengthWant } from '@/core/engine/match/wants';
import type { FindingCode } from '@/core/documents/reading';
import type { JobOf, OwnJob } from '@/core/documents/job';
import type { TowerKind } from '@/core/documents/towerJobs';
import type { Replay } from '@/core/documents/motion';
import type { Pt } from '@/core/numeric/polyline';
import type { Reentry } from '@/core/engine/motion/reentry';
import type { MotionView, ReplayView } from '@/core/engine/motion/view';
import type { WorksheetFigures } from '@/core/documents/worksheet';
import type { Plan } from '@/core/documents/plan';
import type { LedPass, Marks } from '@/core/engine/call/led';
import type { PlanView } from '@/core/engine/template/view';
import type { Profile } from '@/core/units/profile';
import type { Rig } from '@/core/documents/rig';
import type { SectionFile } from '@/formats/section/readSection';

/** What the page asks of the match worker. A run is cancelled by stopping the worker. */
export type MatchRequest =
  | { readonly ask: 'run'; readonly drawer: Drawer; readonly profile: Profile }
  | { readonly ask: 'rank'; readonly weights: Weights; readonly count: number }
  | { readonly ask: 'refused'; readonly code: FindingCode; readonly count: number };

/** A refused pairing in words. */
export interface RefusedRow {
  readonly wire: string;
  readonly lengthMm: number;
  readonly supply: string;
  readonly control: string;
  readonly text: string;
}
/** The best length of a wire on a supply with a control, and the other lengths that work, best first. */
export interface RankedPair extends PairFigures {
  readonly otherLengthsMm: readonly number[];
  /** Which wire, supply and control of it, by their places in the drawer: two may have one name. */
  readonly places: { readonly wire: number; readonly supply: number; readonly control: number };
}
/** How many pairings are refused for a reason, the commonest first. */
export type RefusedCount = { readonly code: FindingCode; readonly count: number };

export type MatchAnswer =
  | { readonly tell: 'progress'; readonly done: number; readonly total: number }
  | {
      readonly tell: 'done';
      readonly total: number;
      readonly working: number;
      readonly refused: readonly RefusedCount[];
      /** Lengths at which nothing works, and what most stands in the way there. */
      readonly wants: readonly LengthWant[];
      readonly ms: number;
    }
  | { readonly tell: 'ranked'; readonly pairs: readonly RankedPair[]; readonly groups: number }
  | { readonly tell: 'refused'; readonly code: FindingCode; readonly rows: readonly RefusedRow[] }
  | { readonly tell: 'fault'; readonly fault: string };

/** What the page asks of the worker for heat along the wire and over time. */
export interface AlongRequest {
  readonly id: number;
  readonly rig: Rig;
  readonly chill: { readonly thickness: number; readonly tempC: number } | null;
}
export type AlongAnswer =
  | { readonly id: number; readonly ok: true; readonly report: AlongReport }
  | { readonly id: number; readonly ok: false; readonly fault: string };

/** What the page asks of the worker that goes through the log cut by cut. A run is cancelled by stopping the worker. */
export interface EstimateRequest {
  readonly cuts: readonly RigCut[];
}
export type EstimateAnswer =
  | { readonly tell: 'progress'; readonly done: number }
  | { readonly tell: 'done'; readonly estimates: readonly Estimate[] }
  | { readonly tell: 'fault'; readonly fault: string };

/** What the page asks of the worker that works out a plan. */
export interface PlanRequest {
  readonly id: number;
  readonly plan: Plan;
  /** Passes that were led by feel, to be judged. */
  readonly led: readonly Marks[];
}
export type PlanAnswer =
  | {
      readonly id: number;
      readonly ok: true;
      readonly view: PlanView;
      readonly led: readonly LedPass[];
      readonly ms: number;
    }
  | { readonly id: number; readonly ok: false; readonly fault: string };

/** What the page asks of the worker that works out a job. */
export interface JobRequest {
  readonly id: number;
  readonly job: OwnJob;
  readonly rig: Rig;
}
export type JobAnswer =
  | { readonly id: number; readonly ok: true; readonly sheet: WorksheetFigures }
  | { readonly id: number; readonly ok: false; readonly fault: string };

/** What the page asks of the worker for motors: a job's path, or code played back. */
export interface MotionRequest {
  readonly id: number;
  readonly ask:
    | { readonly kind: 'path'; readonly job: JobOf<TowerKind>; readonly rig: Rig; readonly day: string }
    | { readonly kind: 'replay'; readonly replay: Replay }
    | { readonly kind: 'reenter'; readonly replay: Replay; readonly row: number; readonly marginMm: number };
}
export type MotionAnswer =
  | {
      readonly id: number;
      readonly ok: true;
      readonly path: MotionView | null;
      readonly replay: ReplayView | null;
      readonly reentry: Reentry | null;
    }
  | { readonly id: number; readonly ok: false; readonly fault: string };

/** A section file to be read; a run is cancelled by stopping the worker. */
export interface SectionRequest {
  readonly text: string;
  readonly toleranceMm: number;
}
export type SectionAnswer =
  { readonly ok: true; readonly file: SectionFile } | { readonly ok: false; readonly fault: string };

/** A picture to be sized down; what comes back is a JPEG without whatever the camera wrote beside it. */
export interface PictureRequest {
  readonly file: Blob;
}
export type PictureAnswer = { readonly ok: true; readonly jpeg: Blob } | { readonly ok: false };

/** Weights of the program's own face that letters can be cut in. */
export const FONT_WEIGHTS = [500, 600, 700] as const;
export type FontWeight = (typeof FONT_WEIGHTS)[number];

/** Letters that are wanted as outlines; null where nothing of them is drawn. */
export interface TextRequest {
  readonly id: number;
  readonly text: string;
  readonly capsMm: number;
  readonly weight: FontWeight;
}
export type TextAnswer =
  | {
      readonly id: number;
      readonly ok: true;
      readonly loops: readonly (readonly Pt[])[] | null;
      /** Signs that the face does not have. */
      readonly lacking: readonly string[];
    }
  | { readonly id: number; readonly ok: false; readonly fault: string };
