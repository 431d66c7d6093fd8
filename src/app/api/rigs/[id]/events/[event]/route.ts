import { eventSchema } from '@/core/documents/event';
import { changeEvent, removeEvent } from '@/server/events';
import { readBody, route, SIZES } from '@/server/http';

type Context = { params: Promise<{ id: string; event: string }> };
export const PUT = route(async (request: Request, ctx: Context) => {
  const { id, event } = await ctx.params;
  return changeEvent(id, event, await readBody(request, eventSchema, SIZES.rig));
});
export const DELETE = route(async (_: Request, ctx: Context) => {
  const { id, event } = await ctx.params;
  return removeEvent(id, event);
});
