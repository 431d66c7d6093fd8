import { cookies } from 'next/headers';
import { faultsOf } from '@/core/documents/faults';
import { Refusal, route } from '@/server/http';
import { exportTemplates, templateQuerySchema } from '@/server/plans';
import { profileFrom, UNITS_COOKIE } from '@/ui/unitsCookie';

export const dynamic = 'force-dynamic';
/** Templates at full size: ?format=svg|dxf|pdf|list, of one piece by end and side, on a4, a3 or letter. */
export const GET = route(async (request: Request, ctx: { params: Promise<{ plan: string }> }) => {
  const query = templateQuerySchema.safeParse(Object.fromEntries(new URL(request.url).searchParams));
  if (!query.success) throw new Refusal(422, faultsOf(query.error));
  const units = profileFrom((await cookies()).get(UNITS_COOKIE)?.value);
  return exportTemplates((await ctx.params).plan, query.data, units);
});
