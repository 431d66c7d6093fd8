import type { JobOf } from '../../documents/job';
import { signedArea, type Pt } from '../../numeric/polyline';
import { coveredBy, grownBy, isSolid, netArea, shiftedBy, solidsOf } from '../../physics/motion/loops';
import { slitsOf } from '../../physics/motion/slits';
import type { JobCut } from '../jobs/cut';
import type { AtFeed } from '../template/heat';
import { again } from './again';
import { cornersOf, deviationsOf } from './corners';
import { contactsOf, fineAt, pointOf, slitBetween } from './fine';
import type { Found } from './judged';
import { entryOf, laidOut } from './lay';
import { slitsMoved } from './parts';
import { wayOver, type OutlinePath } from './wayOver';
import { allowances, looseOver } from './allowances';

/** The path of an outline job: loops grown by half their kerf, reached by the shortest slits, timed, and grown once more by what the machine makes wider. */
export function outlinePath(
  job: JobOf<'outline'>,
  h: AtFeed,
  { warmUpS }: JobCut,
  found: Found,
): OutlinePath | null {
  const [wide, , high] = job.blockMm;
  const entry = entryOf(job);
  if (entry[0] >= 0 && entry[0] <= wide && entry[1] >= 0 && entry[1] <= high) {
    found.add('entry-in-block', 'stop', null, { x: entry[0], y: entry[1] });
    return null;
  }
  const parts = laidOut(job).map(solidsOf);
  const kerf = h.slot(h.advised);
  const all = parts.length === 1 ? parts[0]! : coveredBy(parts.flat());
  const loops = all.filter((l) => Math.abs(signedArea(l)) > kerf * kerf);
  const melted = all.filter((l) => isSolid(l)).length - loops.filter((l) => isSolid(l)).length;
  if (melted > 0) found.add('part-melts', 'note', null, { parts: melted, kerf });
  const centres = grownBy(loops, kerf / 2);
  if (centres.length === 0) {
    found.add('no-part', 'stop', null, { kerf });
    return null;
  }
  lies(found, parts, loops, centres, job, kerf, all.filter((l) => !isSolid(l)).length);
  // The machine is slow about corners and where slits begin: there the loops have points of their own to be moved by.
  const shortest = slitsOf(entry, centres);
  const { slits: contacts, refused } = slitsMoved(shortest, job.slits ?? [], entry, centres);
  if (refused > 0) found.add('slit-refused', 'note', null, { slits: refused });
  let used = centres.map((loop, k) => fineAt(loop, contactsOf(contacts, k)));
  // The slits keep their places while the loops are moved.
  const held = contacts.map((s) => ({
    ...s,
    at: [s.from < 0 ? 0 : pointOf(used[s.from]!, s.start.at), pointOf(used[s.to]!, s.end.at)] as const,
  }));
  const slitsOn = (now: readonly (readonly Pt[])[]) => held.map((s) => slitBetween(s, entry, now));
  let path = wayOver(job, h, warmUpS, entry, used, slitsOn(used));
  // One more round: where the machine is slower than asked the kerf is wider, and the wire's way goes further out.
  const allow = allowances(path, used, kerf);
  if (allow.some((l) => l.some((a) => Math.abs(a) > 1e-4))) {
    used = used.map((loop, k) => shiftedBy(loop, allow[k]!));
    path = wayOver(job, h, warmUpS, entry, used, slitsOn(used));
  }
  const after = allowances(path, used, kerf);
  const loose = looseOver(path, used);
  if (loose > 0) found.add('part-loose', 'note', null, { parts: loose });
  return {
    ...path,
    kind: 'outline',
    core: null,
    head: [],
    block: job.blockMm,
    loops,
    centres: used,
    kerfMm: kerf,
    bridgesMm: path.slits.length > 0 ? again(h, h.slot(h.advised), h.advised) : null,
    deviations: deviationsOf(cornersOf(job.toleranceMm, h), used, allow, after, kerf),
  };
}

/** Parts that touch, holes that close, loops that leave the block. */
function lies(
  found: Found,
  parts: readonly Pt[][][],
  loops: readonly Pt[][],
  centres: readonly Pt[][],
  job: JobOf<'outline'>,
  kerf: number,
  holes: number,
): void {
  const count = (l: readonly (readonly Pt[])[], solid: boolean) => l.filter((x) => isSolid(x) === solid).length;
  const overlap = parts.reduce((sum, p) => sum + netArea(p), 0) - netArea(loops);
  if (overlap > 1e-3 || count(centres, true) < count(loops, true))
    found.add('parts-too-near', 'stop', null, { kerf });
  const closed = holes - count(centres, false);
  if (closed > 0) found.add('hole-closes', 'fix', null, { holes: closed, kerf });
  const [wide, , high] = job.blockMm;
  const out = centres.flat().reduce((most, [x, y]) => Math.max(most, -x, x - wide, -y, y - high), -Infinity);
  if (out > 1e-6) found.add('outside-block', 'fix', null, { by: out });
}
