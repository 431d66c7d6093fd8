import { readBody, refusal, route, SIZES } from '@/server/http';
import { archiveRig, openRig, patchSchema, removeRig, saveRig, saveSchema } from '@/server/rigs';

export const dynamic = 'force-dynamic';
type Ctx = { params: Promise<{ id: string }> };

export const GET = route(async (_: Request, ctx: Ctx) => {
  const open = await openRig((await ctx.params).id);
  if (!open) throw refusal(404, 'not-found', 'There is no such rig.');
  return open;
});
/** Saves a rig made on revision `base`; 409 with the newer one where another save came first. At most 256 kB. */
export const PUT = route(async (request: Request, ctx: Ctx) =>
  saveRig((await ctx.params).id, await readBody(request, saveSchema, SIZES.rig)),
);
export const PATCH = route(async (request: Request, ctx: Ctx) =>
  archiveRig((await ctx.params).id, await readBody(request, patchSchema, SIZES.rig)),
);
export const DELETE = route(async (_: Request, ctx: Ctx) => removeRig((await ctx.params).id));
