import { cookies } from 'next/headers';
import { route } from '@/server/http';
import { exportWiring } from '@/server/wiring';
import { profileFrom, UNITS_COOKIE } from '@/ui/unitsCookie';

export const dynamic = 'force-dynamic';
/** The wiring sheet as a file, `?as=svg` or `?as=pdf`, in the units of who asks. */
export const GET = route(async (request: Request, ctx: { params: Promise<{ id: string }> }) => {
  const units = profileFrom((await cookies()).get(UNITS_COOKIE)?.value);
  return exportWiring((await ctx.params).id, new URL(request.url).searchParams.get('as'), units);
});
