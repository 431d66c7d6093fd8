import { z } from 'zod';
import { piecePlanSchema } from '@/core/documents/plan';
import { readBody, route, SIZES } from '@/server/http';
import { putPlan, removePlan } from '@/server/plans';

const bodySchema = z.strictObject({ base: z.number().int().min(1), doc: piecePlanSchema });
type Ctx = { params: Promise<{ plan: string }> };

export const PUT = route(async (request: Request, ctx: Ctx) => {
  const { base, doc } = await readBody(request, bodySchema, SIZES.plan);
  return putPlan((await ctx.params).plan, base, doc);
});
export const DELETE = route(async (_: Request, ctx: Ctx) => removePlan((await ctx.params).plan));
