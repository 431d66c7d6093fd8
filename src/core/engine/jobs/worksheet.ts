import type { Job, OwnJob } from '../../documents/job';
import type { JobKind } from '../../documents/jobKinds';
import type { JobFindingFigures, WorksheetFigures } from '../../documents/worksheet';
import { drafts, figuresOf, RANK } from '../drafts';
import type { Patch } from '../findings/draft';
import { fixesOf } from '../fixes';
import { segments } from './board/segments';
import { build } from './build/build';
import { commonValues, jobCut, type JobCut } from './cut';
import { groove } from './loop/groove';
import { sheets } from './slicer/sheets';
import { cutout } from './table/cutout';
import { disc } from './table/disc';
import { comb, core, outline, turned } from './towers/towers';
import { strips } from './table/strips';
import { finding, type JobWork, type KnownCut } from './work';

/** Every kind of job, in the one table that names them. */
const WORK: { readonly [K in JobKind]: JobWork<K> } = {
  sheets,
  strips,
  disc,
  cutout,
  groove,
  segments,
  outline,
  core,
  turned,
  comb,
  build,
};

/**
 * A job worked out on its rig: settings with the kerf allowed for, steps with what should be read, parts, time and findings. Where the
 * rig is stopped, or the wire does not cut, no step is given.
 */
export function worksheetOf(job: Job): WorksheetFigures {
  const { rig, ...own } = job;
  return cutOn(own as OwnJob, rig).sheet;
}

/** The same beside the cut that it goes by. */
export function cutOn(job: OwnJob, rig: Job['rig']): { sheet: WorksheetFigures; cut: JobCut } {
  const work = WORK[job.kind] as JobWork<JobKind>;
  const cut = jobCut(work.use(job, rig), work.most);
  const all = drafts(cut.e);
  const found = all.map((draft) => ({
    ...figuresOf(draft),
    fixes:
      draft.level === 'note'
        ? []
        : fixesOf(draft, all, cut.e, null).flatMap(({ patch }) => (isOfRig(patch) ? [{ patch }] : [])),
  }));
  const stopped = found.some((f) => f.level === 'stop');
  const known = cut.feed !== null && cut.kerf !== null;
  const made = known ? work.work(job, cut as KnownCut) : null;
  const own = made
    ? [...made.findings, ...fades(cut, made.timeS)]
    : stopped
      ? []
      : [finding('no-feed', 'stop')];
  const findings = [...own, ...found].sort((a, b) => RANK[a.level] - RANK[b.level]);
  const sheet: WorksheetFigures = {
    format: 'upwind-rod/worksheet',
    version: 1,
    kind: job.kind,
    rig: cut.rig,
    values: { ...commonValues(cut), ...(made?.values ?? {}) },
    steps: made && !findings.some((f) => f.level === 'stop') ? made.steps : [],
    parts: [...(made?.parts ?? [])],
    materials: [...(made?.materials ?? [])],
    timeS: made?.timeS ?? null,
    findings,
  };
  return { sheet, cut };
}

/** Max feed that falls by more than this share as a battery empties is told; so is a job that takes more than the other of it. Ours. */
const FADE_SHARE = 0.1;
const LONG_SHARE = 0.3;

/** What a battery does in a job of so many seconds: it runs out, or its feed falls on the way. */
function fades({ e: { battery } }: JobCut, seconds: number | null): JobFindingFigures[] {
  if (!battery || battery.minutes === null || seconds === null) return [];
  const takes = seconds / 60;
  const [full, empty] = battery.fastestFeedMmS;
  const values = { takesMin: takes, lastsMin: battery.minutes, fullMmS: full, emptyMmS: empty };
  if (takes > battery.minutes) return [finding('battery-runs-out', 'fix', values)];
  const falls = full !== null && (empty === null || empty < (1 - FADE_SHARE) * full);
  return falls && takes > LONG_SHARE * battery.minutes ? [finding('battery-fades', 'note', values)] : [];
}

/** Whether a patch holds for the rig as it stands too: foam and length of the wire are the job's. */
function isOfRig(patch: Patch): boolean {
  const wire = patch['wire'] as Readonly<Record<string, unknown>> | undefined;
  return patch['foam'] === undefined && wire?.['lengthMm'] === undefined;
}
