import { route } from '@/server/http';
import { wholePlan } from '@/server/plans';

export const dynamic = 'force-dynamic';
/** A plan as an open document, with its rig: what `rod template` takes. */
export const GET = route(async (_: Request, ctx: { params: Promise<{ plan: string }> }) =>
  wholePlan((await ctx.params).plan),
);
