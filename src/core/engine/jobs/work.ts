import type { JobOf } from '../../documents/job';
import type { JobKind } from '../../documents/jobKinds';
import type { Rig } from '../../documents/rig';
import type {
  JobFindingFigures,
  MaterialFigures,
  Part,
  StepFigures,
  WorksheetFigures,
} from '../../documents/worksheet';
import type { StepCode } from '../../documents/stepCodes';
import type { JobCode } from '../../documents/jobCodes';
import type { Level, Values } from '../../documents/reading';
import type { JobCut } from './cut';

/** What a job works out, beside the feed and the kerf that it goes by. */
export interface Worked {
  readonly values: WorksheetFigures['values'];
  readonly steps: readonly StepFigures[];
  readonly parts: readonly Part[];
  readonly materials?: readonly MaterialFigures[];
  readonly timeS: number | null;
  readonly findings: readonly JobFindingFigures[];
}

/** A cut that is known: the wire cuts this foam at this feed. */
export type KnownCut = JobCut & { readonly feed: number; readonly kerf: number };

/** One kind of job: how it uses the rig, how fast it may be led, and what comes of it. */
export interface JobWork<K extends JobKind> {
  /** The rig with the job's foam before the wire, tilted and lengthened as it is used. */
  readonly use: (job: JobOf<K>, rig: Rig) => Rig;
  /** Largest share of the max feed; null: the rig's own feed. */
  readonly most: number | null;
  readonly work: (job: JobOf<K>, cut: KnownCut) => Worked;
}

/** The rig with another foam before its wire, mm. */
export const withFoam = (rig: Rig, widthMm: number, heightMm: number | null): Rig => ({
  ...rig,
  foam: { ...rig.foam, widthMm: held(widthMm), heightMm: heightMm === null ? null : held(heightMm) },
});
/** Bounds of a foam's and a wire's sizes in a rig, mm. */
const held = (mm: number) => Math.min(20000, Math.max(1, mm));
/** The rig with its wire at another length, mm; ohms that were measured of it go with the length. */
export function withWire(rig: Rig, lengthMm: number): Rig {
  const long = held(lengthMm);
  const { measuredOhm, lengthMm: was } = rig.wire;
  return {
    ...rig,
    wire: {
      ...rig.wire,
      lengthMm: long,
      measuredOhm: measuredOhm === null ? null : (measuredOhm * long) / was,
    },
  };
}

export const finding = (code: JobCode, level: Level, values: Values = {}): JobFindingFigures => ({
  code,
  level,
  values: { ...values },
  fixes: [],
});

export const step = (
  code: StepCode,
  values: Values = {},
  shouldRead: StepFigures['shouldRead'] = null,
): StepFigures => ({ code, values: { ...values }, shouldRead });

type Unit = NonNullable<StepFigures['shouldRead']>['unit'];
/** What should be read, give or take. */
export const reads = (value: number, unit: Unit, give: number): StepFigures['shouldRead'] => ({
  value,
  unit,
  low: value - give,
  high: value + give,
});

/** The findings that there are. */
export const only = (...found: readonly (JobFindingFigures | false | null)[]): JobFindingFigures[] =>
  found.filter((f) => f !== false && f !== null);

/** What every job begins with: the heat. */
export const heatStep = (c: KnownCut): StepFigures =>
  step('set-heat', {
    setting: c.rig.control.setting,
    control: c.rig.control.kind,
    volts: c.rig.supply.volts,
    amps: c.e.idle.amps,
    warmUpS: c.warmUpS,
  });

/** Feed at which foam sinks onto an idling wire by itself, as a share of the max feed. Common practice, no source. */
const REST_SHARE = 0.3;
/** What a table's job begins with: how the heat is found before the first cut, and at what feed foam then sinks in. */
export const tableHeat = (c: KnownCut): StepFigures[] => [
  step('rest-first', { feedMmS: REST_SHARE * (c.fastest ?? c.feed) }),
  heatStep(c),
];

/** How truly a hand sets a length by rule or tape, mm. Common practice, no source. */
export const SET_MM = 0.3;
/** How evenly a hand leads, as a share of the time. Common practice, no source. */
const EVEN_SHARE = 0.1;
/** A tone a centimetre leads a hand, mm. Common practice, no source. */
export const TONE_MM = 10;

/** Seconds that a hand should take, give or take. */
export const readsTime = (seconds: number) => reads(seconds, 's', EVEN_SHARE * seconds);

/** Pushing foam along a path by hand, to a tone. mm. */
export const pushStep = (c: KnownCut, along: number): StepFigures =>
  step('push', { feedMmS: c.feed, secondsPerTone: TONE_MM / c.feed }, readsTime(along / c.feed));
