import { loggedCutSchema } from '@/core/documents/log';
import { readBody, route, SIZES } from '@/server/http';
import { logCut } from '@/server/rigs';

export const POST = route(async (request: Request, ctx: { params: Promise<{ id: string }> }) =>
  logCut((await ctx.params).id, await readBody(request, loggedCutSchema, SIZES.rig)),
);
