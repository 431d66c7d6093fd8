import { route } from '@/server/http';
import { hangWire } from '@/server/stock';

/** A wire is hung: its metres come off the spool. */
export const POST = route(async (request: Request, ctx: { params: Promise<{ id: string }> }) =>
  hangWire((await ctx.params).id, request),
);
