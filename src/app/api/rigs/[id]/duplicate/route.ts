import { route } from '@/server/http';
import { duplicateRig } from '@/server/rigs';

export const POST = route(async (_: Request, ctx: { params: Promise<{ id: string }> }) =>
  duplicateRig((await ctx.params).id),
);
