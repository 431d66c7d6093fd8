import { eventSchema } from '@/core/documents/event';
import { addEvent, listEvents } from '@/server/events';
import { readBody, route, SIZES } from '@/server/http';

export const dynamic = 'force-dynamic';
export const GET = route(async (_: Request, ctx: { params: Promise<{ id: string }> }) =>
  listEvents((await ctx.params).id),
);
export const POST = route(async (request: Request, ctx: { params: Promise<{ id: string }> }) =>
  addEvent((await ctx.params).id, await readBody(request, eventSchema, SIZES.rig)),
);
