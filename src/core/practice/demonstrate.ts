import { TRACE_S } from '../documents/practice';
import { feedOf, matching, trackOf, type Course, type Mark } from './course';
import { STEP_S } from './run';
import { type Aim } from './moment';

/** How the program itself leads a course: at its feed, standing at each corner. Aims of the hands, one a step. */
export function demonstration(course: Course, feed = course.feed, waits = true, dt = STEP_S): Aim[] {
  const near = trackOf(course.near, course.faces.near);
  const far = trackOf(course.far, course.faces.far);
  const out: Aim[] = [];
  const stops: (Mark & { left: number })[] = course.marks
    .filter((m) => m.waitS > 0 && waits)
    .map((m) => ({ ...m, left: m.waitS }));
  let arc = 0;
  const most = TRACE_S / dt;
  while (arc < near.length && out.length < most) {
    const stop = stops.find((s) => s.left > 0 && arc >= s.near);
    if (stop) stop.left -= dt;
    else {
      const to = arc + feedOf(course, 'near', arc, feed) * dt;
      const next = stops.find((s) => s.left > 0 && arc < s.near);
      arc = Math.min(to, next?.near ?? Infinity, near.length);
    }
    out.push({ near: arc, far: matching(course, arc) });
  }
  // The hands come to where they aimed.
  for (let t = 0; t < 1; t += dt) out.push({ near: near.length, far: far.length });
  return out;
}
