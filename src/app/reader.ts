import { cookies } from 'next/headers';
import type { Profile } from '@/core/units/profile';
import { profileFrom, UNITS_COOKIE } from '@/ui/unitsCookie';
import { dayFrom, ZONE_COOKIE } from '@/ui/zoneCookie';

/** Who asks, as their browser told: the units they read in, the day it is where they are (ISO date); and the time here, ms. */
export async function reader(): Promise<{
  readonly profile: Profile;
  readonly day: string;
  readonly now: number;
}> {
  const told = await cookies();
  const now = new Date();
  return {
    now: now.getTime(),
    profile: profileFrom(told.get(UNITS_COOKIE)?.value),
    day: dayFrom(told.get(ZONE_COOKIE)?.value, now),
  };
}
