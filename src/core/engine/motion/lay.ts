import type { JobOf } from '../../documents/job';
import { boxOf, type Pt } from '../../numeric/polyline';

/** Where the wire comes in: where the job says, else before the block's front face, half-way up. mm. */
export const entryOf = (job: Pick<JobOf<'outline'>, 'entry' | 'marginMm' | 'blockMm'>): Pt =>
  job.entry ?? [-job.marginMm, job.blockMm[2] / 2];

/** Loops of an outline job as they lie on the block: the parts laid out, or all as they are drawn. One list for each part. */
export function laidOut(job: Pick<JobOf<'outline'>, 'loops' | 'parts'>): Pt[][][] {
  if (job.parts === null) return [job.loops.map((l) => l.map(([x, y]): Pt => [x, y]))];
  return job.parts.map((part) => {
    const own = part.loops.map((i) => job.loops[i]!);
    const box = boxOf(own.flat());
    const [mx, my] = [(box.x0 + box.x1) / 2, (box.y0 + box.y1) / 2];
    const a = (part.turnDeg * Math.PI) / 180;
    const [c, s] = [Math.cos(a), Math.sin(a)];
    const turned = own.map((l) =>
      l.map(([x, y]): Pt => {
        const [dx, dy] = [part.mirrored ? mx - x : x - mx, y - my];
        return [c * dx - s * dy, s * dx + c * dy];
      }),
    );
    const now = boxOf(turned.flat());
    return turned.map((l) => l.map(([x, y]): Pt => [x - now.x0 + part.at[0], y - now.y0 + part.at[1]]));
  });
}
