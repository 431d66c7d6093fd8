import type { JobOf } from '../../documents/job';

type Turned = Pick<JobOf<'turned'>, 'profile' | 'sideProfile' | 'sides' | 'blockMm'>;

/** Distance of a profile from the axis at a place along it, mm: as it runs on beyond its ends. At a step, on the near side of it. */
export function profileAt(profile: Turned['profile'], x: number): number {
  const after = profile.findIndex((p) => p[0] >= x);
  if (after < 0) return profile.at(-1)![1];
  if (after === 0) return profile[0]![1];
  const [a, b] = [profile[after - 1]!, profile[after]!];
  return b[0] > a[0] ? a[1] + ((x - a[0]) / (b[0] - a[0])) * (b[1] - a[1]) : b[1];
}

/**
 * How far a turned piece reaches from its axis at a place along it, in a direction, mm: the intersection of what each pass leaves, a half space up to
 * its profile, and of the block. Directions in degrees, 90 is up as the block lies at first.
 */
export function reachOf(job: Turned, x: number, deg: number): number {
  const [, wide, high] = job.blockMm;
  const cos = (to: number) => Math.cos(((deg - to) * Math.PI) / 180);
  let reach = Infinity;
  for (let k = 0; k < job.sides; k++) {
    const facing = cos(90 - (360 / job.sides) * k);
    const profile = k % 2 === 1 && job.sideProfile ? job.sideProfile : job.profile;
    if (facing > 1e-9) reach = Math.min(reach, profileAt(profile, x) / facing);
  }
  for (const [to, half] of [
    [0, wide / 2],
    [180, wide / 2],
    [90, high / 2],
    [270, high / 2],
  ] as const)
    if (cos(to) > 1e-9) reach = Math.min(reach, half / cos(to));
  return reach;
}

/** Places along a turned piece that its skin is drawn by: its profiles' points, on both sides of a step. */
export function placesOf(job: Turned): number[] {
  const STEP = 1e-3;
  const xs = [...job.profile, ...(job.sideProfile ?? [])].flatMap(([x]) => [x - STEP, x + STEP]);
  const [from, to] = [job.profile[0]![0], job.profile.at(-1)![0]];
  return [...new Set([from, ...xs, to])].filter((x) => x >= from && x <= to).sort((a, b) => a - b);
}
