import type { Job, JobOf } from '../../documents/job';
import type { Machine } from '../../documents/machine';
import type { MotionFigures } from '../../documents/motion';
import type { TowerKind } from '../../documents/towerJobs';
import type { JobCut } from '../jobs/cut';
import { atFeedOf, type AtFeed } from '../template/heat';
import { combPath, type CombPath } from './comb';
import { corePath, type CorePath } from './core';
import { forecastOf } from './cutting';
import { judge } from './judge';
import { Found } from './judged';
import { outlinePath } from './outline';
import type { OutlinePath } from './wayOver';
import type { JobPath } from './path';
import { endsOf } from './play';
import { turnedPath, type TurnedPath } from './turned';
import { writeCode, type Written } from './write';
import { motionCut, type TowerJob } from './motionCut';
import { rigStops, stretches, seenFrom } from './motionSeen';

export interface PathOf {
  readonly outline: OutlinePath;
  readonly core: CorePath;
  readonly turned: TurnedPath;
  readonly comb: CombPath;
}
/** A job's path with what a drawing needs of it, beside its document. */
export interface Motion<P extends JobPath = JobPath> {
  readonly figures: MotionFigures;
  readonly path: P | null;
}

type Work<K extends TowerKind> = (job: JobOf<K>, h: AtFeed, cut: JobCut, found: Found) => PathOf[K] | null;
const PATHS: { readonly [K in TowerKind]: Work<K> } = {
  outline: outlinePath,
  core: corePath,
  turned: turnedPath,
  comb: combPath,
};

/** The path of a job on motor towers: where the wire goes, how long it takes, its code, and what is foretold of it. `day`: for the code's head. */
export function motionOf<J extends TowerJob>(
  asked: J,
  rig: Job['rig'],
  day: string | null = null,
): Motion<PathOf[J['kind']]> {
  const job: TowerJob = asked;
  const found = new Found();
  const { cut, stretch } = motionCut(job, rig);
  rigStops(found, cut);
  motorsLoad(found, cut, job.machine);
  const h = atFeedOf(cut.e, stretch);
  if (!h) found.add('no-feed', 'stop', null);
  const path = h && (PATHS[job.kind] as Work<TowerKind>)(job, h, cut, found);
  if (!h || !path)
    return {
      path: null,
      figures: {
        format: 'upwind-rod/motion',
        version: 1,
        passes: [],
        bridgesMm: null,
        wireStretchMm: 0,
        code: '',
        timeS: 0,
        forecast: null,
        deviations: [],
        core: null,
        findings: found.list(),
      },
    };
  const { code, program } = coded(path, job, rig, h.advised, day);
  const played = { ...path.played, program };
  // Figures go by what the code itself tells, as they do where it is read back: how the wire slants is seen from its ends.
  const seen = job.kind === 'core' ? seenFrom(played, path.block, rig) : { h, cutting: path.cutting };
  const own = { ...path, program, played, cutting: seen.cutting ?? path.cutting };
  judge(found, played, own.cutting, seen.h, job.machine, path.block, spindleOf(job));
  slower(found, own, seen.h ?? h);
  stretches(found, played, rig);
  const findings = found.list();
  return {
    path: own as unknown as PathOf[J['kind']],
    figures: {
      format: 'upwind-rod/motion',
      version: 1,
      passes: passesOf(path, job),
      bridgesMm: path.bridgesMm,
      wireStretchMm: played.wireMm[1] - played.wireMm[0],
      code: findings.some((f) => f.level === 'stop') ? '' : code,
      timeS: played.total,
      forecast: forecastOf(played, own.cutting),
      deviations: [...path.deviations],
      core: path.core,
      findings,
    },
  };
}

export const spindleOf = (job: TowerJob): number | null => (job.kind === 'turned' ? job.spindleMm : null);

/** Motors that hang on the wire's own supply: their current adds to the wire's. */
function motorsLoad(found: Found, cut: JobCut, { motorsA }: Machine): void {
  const { load, s } = cut.e;
  const most = s.drive.maxAmps;
  if (motorsA !== null && most !== null && load.worstAmps + motorsA > most)
    found.add('motors-load', 'fix', null, { wire: load.worstAmps, motors: motorsA, most });
}

function passesOf(path: JobPath, { machine: m }: TowerJob): MotionFigures['passes'] {
  const { moves } = path.program;
  const angle = (i: number) => (m.turn ? moves[i]!.at.at(-1)! : 0);
  const out = new Map<number, MotionFigures['passes'][number]>();
  moves.forEach((move, i) => {
    const p = path.passOf[i]!;
    if (!out.has(p)) out.set(p, { turnDeg: 0, kerfMm: path.kerfMm, nodes: [] });
    const pass = out.get(p)!;
    if (path.what[i] === 'loop') pass.turnDeg = angle(i);
    const { left, right } = endsOf(m, move.at);
    pass.nodes.push({ left, right, askedS: move.askedS, takesS: path.played.takes[i]!, what: path.what[i]! });
  });
  return [...out.values()];
}

const short = (x: number) => String(Number(x.toPrecision(3)));

/** The program as code, its head in words, and with the line of its code at each move: what is found is told by it. */
function coded(path: JobPath, job: TowerJob, rig: Job['rig'], feed: number, day: string | null) {
  const m = job.machine;
  const head = [
    job.name || job.kind,
    ...(day ? [day] : []),
    `rig ${rig.name || 'without a name'}, ${rig.foam.kind} ${short(rig.foam.densityKgM3)} kg/m3`,
    `kerf ${short(path.kerfMm)} mm, feed ${short(feed)} mm/s`,
    ...path.head,
    `block ${path.block.map(short).join(' x ')} mm, zero is its front lower edge`,
    m.code.feed === 'G93'
      ? 'F is one over the minutes of each move'
      : `F is the speed of ${m.code.means === 'all' ? 'all axes together' : m.code.means === 'xyz' ? 'X Y Z' : 'X Y'}`,
  ];
  const out: Written[] = head.map((comment) => ({ comment }));
  path.program.moves.forEach((move, i) => {
    const note = path.notes.get(i);
    const { line: _, ...rest } = move;
    // What a hand must do stands on the line of its pause; all else before its move.
    if (note !== undefined && move.kind !== 'pause') out.push({ comment: note });
    if (note !== undefined && move.kind === 'pause') out.push({ ...rest, note });
    else out.push(path.what[i] === 'heat' && move.kind === 'wait' ? { ...rest, note: 'warm-up' } : rest);
  });
  const { code, lineOf } = writeCode(m, path.program.start, out);
  const lines = lineOf.filter((_, i) => !('comment' in out[i]!));
  const moves = path.program.moves.map((move, i) => ({ ...move, line: lines[i]! }));
  return { code, program: { ...path.program, moves } };
}

/** How much longer than asked the machine takes, and how much wider that makes a kerf. */
function slower(found: Found, path: JobPath, h: AtFeed): void {
  let extra = 0;
  let widest = 0;
  path.program.moves.forEach((move, i) => {
    if (move.kind !== 'feed' || path.played.inFoam[i] === 0) return;
    const takes = path.played.takes[i]!;
    if (takes - move.askedS <= 0.1 * move.askedS) return;
    extra += takes - move.askedS;
    const kerf = path.cutting.leftKerf[i]!;
    if (Number.isFinite(kerf))
      widest = Math.max(widest, kerf - h.slot((path.cutting.leftFeed[i]! * takes) / move.askedS));
  });
  if (extra > 0.5 || (extra > 0.1 && widest > 0.1))
    found.add('machine-slower', 'note', null, { seconds: extra, wider: widest, kerf: path.kerfMm });
}
