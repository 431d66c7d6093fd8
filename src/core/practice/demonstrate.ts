import { matching, trackOf, type Course, type Mark } from './course';
import { STEP_S, type Aim } from './run';

/** The longest that a run is led, s. */
export const LONGEST_S = 600;

/** How the program itself leads a course: at its feed, standing at each corner. Aims of the hands, one a step. */
export function demonstration(course: Course, feed = course.feed, waits = true, dt = STEP_S): Aim[] {
  const near = trackOf(course.near, course.faces.near);
  const far = trackOf(course.far, course.faces.far);
  const out: Aim[] = [];
  const stops: (Mark & { left: number })[] = course.marks
    .filter((m) => m.waitS > 0 && waits)
    .map((m) => ({ ...m, left: m.waitS }));
  let arc = 0;
  const most = LONGEST_S / dt;
  while (arc < near.length && out.length < most) {
    const stop = stops.find((s) => s.left > 0 && arc >= s.near);
    if (stop) stop.left -= dt;
    else {
      const to = arc + leadOf(course, arc, feed) * dt;
      const next = stops.find((s) => s.left > 0 && arc < s.near);
      arc = Math.min(to, next?.near ?? Infinity, near.length);
    }
    out.push({ near: arc, far: matching(course, arc) });
  }
  // The hands come to where they aimed.
  for (let t = 0; t < 1; t += dt) out.push({ near: near.length, far: far.length });
  return out;
}

/** Feed of the near end where the longer one goes at `feed`. */
function leadOf(course: Course, arc: number, feed: number): number {
  const over =
    (matching(course, arc + 1) - matching(course, Math.max(0, arc - 1))) / (arc + 1 - Math.max(0, arc - 1));
  return feed / Math.max(1, over);
}
