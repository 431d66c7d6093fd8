import type { JobOf } from '../../documents/job';
import { apart, type Pt } from '../../numeric/polyline';
import type { JobCut } from '../jobs/cut';
import { blankOf } from '../template/blank';
import { wantedOf } from '../template/ends';
import type { Slots } from '../template/feedSchedule';
import { forecastOf, type ProfileDeviation } from '../template/forecast';
import type { AtFeed } from '../template/heat';
import { passesOf } from '../template/passes';
import type { Pass } from '../template/pass';
import { pacedAndForeseen } from '../template/settle';
import { slantOf } from '../template/slant';
import { feedsOf, paceOptions } from '../template/paceOptions';
import { allowedBy, shiftedPass, shiftsOf } from './coreShift';
import { NEAREST_MM } from './course';
import { cuttingOf } from './cutting';
import type { Found } from './judged';
import { ofCourse, type JobPath } from './path';
import { planOnTowers } from './planOnTowers';
import { ENDS } from '../template/nominalSection';
import { edgesBy, blockOf, placer, leadsOf } from './coreLeads';
import { courseOver } from './coreCourse';
import { worstOf, told } from './coreTold';

/** A core's path. `passes`: the lines that the wire's middle runs along on both faces, laid out as the sections are. */
export interface CorePath extends JobPath {
  readonly kind: 'core';
  readonly passes: readonly Pass[];
  /** What is wanted on the left and on the right face of the block. */
  readonly faces: readonly [readonly Pt[], readonly Pt[]];
  readonly forecast: readonly (readonly ProfileDeviation[])[];
}

/** A core led by towers: both faces' lines half a kerf off, each station at its second, shifted once more by what each face's own feed melts. */
export function corePath(job: JobOf<'core'>, h: AtFeed, cut: JobCut, found: Found): CorePath | null {
  const asked = planOnTowers(job, cut.rig);
  const wanted = { root: wantedOf(asked, 'root'), tip: wantedOf(asked, 'tip') };
  const stretch = slantOf(asked, wanted.root, wanted.tip).stretch;
  const none = edgesBy(wanted, { root: 0, tip: 0 });
  const feed = feedsOf(passesOf(asked, wanted.root, wanted.tip, none.root, none.tip), h);
  const slots: Slots = { root: h.slot(feed.root!), tip: h.slot(feed.tip!) };
  const sense = asked.template.round === 'inside' ? -1 : 1;
  const edges = edgesBy(wanted, { root: (sense * slots.root) / 2, tip: (sense * slots.tip) / 2 });
  const blank = blankOf(asked, wanted.root, wanted.tip, Math.max(slots.root, slots.tip), cut.e, stretch);
  const block = blockOf(asked, blank);
  const place = placer(asked, blank);
  if (!blank.fits) found.add('blank-too-small', 'fix', null, { ...blank.lacks });
  const plan = {
    ...asked,
    template: { ...asked.template, ...leadsOf(asked, edges, wanted, place, block, job.marginMm) },
  };
  const lines = passesOf(plan, wanted.root, wanted.tip, edges.root, edges.tip);
  const paced = lines.map((pass) => pacedAndForeseen(pass, h, slots, paceOptions(plan)).paced);
  const led = (passes: readonly Pass[]) => courseOver(job, passes, paced, place, block, cut.warmUpS);
  if (job.machine.right === null && lines.some((p) => !alike(p))) {
    found.add('ends-coupled', 'stop', null);
    return null;
  }
  // One more round: each face by the kerf of its own feed, as the machine takes it.
  const first = led(lines);
  const shifts = lines.map((pass, i) => shiftsOf(pass, first.taken[i]!, h, slots, sense));
  const shifted = lines.map((pass, i) => shiftedPass(pass, shifts[i]!));
  const last = led(shifted);
  const allowed = shifted.map((pass, i) => allowedBy(pass, shifts[i]!, slots, sense));
  const forecast = shifted.map((pass, i) => forecastOf(pass, last.taken[i]!, h, slots, allowed[i]!));
  const core = worstOf(forecast);
  const off = Math.max(...ENDS.map((e) => Math.abs(core[e].offMm)), Math.abs(core.middle.offMm));
  if (off > plan.toleranceMm) found.add('core-off', 'fix', null, { off, tolerance: plan.toleranceMm });
  const { program, played } = last;
  const loops = ENDS.map((e) => wanted[e].lay(wanted[e].loop).map(place));
  return {
    kind: 'core',
    program,
    played,
    ...ofCourse(last.course),
    cutting: cuttingOf(played, h),
    block,
    passes: shifted,
    forecast,
    loops,
    faces: job.rootAt === 'left' ? [loops[0]!, loops[1]!] : [loops[1]!, loops[0]!],
    kerfMm: slots.root,
    bridgesMm: null,
    deviations: told(forecast, allowed, place),
    core,
    head: [
      `root at the ${job.rootAt} tower, kerf ${slots.root.toFixed(2)} mm at the root and ${slots.tip.toFixed(2)} mm at the tip`,
    ],
  };
}

const alike = (pass: Pass) =>
  pass.root.points.length === pass.tip.points.length &&
  pass.root.points.every((p, i) => apart(p, pass.tip.points[i]!) < NEAREST_MM);
