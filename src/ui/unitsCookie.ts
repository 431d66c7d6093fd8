import { PROFILES, type Profile } from '@/core/units/profile';

export const UNITS_COOKIE = 'upwind-units';

/** Which profile a cookie's text names; metric where it names none. */
export function profileFrom(cookie: string | undefined): Profile {
  return PROFILES.find((p) => p === cookie) ?? 'metric';
}
