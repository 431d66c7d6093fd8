import type { Job, JobOf } from '../../documents/job';
import type { Machine } from '../../documents/machine';
import { LINE_FAULTS, type MotionFigures, type Replay, type ReplayFigures } from '../../documents/motion';
import { drafts, figuresOf } from '../drafts';
import { jobCut, type JobCut } from '../jobs/cut';
import { withFoam } from '../jobs/work';
import { atFeedOf } from '../template/heat';
import { cuttingOf, forecastOf, type Cutting } from './cutting';
import { Found, judge, ofFaults } from './judge';
import { outlinePath, type OutlinePath } from './outline';
import { endsOf, play, type Played } from './play';
import { readCode } from './read';
import { writeCode, type Written } from './write';

/** A job's path with what a drawing needs of it, beside its document. */
export interface Motion {
  readonly figures: MotionFigures;
  readonly path: OutlinePath | null;
}

/** The rig as an outline is cut on it: the block's foam before its wire. */
export const motionCut = (
  job: { readonly blockMm: readonly [number, number, number] },
  rig: Job['rig'],
): JobCut => jobCut(withFoam(rig, job.blockMm[1], job.blockMm[2]));

/** The path of a job on motor towers: where the wire goes, how long it takes, its code, and what is foretold of it. `day`: for the code's head. */
export function motionOf(job: JobOf<'outline'>, rig: Job['rig'], day: string | null = null): Motion {
  const found = new Found();
  const cut = motionCut(job, rig);
  rigStops(found, cut);
  const h = atFeedOf(cut.e);
  const none = (): Motion => ({
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
      findings: found.list(),
    },
  });
  if (!h) {
    found.add('no-feed', 'stop', null);
    return none();
  }
  const path = outlinePath(job, h, cut.warmUpS, found);
  if (!path) return none();
  const m = job.machine;
  const written = withHead(path, job, rig, h.advised, day);
  const { code, lineOf } = writeCode(m, path.program.start, written);
  // What is found is told by the lines of its code.
  const lines = lineOf.filter((_, i) => !('comment' in written[i]!));
  const moves = path.program.moves.map((move, i) => ({ ...move, line: lines[i]! }));
  const played = { ...path.played, program: { ...path.program, moves } };
  judge(found, played, path.cutting, h, m, job.blockMm);
  slower(found, path);
  stretches(found, played, rig);
  const findings = found.list();
  return {
    path: { ...path, program: played.program, played },
    figures: {
      format: 'upwind-rod/motion',
      version: 1,
      passes: [{ turnDeg: 0, kerfMm: path.kerfMm, nodes: nodesOf(path, m) }],
      bridgesMm: path.bridgesMm,
      wireStretchMm: played.wireMm[1] - played.wireMm[0],
      code: findings.some((f) => f.level === 'stop') ? '' : code,
      timeS: played.total,
      forecast: forecastOf(played, path.cutting),
      deviations: [...path.deviations],
      findings,
    },
  };
}

/** A rig that must not be powered is told, whatever it is to cut. */
function rigStops(found: Found, cut: JobCut): void {
  const stop = drafts(cut.e).find((d) => d.level === 'stop');
  if (stop) {
    const { code, values } = figuresOf(stop);
    found.add('rig-stopped', 'stop', null, { ...values, code });
  }
}

function nodesOf(path: OutlinePath, m: Machine): MotionFigures['passes'][number]['nodes'] {
  return path.program.moves.map((move, i) => {
    const { left, right } = endsOf(m, move.at);
    return { left, right, askedS: move.askedS, takesS: path.played.takes[i]!, what: path.what[i]! };
  });
}

const short = (x: number) => String(Number(x.toPrecision(3)));

/** The program with its head in words, and a comment wherever it turns from a slit to a loop. */
function withHead(
  path: OutlinePath,
  job: JobOf<'outline'>,
  rig: Job['rig'],
  feed: number,
  day: string | null,
): Written[] {
  const m = job.machine;
  const head = [
    job.name || 'outline',
    ...(day ? [day] : []),
    `rig ${rig.name || 'without a name'}, ${rig.foam.kind} ${short(rig.foam.densityKgM3)} kg/m3`,
    `kerf ${short(path.kerfMm)} mm, feed ${short(feed)} mm/s`,
    `block ${job.blockMm.map(short).join(' x ')} mm, zero is its front lower edge`,
    m.code.feed === 'G93'
      ? 'F is one over the minutes of each move'
      : `F is the speed of ${m.code.means === 'all' ? 'all axes together' : m.code.means === 'xyz' ? 'X Y Z' : 'X Y'}`,
  ];
  const out: Written[] = head.map((comment) => ({ comment }));
  let was: string | null = null;
  path.program.moves.forEach((move, i) => {
    const is = path.what[i]!;
    if ((is === 'slit' || is === 'loop') && is !== was) {
      out.push({ comment: is });
      was = is;
    }
    const { line: _, ...rest } = move;
    out.push(i > 0 && path.what[i] === 'heat' && move.kind === 'wait' ? { ...rest, note: 'warm-up' } : rest);
  });
  return out;
}

/** Share of the way on which the machine takes more than a tenth longer than asked, and what it melts. */
function slower(found: Found, path: OutlinePath): void {
  let extra = 0;
  let widest = 0;
  path.program.moves.forEach((move, i) => {
    if (move.kind !== 'feed' || path.played.inFoam[i] === 0) return;
    const more = path.played.takes[i]! - move.askedS;
    if (more > 0.1 * move.askedS) extra += more;
    if (more > 0.1 * move.askedS && Number.isFinite(path.cutting.leftKerf[i]))
      widest = Math.max(widest, path.cutting.leftKerf[i]! - path.kerfMm);
  });
  if (extra > 0.5 || widest > 0.1)
    found.add('machine-slower', 'note', null, { seconds: extra, wider: widest, kerf: path.kerfMm });
}

/** The wire's change of length between the towers against what its take-up gives. */
function stretches(found: Found, p: Played, rig: Job['rig']): void {
  const by = p.wireMm[1] - p.wireMm[0];
  const travel = rig.tension.travelMm;
  if (by > 0.5 && (travel === null || by > travel))
    found.add('wire-stretches', travel === null ? 'note' : 'fix', null, { by, travel });
}

/** Motion code from anywhere, played on a machine and judged. */
export function replayOf(r: Replay): { figures: ReplayFigures; played: Played; cutting: Cutting | null } {
  const found = new Found();
  const program = readCode(r.code, r.machine);
  ofFaults(found, program.faults, r.unknown);
  const cut = motionCut(r, r.rig);
  rigStops(found, cut);
  const h = atFeedOf(cut.e);
  if (!h) found.add('no-feed', 'stop', null);
  const played = play(program, r.machine, r.blockMm);
  const cutting = h ? cuttingOf(played, h) : null;
  judge(found, played, cutting, h, r.machine, r.blockMm);
  stretches(found, played, r.rig);
  const faults: readonly string[] = LINE_FAULTS;
  const refused = found.list().some((f) => f.level === 'stop' && faults.includes(f.code));
  return {
    played,
    cutting,
    figures: {
      format: 'upwind-rod/replay',
      version: 1,
      lines: r.code.split(/\r\n|\r|\n/).length,
      timeS: played.total,
      forecast: cutting && !refused ? forecastOf(played, cutting) : null,
      findings: found.list(),
    },
  };
}
