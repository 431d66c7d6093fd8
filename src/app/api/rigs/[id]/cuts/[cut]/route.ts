import { cutAfterSchema } from '@/core/documents/log';
import { readBody, route, SIZES } from '@/server/http';
import { amendCut, removeCut } from '@/server/rigs';

export const DELETE = route(async (_: Request, ctx: { params: Promise<{ id: string; cut: string }> }) => {
  const { id, cut } = await ctx.params;
  return removeCut(id, cut);
});

export const PUT = route(async (request: Request, ctx: { params: Promise<{ id: string; cut: string }> }) => {
  const { id, cut } = await ctx.params;
  return amendCut(id, cut, await readBody(request, cutAfterSchema, SIZES.rig));
});
