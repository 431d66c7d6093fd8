import { cookies } from 'next/headers';
import { route } from '@/server/http';
import { exportRecipe } from '@/server/recipe';
import { profileFrom, UNITS_COOKIE } from '@/ui/unitsCookie';

export const dynamic = 'force-dynamic';
/** The recipe card as PDF, in the units of who asks. */
export const GET = route(async (_: Request, ctx: { params: Promise<{ id: string }> }) => {
  const units = profileFrom((await cookies()).get(UNITS_COOKIE)?.value);
  return exportRecipe((await ctx.params).id, units);
});
