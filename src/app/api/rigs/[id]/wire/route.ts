import { route } from '@/server/http';
import { wireState } from '@/server/wire';

export const dynamic = 'force-dynamic';
export const GET = route(async (_: Request, ctx: { params: Promise<{ id: string }> }) =>
  wireState((await ctx.params).id),
);
