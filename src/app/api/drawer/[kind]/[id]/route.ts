import { route } from '@/server/http';
import { changeStock, removeStock } from '@/server/stock';

type Ctx = { params: Promise<{ kind: string; id: string }> };

export const PUT = route(async (request: Request, ctx: Ctx) => {
  const { kind, id } = await ctx.params;
  return changeStock(kind, id, request);
});
export const DELETE = route(async (request: Request, ctx: Ctx) => {
  const { kind, id } = await ctx.params;
  return removeStock(kind, id, new URL(request.url).searchParams.get('sure') === '1');
});
