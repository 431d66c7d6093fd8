import { route } from '@/server/http';
import { removeCut } from '@/server/rigs';

export const DELETE = route(async (_: Request, ctx: { params: Promise<{ id: string; cut: string }> }) => {
  const { id, cut } = await ctx.params;
  return removeCut(id, cut);
});
