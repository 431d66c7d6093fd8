import { route } from '@/server/http';
import { addStock } from '@/server/stock';

export const POST = route(async (request: Request, ctx: { params: Promise<{ kind: string }> }) =>
  addStock((await ctx.params).kind, request),
);
