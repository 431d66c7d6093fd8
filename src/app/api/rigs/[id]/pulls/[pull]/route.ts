import { route } from '@/server/http';
import { removePull } from '@/server/pulls';

export const DELETE = route(async (_: Request, ctx: { params: Promise<{ id: string; pull: string }> }) => {
  const { id, pull } = await ctx.params;
  return removePull(id, pull);
});
