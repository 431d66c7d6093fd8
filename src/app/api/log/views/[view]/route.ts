import { route } from '@/server/http';
import { dropView } from '@/server/logbook';

export const DELETE = route(async (_: Request, ctx: { params: Promise<{ view: string }> }) =>
  dropView((await ctx.params).view),
);
