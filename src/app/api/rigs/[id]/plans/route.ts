import { piecePlanSchema } from '@/core/documents/plan';
import { readBody, route, SIZES } from '@/server/http';
import { addPlan, listPlans } from '@/server/plans';

export const dynamic = 'force-dynamic';
export const GET = route(async (_: Request, ctx: { params: Promise<{ id: string }> }) =>
  listPlans((await ctx.params).id),
);
export const POST = route(async (request: Request, ctx: { params: Promise<{ id: string }> }) =>
  addPlan((await ctx.params).id, await readBody(request, piecePlanSchema, SIZES.plan)),
);
