import { cookies } from 'next/headers';
import { route } from '@/server/http';
import { exportSheet } from '@/server/sheet';
import { profileFrom, UNITS_COOKIE } from '@/ui/unitsCookie';

export const dynamic = 'force-dynamic';
/** The sheet of a rig as PDF, in the units of who asks. */
export const GET = route(async (_: Request, ctx: { params: Promise<{ id: string }> }) => {
  const units = profileFrom((await cookies()).get(UNITS_COOKIE)?.value);
  return exportSheet((await ctx.params).id, units);
});
