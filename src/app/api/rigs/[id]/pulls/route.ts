import { pullReadingSchema } from '@/core/documents/pull';
import { readBody, route, SIZES } from '@/server/http';
import { listPulls, logPull } from '@/server/pulls';

export const GET = route(async (_: Request, ctx: { params: Promise<{ id: string }> }) =>
  listPulls((await ctx.params).id),
);

export const POST = route(async (request: Request, ctx: { params: Promise<{ id: string }> }) =>
  logPull((await ctx.params).id, await readBody(request, pullReadingSchema, SIZES.rig)),
);
